import { mount } from 'svelte'
import languages from 'virtual:said/board'
import { speak } from '../said/said.svelte'
import '../shared/styles'
import Board from './Board.svelte'

// A part of the page that is gone, since the server was brought up to date meanwhile: the new page has its own.
addEventListener('vite:preloadError', () => location.reload())
await speak(navigator.languages, languages)
mount(Board, { target: document.getElementById('app')! })
