<!-- For whoever looks after the accounts: teachers, invitations, how long things are kept. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Checkbox from 'carbon-components-svelte/src/Checkbox/Checkbox.svelte'
  import NumberInput from 'carbon-components-svelte/src/NumberInput/NumberInput.svelte'
  import { onMount } from 'svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import StaffMember from './StaffMember.svelte'

  let { ownId }: { ownId: string } = $props()
  let staff: Schema['StaffReply'][] = $state([])
  let settings = $state<Schema['SchoolReply'] | null>(null)
  /** An address that was just made; it is told once. */
  let told = $state<{ what: string; address: string; endsAt: string } | null>(null)
  let said = $state('')
  let failure = $state('')
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', hour: '2-digit', minute: '2-digit' })

  async function guarded(work: () => Promise<string | undefined>): Promise<void> {
    try {
      said = (await work()) ?? ''
      failure = ''
    } catch (error) {
      failure = tell(error)
    }
  }

  const load = async (): Promise<undefined> => {
    staff = await ask(api.GET('/api/v1/staff'))
  }

  const tellAddress = (what: string, made: Schema['OneTimeAddress']): void => {
    told = { what, address: location.origin + made.path, endsAt: made.endsAt }
  }

  const invite = (head: boolean): Promise<void> =>
    guarded(async () => {
      tellAddress(
        'A new colleague makes their account',
        await ask(api.POST('/api/v1/staff/invitations', { body: { head } })),
      )
      return undefined
    })

  const keep = (event: SubmitEvent): Promise<void> =>
    guarded(async () => {
      event.preventDefault()
      const { teachersMayRegister, keepAnswersMonths, keepArchivedMonths } = settings!
      settings = await ask(
        api.PUT('/api/v1/school', { body: { teachersMayRegister, keepAnswersMonths, keepArchivedMonths } }),
      )
      return 'Kept. What is older is deleted tonight.'
    })

  onMount(() =>
    guarded(async () => {
      settings = await ask(api.GET('/api/v1/school'))
      return load()
    }),
  )
</script>

<main>
  <h1>School</h1>
  {#if said}<p class="said" role="status">{said}</p>{/if}
  {#if failure}<p class="said failure" role="alert">{failure}</p>{/if}
  <section aria-labelledby="staff">
    <h2 id="staff">Teachers</h2>
    {#if told}
      <p class="told" role="status">
        {told.what} at this address, once, until {day.format(new Date(told.endsAt))}. It is shown only now:
        <code>{told.address}</code>
        <Button kind="ghost" size="small" on:click={() => void navigator.clipboard.writeText(told!.address)}
          >Copy</Button
        >
      </p>
    {/if}
    <ul>
      {#each staff as teacher (teacher.id)}
        <StaffMember
          {teacher}
          isSelf={teacher.id === ownId}
          others={staff.filter((other) => other.id !== teacher.id)}
          onchange={(text) => guarded(async () => (await load(), text))}
          onaddress={(made) => tellAddress(`${teacher.displayName} chooses a new password`, made)}
          onfailure={(text) => (failure = text)}
        />
      {/each}
    </ul>
    <div class="row">
      <Button size="field" on:click={() => invite(false)}>Invite a colleague</Button>
      <Button size="field" kind="tertiary" on:click={() => invite(true)}
        >Invite someone to look after the accounts, too</Button
      >
    </div>
  </section>
  {#if settings}
    <form onsubmit={keep}>
      <h2>How long things are kept</h2>
      <NumberInput labelText="Answers, in months" min={1} max={120} bind:value={settings.keepAnswersMonths} />
      <NumberInput
        labelText="Archived classes, in months"
        min={1}
        max={120}
        bind:value={settings.keepArchivedMonths}
      />
      <Checkbox
        labelText="Teachers may make an account without an invitation"
        bind:checked={settings.teachersMayRegister}
      />
      <p class="quiet">
        What is older is deleted every night. <a href="/privacy">What is kept, and why</a>
      </p>
      <Button type="submit" size="field">Keep these</Button>
    </form>
  {/if}
</main>

<style>
  main {
    max-width: 860px;
    margin: 0 auto;
    padding: 36px 24px;
  }
  h1 {
    margin-bottom: 16px;
    font-size: 28px;
  }
  h2 {
    margin-bottom: 10px;
    font-size: 20px;
  }
  section,
  form {
    margin-bottom: 16px;
    padding: 24px;
    background: #fff;
  }
  form {
    display: grid;
    gap: 14px;
    justify-items: start;
  }
  ul {
    margin: 0 0 20px;
    padding: 0;
    list-style: none;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
  }
  .said,
  .told {
    margin: 0 0 16px;
    padding: 10px 16px;
    background: #fff;
    border-left: 4px solid var(--brass-light);
  }
  .told {
    background: #fbf3df;
  }
  .failure {
    border-color: var(--marking);
  }
  code {
    display: block;
    margin: 8px 0;
    overflow-wrap: anywhere;
    font-size: 16px;
  }
</style>
