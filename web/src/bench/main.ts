import { mount } from 'svelte'
import languages from 'virtual:said/bench'
import { chosenBy } from '../said/choices'
import { speak } from '../said/said.svelte'
import '../shared/styles'
import Bench from './Bench.svelte'
import { updates } from './offline.svelte'

await speak([chosenBy('bench'), ...navigator.languages], languages)
mount(Bench, { target: document.getElementById('app')! })
updates.watch()
