<!-- The lesson's running order: arranged, named, kept in the address, as a file, or with the teacher's account. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import ArrowDown from 'carbon-icons-svelte/lib/ArrowDown.svelte'
  import ArrowUp from 'carbon-icons-svelte/lib/ArrowUp.svelte'
  import TrashCan from 'carbon-icons-svelte/lib/TrashCan.svelte'
  import { onMount } from 'svelte'
  import { api, ask, session, tell, type Schema } from '../api/client'
  import { mostItems, parseOrder, shifted, writeOrder, type OrderItem, type RunningOrder } from './order'
  import { download } from '../shared/download'
  import OpenFile from '../shared/OpenFile.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    order: RunningOrder
    /** What is shown now, to be added, and where in the order it stands, from 0; -1 for nowhere. */
    now: OrderItem
    place: number
    onchange: (order: RunningOrder) => void
    onopen: (place: number) => void
  }
  let { order, now, place, onchange, onopen }: Props = $props()

  let said = $state('')
  let fault = $state('')
  let signedIn = $state(false)
  let saved: Schema['RunningOrderReply'][] = $state.raw([])

  onMount(async () => {
    try {
      signedIn = (await session('teacher')).signedIn
      if (signedIn) saved = await ask(api.GET('/api/v1/running-orders'))
    } catch {
      // Without the server the list still lives in the address.
    }
  })

  async function save(): Promise<void> {
    try {
      const body = { name: order.name.trim() || t('board.order.lesson'), items: order.items }
      await ask(api.POST('/api/v1/running-orders', { body }))
      saved = await ask(api.GET('/api/v1/running-orders'))
      said = t('board.order.saved-account')
      fault = ''
    } catch (error) {
      fault = tell(error)
    }
  }

  async function remove(id: string): Promise<void> {
    try {
      await ask(api.DELETE('/api/v1/running-orders/{orderId}', { params: { path: { orderId: id } } }))
      saved = saved.filter((one) => one.id !== id)
    } catch (error) {
      fault = tell(error)
    }
  }

  function load(text: string): void {
    const read = parseOrder(text)
    fault = read.fault ?? ''
    said = read.fault ? '' : t('board.order.opened')
    if (!read.fault) onchange(read.order)
  }
</script>

<div class="order">
  <h2>{t('board.order.title')}</h2>
  <TextInput
    labelText={t('board.order.name')}
    value={order.name}
    maxlength={120}
    on:input={(e) => onchange({ ...order, name: String(e.detail ?? '') })}
  />
  {#if order.items.length === 0}
    <p class="quiet">{t('board.order.empty')}</p>
  {/if}
  <ol>
    {#each order.items as item, i (`${i}:${item.query}`)}
      <li>
        <button
          type="button"
          class="open"
          aria-current={i === place ? 'true' : undefined}
          onclick={() => onopen(i)}>{i + 1}. {item.title}</button
        >
        <button
          type="button"
          aria-label={t('board.order.up', { name: item.title })}
          disabled={i === 0}
          onclick={() => onchange(shifted(order, i, -1))}><ArrowUp /></button
        >
        <button
          type="button"
          aria-label={t('board.order.down', { name: item.title })}
          disabled={i === order.items.length - 1}
          onclick={() => onchange(shifted(order, i, 1))}><ArrowDown /></button
        >
        <button
          type="button"
          aria-label={t('board.order.out', { name: item.title })}
          onclick={() => onchange({ ...order, items: order.items.filter((_, at) => at !== i) })}
          ><TrashCan /></button
        >
      </li>
    {/each}
  </ol>
  <div class="buttons">
    <Button
      size="small"
      disabled={order.items.length >= mostItems}
      on:click={() => onchange({ ...order, items: [...order.items, now] })}>{t('board.order.add')}</Button
    >
    <Button
      size="small"
      kind="tertiary"
      disabled={order.items.length === 0}
      on:click={() => download(`${order.name || 'lesson'}.json`, writeOrder(order), 'application/json')}
      >{t('shared.save-file')}</Button
    >
    <OpenFile onopen={load} />
    {#if signedIn}
      <Button size="small" kind="tertiary" disabled={order.items.length === 0} on:click={save}
        >{t('board.order.account')}</Button
      >
    {/if}
  </div>
  {#if saved.length > 0}
    <h3>{t('board.order.saved')}</h3>
    <ul>
      {#each saved as one (one.id)}
        <li>
          <button type="button" class="open" onclick={() => onchange({ name: one.name, items: one.items })}
            >{one.name}</button
          >
          <button
            type="button"
            aria-label={t('board.order.delete', { name: one.name })}
            onclick={() => remove(one.id)}><TrashCan /></button
          >
        </li>
      {/each}
    </ul>
  {/if}
  {#if fault}<p class="fault" role="alert">{fault}</p>{:else if said}<p role="status">{said}</p>{/if}
</div>

<style>
  .order {
    width: 22.5rem;
    padding: 1.25rem;
    display: flex;
    flex-direction: column;
    gap: 0.75rem;
  }
  h2 {
    font-size: var(--type-4);
  }
  h3 {
    font-size: var(--type-2);
  }
  ol,
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  li {
    display: flex;
    align-items: center;
    border-bottom: 1px solid var(--line);
  }
  li button {
    min-width: 2.75rem;
    min-height: 2.75rem;
    border: 0;
    background: none;
    color: var(--ink);
    cursor: pointer;
  }
  li button:disabled {
    color: #b8bfc8;
  }
  .open[aria-current] {
    font-weight: 600;
    border-left: 3px solid var(--brass);
  }
  .open {
    flex: 1;
    text-align: left;
    font: 400 var(--type-2) var(--sans);
  }
  .buttons {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 0.5rem;
  }
  .buttons :global(.bx--btn) {
    width: 100%;
    max-width: none;
    min-height: 2.75rem;
  }
  p {
    margin: 0;
    line-height: 1.4;
  }
  .fault {
    border-left: 0.25rem solid var(--marking);
    padding-left: 0.5rem;
  }
</style>
