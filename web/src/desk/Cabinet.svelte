<!-- The class's own instruments: described in numbers, seen drawn to size while they are, and kept. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { onMount } from 'svelte'
  import { api, ask, Problem, tell, type Instrument, type Protractor, type Schema } from '../api/client'
  import { download } from '../shared/download'
  import OpenFile from '../shared/OpenFile.svelte'
  import InstrumentPicture from '../sheet/InstrumentPicture.svelte'
  import ProtractorBody from '../sheet/ProtractorBody.svelte'
  import Calibration from './Calibration.svelte'
  import { fileOf, likeAnother } from './describing'
  import DescriptionForm from './DescriptionForm.svelte'
  import { pixelsPerMillimetre } from './trueSize'
  import { t } from '../said/said.svelte'

  let shipped: Instrument[] = $state.raw([])
  let kept: Schema['CabinetReply'][] = $state.raw([])
  let draft = $state<Protractor | null>(null)
  let drawn = $state.raw<Instrument | null>(null)
  let errors: Record<string, string> = $state({})
  let failure = $state('')
  let said = $state('')
  let scale = $state(pixelsPerMillimetre())

  const half = $derived(
    drawn
      ? Math.max(
          drawn.protractor.halfLength,
          drawn.protractor.edgeRadius,
          drawn.protractor.arm?.length ?? 0,
        ) + 4
      : 80,
  )
  const below = $derived(drawn?.protractor.shape === 'fullCircle' ? half : (drawn?.protractor.inset ?? 0) + 6)

  onMount(async () => {
    try {
      ;[shipped, kept] = await Promise.all([
        ask(api.GET('/api/v1/instruments')),
        ask(api.GET('/api/v1/cabinet')),
      ])
      if (shipped[0]) draft = likeAnother(shipped[0].protractor)
    } catch (error) {
      failure = tell(error)
    }
  })

  /** Puts what is wrong beside its field; the picture stays as it last could exist. */
  function beside(error: unknown): void {
    if (error instanceof Problem && Object.keys(error.errors).length > 0) {
      errors = Object.fromEntries(
        Object.entries(error.errors).map(([field, messages]) => [
          field.replace(/^instrument\.?/, ''),
          messages.join(' '),
        ]),
      )
    } else {
      failure = tell(error)
    }
  }

  // It is drawn anew as soon as a number changes; the newest description wins.
  let asked = 0
  $effect(() => {
    if (!draft) return
    const instrument = $state.snapshot(draft) as Protractor
    const number = ++asked
    ask(api.POST('/api/v1/instruments/described', { body: { instrument } })).then(
      (reply) => {
        if (number !== asked) return
        drawn = reply
        errors = {}
      },
      (error: unknown) => {
        if (number === asked) beside(error)
      },
    )
  })

  async function keep(): Promise<void> {
    try {
      await ask(api.POST('/api/v1/cabinet', { body: { instrument: $state.snapshot(draft) as Protractor } }))
      kept = await ask(api.GET('/api/v1/cabinet'))
      said = t('desk.cabinet.kept', { name: draft?.name ?? '' })
      failure = ''
    } catch (error) {
      beside(error)
    }
  }

  async function remove(one: Schema['CabinetReply']): Promise<void> {
    try {
      await ask(api.DELETE('/api/v1/cabinet/{instrumentId}', { params: { path: { instrumentId: one.id } } }))
      kept = kept.filter((other) => other.id !== one.id)
    } catch (error) {
      failure = tell(error)
    }
  }

  async function load(text: string): Promise<void> {
    try {
      const read = await ask(api.POST('/api/v1/instruments/read', { body: { text } }))
      draft = { ...read.protractor }
      said = t('desk.files.opened', { name: read.protractor.name })
      failure = ''
    } catch (error) {
      said = ''
      failure = tell(error)
    }
  }

  const rest = $derived(
    Object.entries(errors).filter(
      ([field]) => !['edgeRadius', 'halfLength', 'inset', 'name'].includes(field),
    ),
  )
</script>

