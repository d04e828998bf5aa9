import { mount } from 'svelte'
import '../shared/styles'
import Privacy from './Privacy.svelte'

mount(Privacy, { target: document.getElementById('app')! })
