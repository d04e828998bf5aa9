import { mount } from 'svelte'
import '../shared/styles'
import Bench from './Bench.svelte'

mount(Bench, { target: document.getElementById('app')! })
