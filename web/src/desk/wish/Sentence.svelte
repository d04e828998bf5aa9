<!-- What a set shall be, said in sentences: every underlined word or number can be another one. -->
<script lang="ts">
  import type { HouseRules, Instrument, Schema } from '../../api/client'
  import RulesForm from '../../shared/RulesForm.svelte'
  import KindSheet from './KindSheet.svelte'
  import Several from './Several.svelte'
  import Word from './Word.svelte'
  import InlineNumber from '../../shared/InlineNumber.svelte'
  import { instrumentName } from '../../sheet/instrumentName'
  import { t } from '../../said/said.svelte'
  import Slotted from '../../said/Slotted.svelte'
  import {
    angleKindChoices,
    angleKindsKey,
    angleKindsOf,
    arms,
    baseRays,
    inWords,
    openings,
    orders,
    scales,
    numbers,
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
  let choosing = $state(false)

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
  const reckons = $derived(taken.some(({ key }) => key === 'parts'))
  const draws = $derived(taken.some(({ key }) => key.startsWith('draw')))
</script>

{#snippet kindsSlot()}
  <Several
    named={taken}
    onleave={(kind) => (counts = Object.fromEntries(Object.entries(counts).filter(([key]) => key !== kind)))}
  >
    {#snippet before(kind)}
      <InlineNumber
        label={t('desk.wish.kind-count', { name: kinds.find((k) => k.key === kind)?.title.text ?? '' })}
        min={1}
        max={30}
        bind:value={() => counts[kind] ?? 0, (count) => (counts = { ...counts, [kind]: count })}
      />
      ×&nbsp;
    {/snippet}
  </Several>
  <button type="button" class="pictures" aria-haspopup="dialog" onclick={() => (choosing = true)}
    >{t('desk.kinds.open')}</button
  >
{/snippet}
{#snippet stepSlot()}
  <Word label={t('desk.wish.measures')} choices={inWords(steps)} bind:value={wish.step} />
{/snippet}
{#snippet fromSlot()}
  <InlineNumber label={t('desk.wish.from')} min={1} max={359} bind:value={wish.from} />
{/snippet}
{#snippet toSlot()}
  <InlineNumber label={t('desk.wish.to')} min={1} max={359} bind:value={wish.to} />
{/snippet}
{#snippet angleKindsSlot()}
  <Word
    label={t('desk.wish.angle-kinds')}
    choices={angleKindChoices(wish.angleKinds)}
    value={angleKindsKey(wish.angleKinds)}
    onpick={(key) => (wish.angleKinds = angleKindsOf(key))}
  />
{/snippet}
{#snippet openingSlot()}
  <Word label={t('desk.wish.opening')} choices={inWords(openings)} bind:value={wish.opening} />
{/snippet}
{#snippet tiltSlot()}
  <Word label={t('desk.wish.tilt')} choices={inWords(tilts)} bind:value={wish.tilt} />
{/snippet}
{#snippet lengthsSlot()}
  <Word label={t('desk.wish.lengths')} choices={inWords(arms)} bind:value={wish.arms} />
{/snippet}
{#snippet baseSlot()}
  <Word label={t('desk.wish.base')} choices={inWords(baseRays)} bind:value={wish.baseRays} />
{/snippet}
{#snippet scaleSlot()}
  <Word label={t('desk.wish.scale-label')} choices={inWords(scales)} bind:value={wish.scale} />
{/snippet}
{#snippet numbersSlot()}
  <Word label={t('desk.wish.numbers-label')} choices={inWords(numbers)} bind:value={wish.numbers} />
{/snippet}
{#snippet instrumentsSlot()}
  <Several
    named={usable.filter(({ key }) => inHand.includes(key))}
    others={usable.filter(({ key }) => !inHand.includes(key))}
    another={t('desk.wish.another-instrument')}
    onadd={(id) => hold([...inHand, id])}
    onleave={(id) => hold(inHand.filter((each) => each !== id))}
  />
{/snippet}
{#snippet rulesSlot()}
  <Word
    label={t('shared.fields.rules')}
    choices={[
      ['class', t('desk.wish.rules-class')],
      ['own', t('desk.wish.rules-own')],
    ]}
    value={wish.rules ? 'own' : 'class'}
    onpick={(key) => (wish.rules = key === 'own' ? {} : null)}
  />
{/snippet}
{#snippet toleranceSlot()}
  <InlineNumber label={t('desk.wish.tolerance')} min={0} max={10} step={0.5} bind:value={wish.tolerance} />
{/snippet}
{#snippet orderSlot()}
  <Word label={t('desk.wish.order-label')} choices={inWords(orders)} bind:value={wish.order} />
{/snippet}
{#snippet storySlot()}
  <Word label={t('desk.wish.story')} choices={inWords(themes)} bind:value={wish.theme} />
{/snippet}
{#snippet formsSlot()}
  <InlineNumber label={t('shared.fields.forms')} min={1} max={40} bind:value={wish.forms} />
{/snippet}

<h2 class="visually-hidden">{t('desk.wish.title')}</h2>
<div class="sentence">
  <p><Slotted message="desk.wish.kinds" slots={{ kindsSlot }} /></p>
  <p>
    <Slotted
      message="desk.wish.angles"
      slots={{ stepSlot, fromSlot, toSlot, kindsSlot: angleKindsSlot, openingSlot, tiltSlot }}
    />
  </p>
  <p>
    <Slotted
      message={draws ? 'desk.wish.arms-drawn' : 'desk.wish.arms'}
      slots={draws ? { lengthsSlot, baseSlot } : { lengthsSlot }}
    />
  </p>
  {#if reckons}
    <p>
      <Slotted message="desk.wish.scale" slots={{ scaleSlot }} />
      <Slotted message="desk.wish.numbers" slots={{ numbersSlot }} />
    </p>
  {/if}
  <p><Slotted message="desk.wish.instruments" slots={{ instrumentsSlot }} /></p>
  <p><Slotted message="desk.wish.rules" slots={{ rulesSlot, toleranceSlot }} /></p>
  <p>
    <Slotted
      message="desk.wish.order"
      slots={{ orderSlot, storySlot, formsSlot }}
      values={{ count: wish.forms }}
    />
  </p>
</div>
{#if choosing}
  <KindSheet
    {kinds}
    {instruments}
    {counts}
    onuse={(chosen) => {
      counts = chosen
      choosing = false
    }}
    onclose={() => (choosing = false)}
  />
{/if}
{#if wish.rules}
  <details open>
    <summary>{t('desk.wish.own-rules')}</summary>
    <p class="quiet">{t('desk.wish.own-rules-hint')}</p>
    <RulesForm
      rules={wish.rules}
      trust={instruments.find((i) => i.protractor.id === wish.instrument)?.rules ?? []}
      submit={t('shared.rules.use')}
      onchoose={(chosen: Partial<HouseRules>) => (wish.rules = chosen)}
    />
  </details>
{/if}
<details>
  <summary>{t('desk.wish.mistakes', { count: wish.mistakes.length })}</summary>
  {#each possible as mistake (mistake.key)}
    <label class="mistake"
      ><input type="checkbox" value={mistake.key} bind:group={wish.mistakes} />{mistake.name.text}</label
    >
  {/each}
</details>

<style>
  .sentence p {
    margin: 0 0 8px;
    font: 400 var(--type-3)/44px var(--serif);
  }
  .pictures {
    min-height: 44px;
    padding: 0 2px;
    border: 0;
    background: linear-gradient(var(--brass-light), var(--brass-light)) no-repeat 0 calc(100% - 7px) / 100%
      2px;
    font: inherit;
    font-weight: 600;
    color: var(--ink);
    cursor: pointer;
  }
  summary {
    min-height: 44px;
    font-size: var(--type-2);
    line-height: 44px;
    cursor: pointer;
  }
  .mistake {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    font-size: var(--type-2);
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
