<!-- What a student has to know of answers that the server does not have: why, and what to do. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import Join from './Join.svelte'
  import type { Outbox } from './keeping/outbox.svelte'

  interface Props {
    outbox: Outbox
    name: string
    onjoin: (session: Schema['SessionReply']) => void
    onleave: () => void
  }
  let { outbox, name, onjoin, onleave }: Props = $props()
  let signsIn = $state(false)
  const many = $derived(outbox.waiting.length)
  const answers = $derived(many === 1 ? 'Your answer' : `${many} answers`)
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
  <section class="note" aria-label="Sign in again">
    <p role="alert">
      {name}, please sign in again. {many > 0
        ? `${answers} will go off then; nothing is lost.`
        : 'Nothing is lost.'} You can go on working.
    </p>
    <button type="button" onclick={() => (signsIn = !signsIn)} aria-expanded={signsIn}>Sign in</button>
    <button type="button" onclick={onleave}>I am not {name}</button>
  </section>
  {#if signsIn}<Join {onjoin} givenName={name} />{/if}
{:else if outbox.cannotKeep}
  <p class="note" role="alert">
    This device has no room to keep your work. Your answers go straight to your teacher: leave this page open{many >
    0
      ? ` until ${many === 1 ? 'your answer has' : `your ${many} answers have`} gone off`
      : ''}.
  </p>
{:else if outbox.unreachable && many > 0}
  <p class="note" role="status">
    The server cannot be reached. {many === 1
      ? 'Your answer is kept here and goes off by itself.'
      : `${many} answers are kept here and go off by themselves.`} Work on.
  </p>
{/if}
{#each outbox.refused as answer (answer.id)}
  <p class="note refused" role="alert">
    <span>
      Your answer to item {answer.body.itemIndex + 1} was not taken. {answer.refused!.detail} It is kept here until
      you put it away.
    </span>
    <button type="button" onclick={() => void outbox.dismiss(answer.id)}>Put it away</button>
  </p>
{/each}

<style>
  .note {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 16px;
    margin: 0;
    padding: 10px 24px;
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
    padding: 0 14px;
    border: 1px solid var(--ink);
    background: #fff;
    color: var(--ink);
    font: 400 15px var(--sans);
    cursor: pointer;
  }
</style>
