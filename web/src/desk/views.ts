/** The views that come once somebody has signed in, or follows an invitation: together, as one piece. */
export { default as Account } from './Account.svelte'
export { default as Cabinet } from './Cabinet.svelte'
export { default as Classes } from './Classes.svelte'
export { default as NewSet } from './NewSet.svelte'
export { default as Results } from './Results.svelte'
export { default as School } from './School.svelte'
export { default as SetsGiven } from './SetsGiven.svelte'
export { default as Welcome } from './Welcome.svelte'
