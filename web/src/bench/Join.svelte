<!-- A student joins: class code, given name, PIN. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Checkbox from 'carbon-components-svelte/src/Checkbox/Checkbox.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { api, ask, entered, session, tell, type Schema } from '../api/client'

  interface Props {
    onjoin: (session: Schema['SessionReply']) => void
    /** Who is asked to sign in again. */
    givenName?: string
  }
  let { onjoin, givenName: asked = '' }: Props = $props()
  let classCode = $state('')
  // svelte-ignore state_referenced_locally
  let givenName = $state(asked)
  let keep = $state(false)
  let pin = $state('')
  let busy = $state(false)
  let complaint = $state('')

  async function join(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    busy = true
    complaint = ''
    try {
      // A page that has stood open for long may have a token of another day.
      await session('student')
      const reply = await ask(
        api.POST('/api/v1/bench/session', { body: { classCode, givenName, pin, keep } }),
      )
      onjoin(entered('student', reply))
    } catch (error) {
      complaint = tell(error)
    } finally {
      busy = false
    }
  }
</script>

<main>
  <form onsubmit={join}>
    <h1>Come to the Bench</h1>
    <p class="quiet">
      Your teacher has told you the class code and your PIN. Or point the camera at your card.
    </p>
    <TextInput labelText="Class code" autocomplete="off" autocapitalize="characters" bind:value={classCode} />
    <TextInput labelText="Your given name" autocomplete="off" bind:value={givenName} />
    <TextInput labelText="PIN" inputmode="numeric" autocomplete="off" bind:value={pin} />
    <Checkbox labelText="This is my own tablet: keep me signed in" bind:checked={keep} />
    {#if complaint}<p class="complaint" role="alert">{complaint}</p>{/if}
    <Button type="submit" disabled={busy}>Start</Button>
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
  p {
    margin: 0;
  }
  .complaint {
    padding-left: 12px;
    border-left: 4px solid var(--marking);
  }
</style>
