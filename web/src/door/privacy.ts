import { mount } from 'svelte'
import languages from 'virtual:said/door'
import { speak } from '../said/said.svelte'
import '../shared/styles'
import Privacy from './Privacy.svelte'

await speak(navigator.languages, languages)
mount(Privacy, { target: document.getElementById('app')! })
