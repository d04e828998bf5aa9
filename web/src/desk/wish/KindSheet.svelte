<!-- All kinds of exercise as small pictures of a question each: several are chosen at once, and how many questions of each. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Modal from 'carbon-components-svelte/src/Modal/Modal.svelte'
  import { onMount } from 'svelte'
  import { api, ask, tell, type Instrument, type Schema } from '../../api/client'
  import { t } from '../../said/said.svelte'
  import NumberBox from '../../shared/NumberBox.svelte'
  import ItemPicture from '../ItemPicture.svelte'
  import InlineNumber from '../../shared/InlineNumber.svelte'
  import { samplesOf } from './wishes'

  interface Props {
    kinds: Schema['KindReply'][]
    instruments: Instrument[]
    counts: Record<string, number>
    onuse: (counts: Record<string, number>) => void
    onclose: () => void
  }
  let { kinds, instruments, counts, onuse, onclose }: Props = $props()

  /** So many questions of a kind at most. */
  const most = 30
  const usual = 2

  // Nothing is wished for before it is used: who closes the sheet has what they had.
  let chosen: Record<string, number> = $state({})
  let each: number | null = $state(usual)
  let eachFits = $state(true)
  let views: Record<string, Schema['ItemView']> = $state.raw({})
  let failure = $state('')

  const total = $derived(Object.values(chosen).reduce((sum, count) => sum + count, 0))
  const taken = $derived(Object.keys(chosen).length)

  function choose(kind: string, isChosen: boolean): void {
    chosen = isChosen
      ? { ...chosen, [kind]: each ?? usual }
      : Object.fromEntries(Object.entries(chosen).filter(([key]) => key !== kind))
  }

  function chooseAll(): void {
    for (const { key } of kinds) chosen[key] ??= each ?? usual
  }

  onMount(() => {
    chosen = { ...counts }
  })

  // The sheet may be opened while the kinds are still on their way.
  $effect(() => {
    if (kinds.length === 0) return
    ask(api.POST('/api/v1/sets/generate', { body: samplesOf(kinds.map(({ key }) => key)) })).then(
      ({ items }) => {
        views = Object.fromEntries(items.map(({ item, view }) => [item.kind, view]))
      },
      (error: unknown) => {
        failure = tell(error)
      },
    )
  })
</script>

<Modal
  open
  size="lg"
  modalHeading={t('desk.kinds.title')}
  primaryButtonText={t('desk.kinds.use')}
  primaryButtonDisabled={taken === 0}
  secondaryButtonText={t('shared.cancel')}
  iconDescription={t('shared.close')}
  selectorPrimaryFocus=".kinds button"
  hasScrollingContent
  preventCloseOnClickOutside
  on:submit={() => onuse($state.snapshot(chosen))}
  on:click:button--secondary={onclose}
  on:close={onclose}
>
  <div class="kinds">
    <div class="top">
      <Button kind="tertiary" size="field" on:click={chooseAll}>{t('desk.kinds.all')}</Button>
      <Button kind="tertiary" size="field" on:click={() => (chosen = {})}>{t('desk.kinds.none')}</Button>
      <div class="each">
        <NumberBox
          labelText={t('desk.kinds.each')}
          size="sm"
          min={1}
          max={most}
          bind:value={each}
          bind:fits={eachFits}
          onchange={(count) => {
            if (count !== null) for (const key of Object.keys(chosen)) chosen[key] = count
          }}
        />
      </div>
      <p role="status">
        {taken === 0 ? t('desk.kinds.choose-one') : t('desk.kinds.count', { count: taken, most: total })}
      </p>
    </div>
    {#if failure}<p role="alert">{failure}</p>{/if}
    <ul>
      {#each kinds as kind (kind.key)}
        <li class:taken={kind.key in chosen}>
          <label>
            <input
              type="checkbox"
              checked={kind.key in chosen}
              aria-describedby="kind-{kind.key}"
              onchange={(event) => choose(kind.key, event.currentTarget.checked)}
            />
            <b>{kind.title.text}</b>
            <span class="picture">
              {#if views[kind.key]}<ItemPicture view={views[kind.key]!} {instruments} />{/if}
            </span>
          </label>
          <p class="quiet" id="kind-{kind.key}">{kind.summary.text}</p>
          {#if kind.key in chosen}
            <p class="count">
              <InlineNumber
                label={t('desk.wish.kind-count', { name: kind.title.text })}
                min={1}
                max={most}
                bind:value={() => chosen[kind.key] ?? 0, (count) => (chosen[kind.key] = count)}
              />
              {t('desk.kinds.questions', { count: chosen[kind.key] ?? 0 })}
            </p>
          {/if}
        </li>
      {/each}
    </ul>
  </div>
</Modal>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: end;
    margin-bottom: 16px;
  }
  .top p {
    margin: 0 0 8px;
    padding: 0;
    font-size: var(--type-2);
  }
  .kinds .top :global(.bx--btn) {
    width: auto;
  }
  .each {
    width: 150px;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(176px, 1fr));
    gap: 12px;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    flex-direction: column;
    padding: 8px 12px;
    border: 2px solid #d6dce1;
    background: #fff;
  }
  li.taken {
    border-color: var(--brass-light);
    background: #fdf8ec;
  }
  li > label:first-child {
    display: grid;
    grid-template-columns: 22px 1fr;
    gap: 8px 8px;
    align-items: center;
    min-height: 44px;
    font-size: var(--type-2);
    cursor: pointer;
  }
  b {
    font: 600 var(--type-3)/1.2 var(--serif);
  }
  .picture {
    grid-column: 1 / -1;
    aspect-ratio: 220 / 160;
  }
  input[type='checkbox'] {
    width: 20px;
    height: 20px;
    margin: 0;
    accent-color: var(--ink);
  }
  li p {
    flex: 1;
    margin: 8px 0 0;
    padding: 0;
    font-size: var(--type-1);
    line-height: 1.35;
  }
  li .count {
    flex: none;
    font: 400 var(--type-3)/44px var(--serif);
  }
</style>
