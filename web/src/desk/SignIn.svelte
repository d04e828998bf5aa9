<!-- A teacher signs in or, where the school allows it, makes an account. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Checkbox from 'carbon-components-svelte/src/Checkbox/Checkbox.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { api, ask, entered, session, tell, type Schema } from '../api/client'
  import Card from './Card.svelte'
  import { school } from '../shared/school'
  import { t } from '../said/said.svelte'
  import PasswordBox from './PasswordBox.svelte'

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

<Card title={fresh ? t('desk.sign-in.title-new') : t('desk.sign-in.title')} onsubmit={enter}>
  <TextInput labelText={t('shared.fields.user-name')} autocomplete="username" bind:value={userName} />
  {#if fresh}
    <TextInput labelText={t('desk.sign-in.display-name')} autocomplete="off" bind:value={displayName} />
  {/if}
  <PasswordBox
    labelText={t('shared.fields.password')}
    autocomplete={fresh ? 'new-password' : 'current-password'}
    helperText={fresh ? t('desk.sign-in.password-hint') : ''}
    bind:value={password}
  />
  {#if !fresh}<Checkbox labelText={t('desk.sign-in.own-device')} bind:checked={keep} />{/if}
  {#if complaint}<p class="complaint" role="alert">{complaint}</p>{/if}
  <Button type="submit" disabled={busy}>{fresh ? t('desk.sign-in.make') : t('desk.sign-in.enter')}</Button>
  {#if mayRegister}
    <Button
      kind="ghost"
      on:click={() => {
        fresh = !fresh
        complaint = ''
      }}>{fresh ? t('desk.sign-in.have-account') : t('desk.sign-in.am-new')}</Button
    >
  {:else}
    <p class="quiet">{t('desk.sign-in.ask')}</p>
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
