import { mount } from 'svelte'
import '../shared/styles'
import Door from './Door.svelte'

mount(Door, { target: document.getElementById('app')! })
