import { mount } from 'svelte'
import languages from 'virtual:said/board'
import { speak } from '../said/said.svelte'
import '../shared/styles'
import Board from './Board.svelte'

await speak(navigator.languages, languages)
mount(Board, { target: document.getElementById('app')! })
