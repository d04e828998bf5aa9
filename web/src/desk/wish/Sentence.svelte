<!-- What a set shall be, said in sentences: every underlined word or number can be another one. -->
<script lang="ts">
  import type { HouseRules, Instrument, Schema } from '../../api/client'
  import RulesForm from '../../shared/RulesForm.svelte'
  import Several from './Several.svelte'
  import Word from './Word.svelte'
  import WordNumber from './WordNumber.svelte'
  import { instrumentName } from '../../sheet/instrumentName'
  import {
    angleKindChoices,
    angleKindsKey,
    angleKindsOf,
    arms,
    baseRays,
    openings,
    orders,
    steps,
    themes,
    tilts,
    type Wish,
  } from './wishes'

  interface Props {
    wish: Wish
    counts: Record<string, number>
    kinds: Schema['KindReply'][]
    instruments: Instrument[]
    mistakes: Schema['MistakeReply'][]
  }
  let { wish = $bindable(), counts = $bindable(), kinds, instruments, mistakes }: Props = $props()

  const asWords = (kind: Schema['KindReply']): { key: string; words: string } => ({
    key: kind.key,
    words: kind.title.text,
  })
  const taken = $derived(kinds.filter((kind) => kind.key in counts).map(asWords))
  const notTaken = $derived(kinds.filter((kind) => !(kind.key in counts)).map(asWords))

  const inHand = $derived([wish.instrument, ...wish.moreInstruments])
  /** Where something is read as it lies, the instrument may be one that no student could lay on at a desk. */
  const reads = $derived(kinds.some((kind) => kind.alreadyLaid && kind.key in counts))
  const usable = $derived(
    instruments
      .filter((i) => reads || i.forExercises)
      .map(({ protractor }) => ({ key: protractor.id, words: instrumentName(protractor) })),
  )
  function hold(ids: string[]): void {
    wish.instrument = ids[0]!
    wish.moreInstruments = ids.slice(1)
  }

  /** Mistakes that the chosen kinds can show at all. */
  const possible = $derived(
    mistakes.filter((mistake) => mistake.kinds.some((kind) => (counts[kind] ?? 0) > 0)),
  )
  const draws = $derived(taken.some(({ key }) => key.startsWith('draw')))
  const rules: [string, string][] = [
    ['class', 'the house rules of the class'],
    ['own', 'house rules of its own'],
  ]
</script>

<div class="sentence">
  <p>
    I want
    <Several
      named={taken}
      others={notTaken}
      another="and some of another kind"
      onadd={(kind) => (counts = { ...counts, [kind]: 2 })}
      onleave={(kind) =>
        (counts = Object.fromEntries(Object.entries(counts).filter(([key]) => key !== kind)))}
    >
      {#snippet before(kind)}
        <WordNumber
          label="{kinds.find((k) => k.key === kind)?.title.text}: items"
          min={1}
          max={30}
          bind:value={() => counts[kind] ?? 0, (count) => (counts = { ...counts, [kind]: count })}
        />
        ×&nbsp;
      {/snippet}
    </Several>
  </p>
  <p>
    with angles of <Word label="Measures" choices={steps} bind:value={wish.step} />
    from <WordNumber label="From, degrees" min={1} max={359} bind:value={wish.from} />° to
    <WordNumber label="To, degrees" min={1} max={359} bind:value={wish.to} />°,
    <Word
      label="Kinds of angle"
      choices={angleKindChoices(wish.angleKinds)}
      value={angleKindsKey(wish.angleKinds)}
      onpick={(key) => (wish.angleKinds = angleKindsOf(key))}
    />, opening <Word label="Opening" choices={openings} bind:value={wish.opening} />
    and lying <Word label="Lying" choices={tilts} bind:value={wish.tilt} />.
  </p>
  <p>
    Their arms <Word label="Arms" choices={arms} bind:value={wish.arms} />{#if draws}; base rays are
      <Word label="Base rays of drawings" choices={baseRays} bind:value={wish.baseRays} />{/if}.
  </p>
  <p>
    Instrument:
    <Several
      named={usable.filter(({ key }) => inHand.includes(key))}
      others={usable.filter(({ key }) => !inHand.includes(key))}
      another="and in turn another"
      onadd={(id) => hold([...inHand, id])}
      onleave={(id) => hold(inHand.filter((each) => each !== id))}
    />
  </p>
  <p>
    Worked under
    <Word
      label="House rules"
      choices={rules}
      value={wish.rules ? 'own' : 'class'}
      onpick={(key) => (wish.rules = key === 'own' ? {} : null)}
    />; a reading within
    <WordNumber label="Tolerance, degrees" min={0} max={10} step={0.5} bind:value={wish.tolerance} />° is
    right.
  </p>
  <p>
    The items come <Word label="Order" choices={orders} bind:value={wish.order} />, told
    <Word label="Story" choices={themes} bind:value={wish.theme} />, in
    <WordNumber label="Parallel forms" min={1} max={40} bind:value={wish.forms} />
    {wish.forms === 1 ? 'form for everyone' : 'forms, each with its own numbers'}.
  </p>
</div>
{#if wish.rules}
  <details open>
    <summary>House rules of this set</summary>
    <p class="quiet">The words stay those of the class.</p>
    <RulesForm
      rules={wish.rules}
      trust={instruments.find((i) => i.protractor.id === wish.instrument)?.rules ?? []}
      submit="Use these rules"
      onchoose={(chosen: Partial<HouseRules>) => (wish.rules = chosen)}
    />
  </details>
{/if}
<details>
  <summary
    >{wish.mistakes.length === 0
      ? 'Looks for every mistake it can show'
      : `Looks for ${wish.mistakes.length === 1 ? 'one mistake' : `${wish.mistakes.length} mistakes`}`}</summary
  >
  {#each possible as mistake (mistake.key)}
    <label class="mistake"
      ><input type="checkbox" value={mistake.key} bind:group={wish.mistakes} />{mistake.name.text}</label
    >
  {/each}
</details>

<style>
  .sentence p {
    margin: 0 0 6px;
    font: 400 18px/44px var(--serif);
  }
  summary {
    min-height: 44px;
    font-size: 16px;
    line-height: 44px;
    cursor: pointer;
  }
  .mistake {
    display: flex;
    align-items: center;
    gap: 10px;
    min-height: 44px;
    font-size: 15px;
  }
  .mistake input {
    width: 18px;
    height: 18px;
    accent-color: var(--ink);
  }
  details :global(form) {
    width: 100%;
    padding: 0;
  }
  details :global(form .grid) {
    grid-template-columns: 1fr 1fr;
  }
</style>