<main>
  <section class="form" aria-label={t('desk.cabinet.describe')}>
    <h1>{t('desk.cabinet.title')}</h1>
    <p class="quiet">{t('desk.cabinet.hint')}</p>
    {#if draft}
      <DescriptionForm bind:draft {shipped} {errors} />
      {#each rest as [field, message] (field)}<p class="fault" role="alert">{message}</p>{/each}
      <div class="buttons">
        <Button disabled={Object.keys(errors).length > 0} on:click={keep}>{t('desk.cabinet.keep')}</Button>
        <Button
          kind="tertiary"
          disabled={Object.keys(errors).length > 0}
          on:click={() =>
            download(`${draft!.name}.json`, fileOf($state.snapshot(draft) as Protractor), 'application/json')}
          >{t('shared.save-file')}</Button
        >
        <OpenFile onopen={load} />
      </div>
      {#if Object.keys(errors).length > 0}<p>{t('desk.cabinet.mend')}</p>{/if}
      {#if failure}<p class="fault" role="alert">{failure}</p>{:else if said}<p role="status">{said}</p>{/if}
    {/if}
  </section>
  <section class="seen" aria-label={t('desk.cabinet.drawn')}>
    {#if drawn}
      <!-- A large instrument is scrolled to. -->
      <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
      <div class="paper" role="region" tabindex="0" aria-label={t('desk.cabinet.true-size')}>
        <svg
          width={2 * half * scale}
          height={(half + below) * scale}
          viewBox="{-half} {-half} {2 * half} {half + below}"
          role="img"
          aria-label={t('desk.cabinet.picture', { name: drawn.protractor.name })}
        >
          <g transform="scale(1 -1)"><ProtractorBody instrument={drawn} /></g>
        </svg>
      </div>
      <Calibration bind:scale />
      <h2>{t('desk.cabinet.rules')}</h2>
      <ul class="rules">
        {#each drawn.rules as rule (rule.rule)}
          <li class={rule.trust}><strong>{rule.name.text}</strong> {rule.why.text}</li>
        {/each}
      </ul>
    {/if}
    <h2>{t('desk.cabinet.in')}</h2>
    {#if kept.length === 0}<p class="quiet">{t('desk.cabinet.none')}</p>{/if}
    <ul class="kept">
      {#each kept as one (one.id)}
        <li>
          <InstrumentPicture instrument={one.instrument} width={110} height={62} />
          <button type="button" onclick={() => (draft = { ...one.instrument.protractor })}
            >{one.instrument.protractor.name}</button
          >
          <button type="button" onclick={() => remove(one)}>{t('desk.cabinet.take-out')}</button>
        </li>
      {/each}
    </ul>
  </section>
</main>

<style>
  main {
    display: grid;
    grid-template-columns: minmax(0, 500px) minmax(0, 1fr);
    gap: 24px;
    padding: 24px;
    align-items: start;
  }
  .form {
    display: flex;
    flex-direction: column;
    gap: 12px;
    padding: 24px;
    background: #fff;
  }
  h1 {
    font-size: var(--type-5);
  }
  h2 {
    font-size: var(--type-3);
    margin-top: 8px;
  }
  p {
    margin: 0;
    line-height: 1.4;
  }
  .kept button {
    min-height: 44px;
    border: 0;
    background: none;
    color: #1d4f91;
    font: 400 var(--type-1) var(--sans);
    text-decoration: underline;
    cursor: pointer;
  }
  .buttons {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(100%, 200px), 1fr));
    gap: 8px;
  }
  .buttons :global(.bx--btn) {
    width: 100%;
    max-width: none;
  }
  .fault {
    padding-left: 8px;
    border-left: 4px solid var(--marking);
  }
  .paper {
    overflow: auto;
    padding: 16px;
    background: var(--paper);
    text-align: center;
  }
  .seen {
    display: flex;
    flex-direction: column;
    gap: 8px;
    min-width: 0;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  .rules li {
    padding: 8px 12px;
    margin-bottom: 4px;
    background: #fff;
    border-left: 4px solid var(--start-arm);
    line-height: 1.4;
  }
  .rules .misleads {
    border-left-color: var(--marking);
  }
  .rules .safeUpright,
  .rules .silent {
    border-left-color: var(--brass-light);
  }
  .kept li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 16px;
    padding: 8px 12px;
    background: #fff;
  }
  @media (max-width: 900px) {
    main {
      grid-template-columns: minmax(0, 1fr);
    }
  }
  @media (max-width: 500px) {
    main {
      padding: 16px 12px;
    }
    .form {
      padding: 16px 12px;
    }
  }
</style>
