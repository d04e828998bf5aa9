<!-- What a student has to know of answers that the server does not have: why, and what to do. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import Join from './Join.svelte'
  import type { Outbox } from './keeping/outbox.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    outbox: Outbox
    name: string
    onjoin: (session: Schema['SessionReply']) => void
    onleave: () => void
  }
  let { outbox, name, onjoin, onleave }: Props = $props()
  let signsIn = $state(false)
  const many = $derived(outbox.waiting.length)
  $effect(() => {
    if (!outbox.mustSignIn) signsIn = false
  })
</script>

<svelte:window
  onbeforeunload={(event) => {
    // Only where the device cannot keep answers is anything lost with the page.
    if (outbox.cannotKeep && many > 0) event.preventDefault()
  }}
/>
{#if outbox.mustSignIn}
  <section class="note" aria-label={t('bench.again.title')}>
    <p role="alert">{t('bench.again.please', { name, count: many })}</p>
    <button type="button" onclick={() => (signsIn = !signsIn)} aria-expanded={signsIn}
      >{t('bench.again.sign-in')}</button
    >
    <button type="button" onclick={onleave}>{t('bench.again.not-me', { name })}</button>
  </section>
  {#if signsIn}<Join {onjoin} givenName={name} />{/if}
{:else if outbox.cannotKeep}
  <p class="note" role="alert">{t('bench.waiting.no-room', { count: many })}</p>
{:else if outbox.unreachable && many > 0}
  <p class="note" role="status">{t('bench.waiting.unreachable', { count: many })}</p>
{/if}
{#each outbox.refused as answer (answer.id)}
  <p class="note refused" role="alert">
    <span>
      {t('bench.waiting.refused', { place: answer.body.itemIndex + 1, why: answer.refused!.detail })}
    </span>
    <button type="button" onclick={() => void outbox.dismiss(answer.id)}>{t('bench.waiting.clear')}</button>
  </p>
{/each}

<style>
  .note {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 16px;
    margin: 0;
    padding: 8px 24px;
    background: #fbf3df;
    border-bottom: 2px solid var(--brass-light);
  }
  .note p {
    margin: 0;
  }
  .refused {
    border-color: var(--marking);
  }
  button {
    min-height: 44px;
    padding: 0 16px;
    border: 1px solid var(--ink);
    background: #fff;
    color: var(--ink);
    font: 400 var(--type-2) var(--sans);
    cursor: pointer;
  }
</style>
