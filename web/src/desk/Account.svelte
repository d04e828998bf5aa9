<!-- A teacher's own account: name, password, devices. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import PasswordInput from 'carbon-components-svelte/src/TextInput/PasswordInput.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { onMount } from 'svelte'
  import { api, ask, tell, type Schema } from '../api/client'

  let { onrename }: { onrename: (name: string) => void } = $props()
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
      await ask(api.PUT('/api/v1/account', { body: { displayName } }))
      onrename(displayName)
      return 'Your name is changed.'
    })

  const changePassword = (event: SubmitEvent): Promise<void> =>
    guarded(async () => {
      event.preventDefault()
      await ask(api.PUT('/api/v1/account/password', { body: { current, password } }))
      current = password = ''
      await load()
      return 'Your password is changed. You are signed out everywhere else.'
    })

  const signOutElsewhere = (): Promise<void> =>
    guarded(async () => {
      await ask(api.DELETE('/api/v1/account/sessions'))
      await load()
      return 'You are signed out everywhere else.'
    })

  onMount(() => guarded(async () => (await load(), '')))
</script>

<main>
  <h1>Your account</h1>
  {#if said}<p role="status">{said}</p>{/if}
  {#if failure}<p class="failure" role="alert">{failure}</p>{/if}
  {#if account}
    <form onsubmit={rename}>
      <h2>Name</h2>
      <p class="quiet">You sign in as {account.userName}.</p>
      <TextInput labelText="Name that others see" bind:value={displayName} />
      <Button type="submit" kind="tertiary" size="field">Change the name</Button>
    </form>
    <form onsubmit={changePassword}>
      <h2>Password</h2>
      <PasswordInput labelText="Password so far" autocomplete="current-password" bind:value={current} />
      <PasswordInput
        labelText="New password"
        autocomplete="new-password"
        helperText="At least 15 characters; a few words in a row are good."
        bind:value={password}
      />
      <Button type="submit" kind="tertiary" size="field">Change the password</Button>
    </form>
    <section>
      <h2>Devices</h2>
      <p>
        You are signed in at {account.devices === 1
          ? 'this device only'
          : `${account.devices} devices, this one among them`}.
      </p>
      {#if account.devices > 1}
        <Button kind="tertiary" size="field" on:click={signOutElsewhere}>Sign out everywhere else</Button>
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
    font-size: 28px;
  }
  h2 {
    font-size: 20px;
  }
  form,
  section {
    display: grid;
    gap: 14px;
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
    padding: 10px 16px;
    background: #fff;
    border-left: 4px solid var(--brass-light);
  }
  p.failure {
    border-color: var(--marking);
  }
</style>
