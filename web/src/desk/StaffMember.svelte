<!-- A teacher in the list of whoever looks after the accounts, and what can be done. -->
<script lang="ts">
  import Modal from 'carbon-components-svelte/src/Modal/Modal.svelte'
  import OverflowMenu from 'carbon-components-svelte/src/OverflowMenu/OverflowMenu.svelte'
  import OverflowMenuItem from 'carbon-components-svelte/src/OverflowMenu/OverflowMenuItem.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import { t } from '../said/said.svelte'

  interface Props {
    teacher: Schema['StaffReply']
    isSelf: boolean
    others: Schema['StaffReply'][]
    onchange: (text: string) => Promise<void>
    onaddress: (made: Schema['OneTimeAddress']) => void
    onfailure: (text: string) => void
  }
  let { teacher, isSelf, others, onchange, onaddress, onfailure }: Props = $props()
  let has = $state<Schema['Belongings'] | null>(null)
  let heir = $state('')
  let complaint = $state('')
  const path = $derived({ teacherId: teacher.id })

  async function act(work: () => Promise<void>): Promise<void> {
    try {
      await work()
    } catch (error) {
      onfailure(tell(error))
    }
  }

  const reset = (): Promise<void> =>
    act(async () =>
      onaddress(await ask(api.POST('/api/v1/staff/{teacherId}/password-link', { params: { path } }))),
    )

  const signOut = (): Promise<void> =>
    act(async () => {
      await ask(api.DELETE('/api/v1/staff/{teacherId}/sessions', { params: { path } }))
      await onchange(t('desk.staff.signed-out', { name: teacher.displayName }))
    })

  const setHead = (head: boolean): Promise<void> =>
    act(async () => {
      await ask(api.PUT('/api/v1/staff/{teacherId}/head', { params: { path }, body: { head } }))
      await onchange(
        head
          ? t('desk.staff.now-head', { name: teacher.displayName })
          : t('desk.staff.no-longer-head', { name: teacher.displayName }),
      )
    })

  const askToRemove = (): Promise<void> =>
    act(async () => {
      has = await ask(api.GET('/api/v1/staff/{teacherId}/belongings', { params: { path } }))
      heir = ''
      complaint = ''
    })

  async function remove(): Promise<void> {
    try {
      const query = heir ? { heir } : {}
      await ask(api.DELETE('/api/v1/staff/{teacherId}', { params: { path, query } }))
      has = null
      await onchange(t('desk.staff.removed', { name: teacher.displayName }))
    } catch (error) {
      complaint = tell(error)
    }
  }
</script>

<li>
  <span class="name">{teacher.displayName}</span>
  <span class="quiet">{teacher.userName}{teacher.head ? ` · ${t('desk.staff.head')}` : ''}</span>
  <span class="quiet">{t('desk.staff.classes', { count: teacher.classes })}</span>
  <OverflowMenu
    flipped
    aria-label={t('desk.thing.more', { name: teacher.displayName })}
    iconDescription={t('desk.thing.more', { name: teacher.displayName })}
    size="xl"
  >
    <OverflowMenuItem text={t('shared.fields.new-password')} on:click={reset} />
    <OverflowMenuItem text={t('desk.staff.sign-out')} on:click={signOut} />
    <OverflowMenuItem
      text={teacher.head ? t('desk.staff.end-head') : t('desk.staff.make-head')}
      on:click={() => setHead(!teacher.head)}
    />
    {#if !isSelf}<OverflowMenuItem danger text={t('desk.staff.remove')} on:click={askToRemove} />{/if}
  </OverflowMenu>
</li>
{#if has}
  <Modal
    open
    danger
    size="sm"
    modalHeading={t('desk.staff.remove-title', { name: teacher.displayName })}
    primaryButtonText={t('desk.staff.remove-for-good')}
    secondaryButtonText={t('shared.cancel')}
    iconDescription={t('shared.close')}
    on:submit={() => void remove()}
    on:click:button--secondary={() => (has = null)}
    on:close={() => (has = null)}
  >
    <p>
      {t('desk.staff.has', {
        name: teacher.displayName,
        classes: has.classes,
        students: has.students,
        answers: has.answers,
        sets: has.sets,
        instruments: has.instruments,
        orders: has.runningOrders,
      })}
    </p>
    <Select labelText={t('desk.staff.heir')} bind:selected={heir}>
      <SelectItem value="" text={t('desk.staff.nobody')} />
      {#each others as other (other.id)}<SelectItem value={other.id} text={other.displayName} />{/each}
    </Select>
    {#if complaint}<p role="alert">{complaint}</p>{/if}
  </Modal>
{/if}

<style>
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 100px auto;
    align-items: center;
    gap: 12px;
    min-height: 52px;
    border-bottom: 1px solid #dde2e6;
  }
  .name {
    font-weight: 600;
  }
  p {
    margin: 0 0 16px;
  }
  @media (max-width: 500px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 0 12px;
      padding: 8px 0;
    }
    li > :global(:last-child) {
      grid-row: 1 / span 3;
      grid-column: 2;
    }
  }
</style>
