import { mount } from 'svelte'
import languages from 'virtual:said/desk'
import { chosenBy } from '../said/choices'
import { speak } from '../said/said.svelte'
import '../shared/styles'
import Desk from './Desk.svelte'

// A part of the page that is gone, since the server was brought up to date meanwhile: the new page has its own.
addEventListener('vite:preloadError', () => location.reload())
await speak([chosenBy('desk'), ...navigator.languages], languages)
mount(Desk, { target: document.getElementById('app')! })
