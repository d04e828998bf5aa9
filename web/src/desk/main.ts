import { mount } from 'svelte'
import languages from 'virtual:said/desk'
import { chosenBy } from '../said/choices'
import { speak } from '../said/said.svelte'
import '../shared/styles'
import Desk from './Desk.svelte'

await speak([chosenBy('desk'), ...navigator.languages], languages)
mount(Desk, { target: document.getElementById('app')! })
