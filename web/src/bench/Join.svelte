<!-- A student joins: class code, given name, PIN. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Checkbox from 'carbon-components-svelte/src/Checkbox/Checkbox.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { api, ask, entered, session, tell, type Schema } from '../api/client'
  import { t } from '../said/said.svelte'

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
    <h1>{t('bench.join.title')}</h1>
    <p class="quiet">{t('bench.join.hint')}</p>
    <TextInput
      labelText={t('shared.fields.class-code')}
      autocomplete="off"
      autocapitalize="characters"
      bind:value={classCode}
    />
    <TextInput labelText={t('bench.join.given-name')} autocomplete="off" bind:value={givenName} />
    <TextInput labelText={t('shared.fields.pin')} inputmode="numeric" autocomplete="off" bind:value={pin} />
    <Checkbox labelText={t('bench.join.own-tablet')} bind:checked={keep} />
    {#if complaint}<p class="complaint" role="alert">{complaint}</p>{/if}
    <Button type="submit" disabled={busy}>{t('bench.join.start')}</Button>
  </form>
</main>

<style>
  :global(main .bx--text-input) {
    height: 44px;
  }
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
    font-size: var(--type-6);
  }
  p {
    margin: 0;
  }
  .complaint {
    padding-left: 12px;
    border-left: 4px solid var(--marking);
  }
</style>
