import { mount } from 'svelte'
import '../shared/styles'
import Desk from './Desk.svelte'

mount(Desk, { target: document.getElementById('app')! })
