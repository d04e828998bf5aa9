import { mount } from 'svelte'
import languages from 'virtual:said/door'
import { speak } from '../said/said.svelte'
import '../shared/styles'
import Lost from './Lost.svelte'

await speak(navigator.languages, languages)
mount(Lost, { target: document.getElementById('app')! })
