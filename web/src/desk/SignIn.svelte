<!-- A teacher signs in, or makes an account. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import PasswordInput from 'carbon-components-svelte/src/TextInput/PasswordInput.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { api, ask, entered, tell, type Schema } from '../api/client'

  let { onenter }: { onenter: (session: Schema['SessionReply']) => void } = $props()
  let fresh = $state(false)
  let userName = $state('')
  let displayName = $state('')
  let password = $state('')
  let busy = $state(false)
  let complaint = $state('')

  async function enter(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    busy = true
    try {
      const reply = fresh
        ? await ask(api.POST('/api/v1/teachers', { body: { userName, displayName, password } }))
        : await ask(api.POST('/api/v1/session', { body: { userName, password } }))
      onenter(entered('teacher', reply))
    } catch (error) {
      complaint = tell(error)
    } finally {
      busy = false
    }
  }
</script>

<main>
  <form onsubmit={enter}>
    <h1>{fresh ? 'A desk of your own' : 'Sit down at the Desk'}</h1>
    <TextInput labelText="User name" autocomplete="username" bind:value={userName} />
    {#if fresh}
      <TextInput labelText="Name that students see" autocomplete="off" bind:value={displayName} />
    {/if}
    <PasswordInput
      labelText="Password"
      autocomplete={fresh ? 'new-password' : 'current-password'}
      helperText={fresh ? 'At least 10 characters; a few words in a row are good.' : ''}
      bind:value={password}
    />
    {#if complaint}<p class="complaint" role="alert">{complaint}</p>{/if}
    <Button type="submit" disabled={busy}>{fresh ? 'Make the account' : 'Sign in'}</Button>
    <Button
      kind="ghost"
      on:click={() => {
        fresh = !fresh
        complaint = ''
      }}>{fresh ? 'I have an account' : 'I am new here'}</Button
    >
  </form>
</main>

<style>
  main {
    display: grid;
    place-items: center;
    min-height: 80vh;
    padding: 24px;
  }
  form {
    display: flex;
    flex-direction: column;
    gap: 20px;
    width: min(400px, 100%);
    padding: 32px;
    background: #fff;
  }
  h1 {
    font-size: 28px;
  }
  .complaint {
    margin: 0;
    padding-left: 12px;
    border-left: 4px solid var(--marking);
  }
</style>
