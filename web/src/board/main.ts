import { mount } from 'svelte'
import '../shared/styles'
import Board from './Board.svelte'

mount(Board, { target: document.getElementById('app')! })
