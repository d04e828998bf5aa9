<!-- What a one-time address opens: a new account, or a new password. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { onMount } from 'svelte'
  import { api, ask, entered, session, tell, type Schema } from '../api/client'
  import Card from './Card.svelte'
  import { t } from '../said/said.svelte'
  import PasswordBox from './PasswordBox.svelte'

  interface Props {
    /** The key of the address. */
    key: string
    onenter: (session: Schema['SessionReply']) => void
  }
  let { key, onenter }: Props = $props()
  let link = $state<Schema['LinkReply'] | null>(null)
  let userName = $state('')
  let displayName = $state('')
  let password = $state('')
  let busy = $state(false)
  let complaint = $state('')
  const isNew = $derived(link?.purpose === 'invitation')

  onMount(async () => {
    try {
      await session('teacher')
      link = await ask(api.POST('/api/v1/links', { body: { key } }))
    } catch (error) {
      complaint = tell(error)
    }
  })

  async function enter(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    busy = true
    complaint = ''
    try {
      await session('teacher')
      const reply = isNew
        ? await ask(api.POST('/api/v1/links/invitation', { body: { key, userName, displayName, password } }))
        : await ask(api.POST('/api/v1/links/password', { body: { key, password } }))
      location.replace('#/')
      onenter(entered('teacher', reply))
    } catch (error) {
      complaint = tell(error)
    } finally {
      busy = false
    }
  }
</script>

<Card title={link && !isNew ? t('desk.welcome.title-password') : t('desk.welcome.title')} onsubmit={enter}>
  {#if link}
    {#if isNew}
      <p>{link.forHead ? t('desk.welcome.make-head') : t('desk.welcome.make')}</p>
      <TextInput labelText={t('shared.fields.user-name')} autocomplete="username" bind:value={userName} />
      <TextInput labelText={t('desk.sign-in.display-name')} autocomplete="off" bind:value={displayName} />
    {:else}
      <p>{t('desk.welcome.for', { name: link.userName ?? '' })}</p>
    {/if}
    <PasswordBox
      labelText={t('shared.fields.password')}
      autocomplete="new-password"
      helperText={t('desk.sign-in.password-hint')}
      bind:value={password}
    />
  {/if}
  {#if complaint}<p class="complaint" role="alert">{complaint}</p>{/if}
  {#if link}
    <Button type="submit" disabled={busy}>{isNew ? t('desk.sign-in.make') : t('desk.welcome.use')}</Button>
  {:else if complaint}
    <a href="#/">{t('desk.welcome.to-desk')}</a>
  {/if}
</Card>

<style>
  p {
    margin: 0;
  }
  .complaint {
    padding-left: 12px;
    border-left: 4px solid var(--marking);
  }
</style>
