<!-- A teacher's own account: name, password, devices. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { onMount } from 'svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import LanguageMenu from '../said/LanguageMenu.svelte'
  import { t } from '../said/said.svelte'
  import PasswordBox from './PasswordBox.svelte'

  interface Props {
    onrename: (name: string) => void
    onlanguage: (tag: string) => void
  }
  let { onrename, onlanguage }: Props = $props()
  let account = $state<Schema['AccountReply'] | null>(null)
  let displayName = $state('')
  let current = $state('')
  let password = $state('')
  let said = $state('')
  let failure = $state('')

  async function guarded(work: () => Promise<string>): Promise<void> {
    try {
      said = await work()
      failure = ''
    } catch (error) {
      said = ''
      failure = tell(error)
    }
  }

  const load = async (): Promise<void> => {
    account = await ask(api.GET('/api/v1/account'))
    displayName = account.displayName
  }

  const rename = (event: SubmitEvent): Promise<void> =>
    guarded(async () => {
      event.preventDefault()
      await ask(api.PUT('/api/v1/account', { body: { displayName, language: account!.language } }))
      onrename(displayName)
      return t('desk.account.name-changed')
    })

  const changePassword = (event: SubmitEvent): Promise<void> =>
    guarded(async () => {
      event.preventDefault()
      await ask(api.PUT('/api/v1/account/password', { body: { current, password } }))
      current = password = ''
      await load()
      return t('desk.account.password-changed')
    })

  const signOutElsewhere = (): Promise<void> =>
    guarded(async () => {
      await ask(api.DELETE('/api/v1/account/sessions'))
      await load()
      return t('desk.account.signed-out-elsewhere')
    })

  onMount(() => guarded(async () => (await load(), '')))
</script>

<main>
  <h1>{t('desk.account.title')}</h1>
  {#if said}<p role="status">{said}</p>{/if}
  {#if failure}<p class="failure" role="alert">{failure}</p>{/if}
  {#if account}
    <form onsubmit={rename}>
      <h2>{t('shared.fields.name')}</h2>
      <p class="quiet">{t('desk.account.sign-in-as', { name: account.userName })}</p>
      <TextInput labelText={t('desk.sign-in.display-name')} bind:value={displayName} />
      <Button type="submit" kind="tertiary" size="field">{t('desk.account.change-name')}</Button>
    </form>
    <form onsubmit={changePassword}>
      <h2>{t('shared.fields.password')}</h2>
      <PasswordBox
        labelText={t('shared.fields.current')}
        autocomplete="current-password"
        bind:value={current}
      />
      <PasswordBox
        labelText={t('shared.fields.new-password')}
        autocomplete="new-password"
        helperText={t('desk.sign-in.password-hint')}
        bind:value={password}
      />
      <Button type="submit" kind="tertiary" size="field">{t('desk.account.change-password')}</Button>
    </form>
    <section>
      <h2>{t('shared.language')}</h2>
      <p class="quiet">{t('desk.account.language-hint')}</p>
      <LanguageMenu onpick={onlanguage} />
    </section>
    <section>
      <h2>{t('desk.account.devices')}</h2>
      <p>{t('desk.account.signed-in-at', { count: account.devices })}</p>
      {#if account.devices > 1}
        <Button kind="tertiary" size="field" on:click={signOutElsewhere}
          >{t('desk.account.sign-out-elsewhere')}</Button
        >
      {/if}
    </section>
  {/if}
</main>

<style>
  main {
    max-width: 560px;
    margin: 0 auto;
    padding: 36px 24px;
  }
  h1 {
    margin-bottom: 16px;
    font-size: var(--type-6);
  }
  h2 {
    font-size: var(--type-4);
  }
  form,
  section {
    display: grid;
    gap: 16px;
    justify-items: start;
    margin-bottom: 16px;
    padding: 24px;
    background: #fff;
  }
  p {
    margin: 0;
  }
  p[role] {
    margin-bottom: 16px;
    padding: 8px 16px;
    background: #fff;
    border-left: 4px solid var(--brass-light);
  }
  p.failure {
    border-color: var(--marking);
  }
</style>
