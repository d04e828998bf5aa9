import { mount } from 'svelte'
import '../shared/styles'
import Bench from './Bench.svelte'
import { updates } from './offline.svelte'

mount(Bench, { target: document.getElementById('app')! })
updates.watch()
