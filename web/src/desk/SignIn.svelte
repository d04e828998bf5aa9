<!-- A teacher signs in or, where the school allows it, makes an account. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Checkbox from 'carbon-components-svelte/src/Checkbox/Checkbox.svelte'
  import PasswordInput from 'carbon-components-svelte/src/TextInput/PasswordInput.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { api, ask, entered, session, tell, type Schema } from '../api/client'
  import Card from './Card.svelte'
  import { school } from '../shared/school'

  let { onenter }: { onenter: (session: Schema['SessionReply']) => void } = $props()
  let fresh = $state(false)
  let mayRegister = $state(false)
  let userName = $state('')
  let displayName = $state('')
  let password = $state('')
  let keep = $state(false)
  let busy = $state(false)
  let complaint = $state('')

  school().then(
    (reply) => (mayRegister = reply.teachersMayRegister),
    () => undefined,
  )

  async function enter(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    busy = true
    complaint = ''
    try {
      // A page that has stood open for long may have a token of another day.
      await session('teacher')
      const reply = fresh
        ? await ask(api.POST('/api/v1/teachers', { body: { userName, displayName, password } }))
        : await ask(api.POST('/api/v1/session', { body: { userName, password, keep } }))
      onenter(entered('teacher', reply))
    } catch (error) {
      complaint = tell(error)
    } finally {
      busy = false
    }
  }
</script>

<Card title={fresh ? 'A desk of your own' : 'Sign in to the Desk'} onsubmit={enter}>
  <TextInput labelText="User name" autocomplete="username" bind:value={userName} />
  {#if fresh}
    <TextInput labelText="Name that others see" autocomplete="off" bind:value={displayName} />
  {/if}
  <PasswordInput
    labelText="Password"
    autocomplete={fresh ? 'new-password' : 'current-password'}
    helperText={fresh ? 'At least 15 characters; a few words in a row are good.' : ''}
    bind:value={password}
  />
  {#if !fresh}<Checkbox labelText="This is my own device: keep me signed in" bind:checked={keep} />{/if}
  {#if complaint}<p class="complaint" role="alert">{complaint}</p>{/if}
  <Button type="submit" disabled={busy}>{fresh ? 'Make the account' : 'Sign in'}</Button>
  {#if mayRegister}
    <Button
      kind="ghost"
      on:click={() => {
        fresh = !fresh
        complaint = ''
      }}>{fresh ? 'I have an account' : 'I am new here'}</Button
    >
  {:else}
    <p class="quiet">
      No account yet, or the password forgotten? Ask whoever looks after the accounts at your school.
    </p>
  {/if}
</Card>

<style>
  .complaint,
  .quiet {
    margin: 0;
  }
  .complaint {
    padding-left: 12px;
    border-left: 4px solid var(--marking);
  }
</style>
