<!-- A line of algebra in a box, and below it how it is read, or the place where it cannot be. Nothing is said of whether it is right. -->
<script lang="ts">
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { api, ask as request, type Schema } from '../../api/client'
  import { t } from '../../said/said.svelte'
  import { Latest } from '../../shared/latest'
  import type { Ask } from '../../shared/response'

  interface Props {
    ask: Ask
    value: string
    complaint: string
    disabled?: boolean
    onchange: (value: string) => void
  }
  let { ask, value, complaint, disabled = false, onchange }: Props = $props()

  /** So long the hand rests before it is read, in ms. */
  const rest = 500
  const line = $derived(value.trim())
  const latest = new Latest()
  let reply: Schema['LineReply'] | null = $state.raw(null)
  let later: ReturnType<typeof setTimeout> | undefined

  async function read(asked: string): Promise<void> {
    try {
      const as = ask.type === 'equation' ? 'equation' : 'number'
      const answer = await latest.of(
        request(api.POST('/api/v1/algebra/lines', { body: { line: asked, as } })),
      )
      if (answer && asked === line) reply = answer
    } catch {
      // Without a connection it is read when it is handed in.
    }
  }

  $effect(() => {
    const typed = line
    clearTimeout(later)
    reply = null
    if (typed !== '') later = setTimeout(() => void read(typed), rest)
    return () => clearTimeout(later)
  })

  const plain = (text: string): string => text.replace(/\s/g, '')
</script>

<div>
  <TextInput
    labelText={ask.label.text}
    inputmode="text"
    autocomplete="off"
    autocapitalize="off"
    spellcheck="false"
    size="xl"
    maxlength={120}
    {disabled}
    {value}
    on:input={(event) => onchange(String(event.detail ?? ''))}
    invalid={complaint !== ''}
    invalidText={complaint}
  />
  <p role="status">
    {#if reply?.problem}
      {reply.problem.text}
      {@const at = reply.at ?? line.length}
      {#if at < line.length}
        <span class="place">{line.slice(0, at)}<mark>{line[at]}</mark>{line.slice(at + 1)}</span>
      {/if}
    {:else if reply?.read && plain(reply.read) !== plain(value)}
      {t('bench.algebra.read', { own: reply.read })}
    {/if}
  </p>
</div>

<style>
  p {
    min-height: 24px;
    margin: 4px 0 0;
    font-size: var(--type-1);
    line-height: 20px;
    color: var(--ink-soft);
  }
  .place {
    display: block;
    font: 400 var(--type-2) var(--serif);
    color: var(--ink);
  }
  mark {
    padding: 0 2px;
    background: none;
    border-bottom: 2px solid var(--marking);
    color: var(--marking);
  }
</style>
