import { mount } from 'svelte'
import languages from 'virtual:said/door'
import { speak } from '../said/said.svelte'
import '../shared/styles'
import Door from './Door.svelte'

await speak(navigator.languages, languages)
mount(Door, { target: document.getElementById('app')! })
