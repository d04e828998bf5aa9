<!-- A teacher in the list of whoever looks after the accounts, and what can be done. -->
<script lang="ts">
  import Modal from 'carbon-components-svelte/src/Modal/Modal.svelte'
  import OverflowMenu from 'carbon-components-svelte/src/OverflowMenu/OverflowMenu.svelte'
  import OverflowMenuItem from 'carbon-components-svelte/src/OverflowMenu/OverflowMenuItem.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import { api, ask, tell, type Schema } from '../api/client'

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
      await onchange(`${teacher.displayName} is signed out everywhere.`)
    })

  const setHead = (head: boolean): Promise<void> =>
    act(async () => {
      await ask(api.PUT('/api/v1/staff/{teacherId}/head', { params: { path }, body: { head } }))
      await onchange(
        head
          ? `${teacher.displayName} looks after the accounts now, too.`
          : `${teacher.displayName} does not look after the accounts any more.`,
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
      await onchange(`${teacher.displayName} is removed.`)
    } catch (error) {
      complaint = tell(error)
    }
  }
</script>

<li>
  <span class="name">{teacher.displayName}</span>
  <span class="quiet">{teacher.userName}{teacher.head ? ' · looks after the accounts' : ''}</span>
  <span class="quiet">{teacher.classes === 1 ? '1 class' : `${teacher.classes} classes`}</span>
  <OverflowMenu
    flipped
    aria-label="More for {teacher.displayName}"
    iconDescription="More for {teacher.displayName}"
    size="xl"
  >
    <OverflowMenuItem text="New password" on:click={reset} />
    <OverflowMenuItem text="Sign out everywhere" on:click={signOut} />
    <OverflowMenuItem
      text={teacher.head ? 'No longer accounts' : 'Look after accounts'}
      on:click={() => setHead(!teacher.head)}
    />
    {#if !isSelf}<OverflowMenuItem danger text="Remove" on:click={askToRemove} />{/if}
  </OverflowMenu>
</li>
{#if has}
  <Modal
    open
    danger
    size="sm"
    modalHeading="Remove {teacher.displayName}?"
    primaryButtonText="Remove for good"
    secondaryButtonText="Cancel"
    on:submit={() => void remove()}
    on:click:button--secondary={() => (has = null)}
    on:close={() => (has = null)}
  >
    <p>
      {teacher.displayName} has {has.classes} classes with {has.students} students and {has.answers} answers, {has.sets}
      sets, {has.instruments} instruments of their own and {has.runningOrders} running orders.
    </p>
    <Select labelText="Who gets the classes and sets?" bind:selected={heir}>
      <SelectItem value="" text="Nobody: delete them, too" />
      {#each others as other (other.id)}<SelectItem value={other.id} text={other.displayName} />{/each}
    </Select>
    {#if complaint}<p role="alert">{complaint}</p>{/if}
  </Modal>
{/if}

<style>
  li {
    display: grid;
    grid-template-columns: 1fr 1fr 100px auto;
    align-items: center;
    gap: 12px;
    min-height: 52px;
    border-bottom: 1px solid #dde2e6;
  }
  .name {
    font-weight: 600;
  }
  p {
    margin: 0 0 14px;
  }
</style>
