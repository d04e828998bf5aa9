<!-- For whoever looks after the accounts: teachers, invitations, how long things are kept. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Checkbox from 'carbon-components-svelte/src/Checkbox/Checkbox.svelte'
  import { onMount } from 'svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import StaffMember from './StaffMember.svelte'
  import { dated, t } from '../said/said.svelte'
  import NumberBox from '../shared/NumberBox.svelte'

  let { ownId }: { ownId: string } = $props()
  let staff: Schema['StaffReply'][] = $state([])
  let settings = $state<Schema['SchoolReply'] | null>(null)
  /** An address that was just made; it is told once. */
  let told = $state<{ name: string | null; address: string; endsAt: string } | null>(null)
  let said = $state('')
  let failure = $state('')
  const time = (at: string): string =>
    dated(new Date(at), { weekday: 'long', hour: '2-digit', minute: '2-digit' })

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

  const tellAddress = (name: string | null, made: Schema['OneTimeAddress']): void => {
    told = { name, address: location.origin + made.path, endsAt: made.endsAt }
  }

  const invite = (head: boolean): Promise<void> =>
    guarded(async () => {
      tellAddress(null, await ask(api.POST('/api/v1/staff/invitations', { body: { head } })))
      return undefined
    })

  const keep = (event: SubmitEvent): Promise<void> =>
    guarded(async () => {
      event.preventDefault()
      if ((event.target as Element).querySelector('[data-invalid]')) return undefined
      const { teachersMayRegister, keepAnswersMonths, keepArchivedMonths } = settings!
      settings = await ask(
        api.PUT('/api/v1/school', { body: { teachersMayRegister, keepAnswersMonths, keepArchivedMonths } }),
      )
      return t('desk.school.kept')
    })

  onMount(() =>
    guarded(async () => {
      settings = await ask(api.GET('/api/v1/school'))
      return load()
    }),
  )
</script>

<main>
  <h1>{t('desk.school.title')}</h1>
  {#if said}<p class="said" role="status">{said}</p>{/if}
  {#if failure}<p class="said failure" role="alert">{failure}</p>{/if}
  <section aria-labelledby="staff">
    <h2 id="staff">{t('desk.school.teachers')}</h2>
    {#if told}
      <p class="told" role="status">
        {told.name === null
          ? t('desk.school.invited', { time: time(told.endsAt) })
          : t('desk.school.resets', { name: told.name, time: time(told.endsAt) })}
        <code>{told.address}</code>
        <Button kind="ghost" size="small" on:click={() => void navigator.clipboard.writeText(told!.address)}
          >{t('desk.school.copy')}</Button
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
          onaddress={(made) => tellAddress(teacher.displayName, made)}
          onfailure={(text) => (failure = text)}
        />
      {/each}
    </ul>
    <div class="row">
      <Button size="field" on:click={() => invite(false)}>{t('desk.school.invite')}</Button>
      <Button size="field" kind="tertiary" on:click={() => invite(true)}
        >{t('desk.school.invite-head')}</Button
      >
    </div>
  </section>
  {#if settings}
    <form onsubmit={keep}>
      <h2>{t('desk.school.keeping')}</h2>
      <NumberBox
        labelText={t('shared.fields.keep-answers-months')}
        min={1}
        max={120}
        bind:value={settings.keepAnswersMonths}
      />
      <NumberBox
        labelText={t('shared.fields.keep-archived-months')}
        min={1}
        max={120}
        bind:value={settings.keepArchivedMonths}
      />
      <Checkbox labelText={t('desk.school.may-register')} bind:checked={settings.teachersMayRegister} />
      <p class="quiet">
        {t('desk.school.deleted-nightly')} <a href="/privacy">{t('desk.school.what-is-kept')}</a>
      </p>
      <Button type="submit" size="field">{t('shared.save')}</Button>
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
    font-size: var(--type-6);
  }
  h2 {
    margin-bottom: 8px;
    font-size: var(--type-4);
  }
  section,
  form {
    margin-bottom: 16px;
    padding: 24px;
    background: #fff;
  }
  form {
    display: grid;
    gap: 16px;
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
    padding: 8px 16px;
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
    font-size: var(--type-2);
  }
</style>
