<!--
  What becomes of a thing: another name, put away or brought back, deleted. The same for classes, students, sets and what is given.
  Before anything is deleted, what goes with it is named; all of it can be undone until the page is left.
-->
<script lang="ts">
  import Modal from 'carbon-components-svelte/src/Modal/Modal.svelte'
  import OverflowMenu from 'carbon-components-svelte/src/OverflowMenu/OverflowMenu.svelte'
  import OverflowMenuItem from 'carbon-components-svelte/src/OverflowMenu/OverflowMenuItem.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { tell } from '../api/client'
  import { archive, contentsOf, named, remove, rename, restore, type Thing } from './things'
  import type { Undoing } from './undoing.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    thing: Thing
    undoing: Undoing
    /** Told when something has changed, so that the page is read again. */
    onchange: () => Promise<void>
    /** What else can be done with it. */
    more?: { text: string; act: () => void }[]
  }
  let { thing, undoing, onchange, more = [] }: Props = $props()

  let asks: 'name' | 'delete' | null = $state(null)
  let name = $state('')
  let goes = $state('')
  let complaint = $state('')

  async function act(work: () => Promise<void>): Promise<boolean> {
    try {
      await work()
      await onchange()
      complaint = ''
      return true
    } catch (error) {
      complaint = tell(error)
      return false
    }
  }

  async function changeName(): Promise<void> {
    const before = thing
    const wanted = name
    if (!(await act(() => rename(before, wanted)))) return
    asks = null
    undoing.add(t('desk.thing.renamed', { name: before.name, own: wanted }), async () => {
      await rename(before, before.name)
      await onchange()
    })
  }

  async function putAway(away: boolean): Promise<void> {
    const before = thing
    if (!(await act(() => archive(before, away)))) return
    undoing.add(
      t(away ? 'desk.thing.is-archived' : 'desk.thing.is-back', { name: before.name }),
      async () => {
        await archive(before, !away)
        await onchange()
      },
    )
  }

  async function askToDelete(): Promise<void> {
    try {
      goes = named(thing, await contentsOf(thing))
      complaint = ''
      asks = 'delete'
    } catch (error) {
      complaint = tell(error)
    }
  }

  async function deleteIt(): Promise<void> {
    const before = thing
    if (!(await act(() => remove(before)))) return
    asks = null
    undoing.add(t('desk.thing.is-deleted', { name: before.name }), async () => {
      await restore(before)
      await onchange()
    })
  }
</script>

<OverflowMenu
  flipped
  aria-label={t('desk.thing.more', { name: thing.name })}
  iconDescription={t('desk.thing.more', { name: thing.name })}
  size="xl"
>
  {#each more as { text, act: does } (text)}
    <OverflowMenuItem {text} on:click={does} />
  {/each}
  <OverflowMenuItem
    text={t('desk.thing.rename')}
    on:click={() => {
      name = thing.name
      complaint = ''
      asks = 'name'
    }}
  />
  <OverflowMenuItem
    text={thing.archived ? t('desk.thing.bring-back') : t('desk.thing.archive')}
    on:click={() => void putAway(!thing.archived)}
  />
  <OverflowMenuItem danger text={t('desk.thing.delete')} on:click={() => void askToDelete()} />
</OverflowMenu>
{#if complaint && !asks}<span role="alert">{complaint}</span>{/if}
{#if asks === 'name'}
  <Modal
    open
    size="xs"
    modalHeading={t('desk.thing.new-name')}
    primaryButtonText={t('desk.thing.rename')}
    secondaryButtonText={t('shared.cancel')}
    iconDescription={t('shared.close')}
    selectorPrimaryFocus="#thing-name"
    on:submit={() => void changeName()}
    on:click:button--secondary={() => (asks = null)}
    on:close={() => (asks = null)}
  >
    <TextInput
      id="thing-name"
      labelText={t('shared.fields.name')}
      bind:value={name}
      invalid={complaint !== ''}
      invalidText={complaint}
    />
  </Modal>
{:else if asks === 'delete'}
  <Modal
    open
    danger
    size="xs"
    modalHeading={t('desk.thing.delete-title', { name: thing.name })}
    primaryButtonText={t('desk.thing.delete')}
    secondaryButtonText={t('shared.cancel')}
    iconDescription={t('shared.close')}
    on:submit={() => void deleteIt()}
    on:click:button--secondary={() => (asks = null)}
    on:close={() => (asks = null)}
  >
    <p>{goes ? t('desk.thing.goes-with', { items: goes }) : t('desk.thing.nothing-goes')}</p>
    {#if complaint}<p role="alert">{complaint}</p>{/if}
  </Modal>
{/if}
