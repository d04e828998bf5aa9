<!-- One student's work as it was handed in: each sheet with its mark. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import { api, ask, tell, type Instrument, type Item, type Schema } from '../api/client'
  import AngleFigure from '../sheet/AngleFigure.svelte'
  import { drawingOf, empty } from '../sheet/drawing'
  import DrawnFigure from '../sheet/DrawnFigure.svelte'
  import { spoken } from '../sheet/geometry'
  import MarkInk from '../sheet/MarkInk.svelte'
  import Protractor from '../sheet/Protractor.svelte'
  import Sheet from '../sheet/Sheet.svelte'
  import { sheetWindow } from '../sheet/window'

  interface Props {
    assignmentId: string
    student: Schema['StudentResult']
    items: Item[]
  }
  let { assignmentId, student, items }: Props = $props()
  let answers = $state<Schema['AnswerReply'][]>([])
  let instruments = $state<Instrument[]>([])
  let failure = $state('')
  const verdicts = { accepted: 'fits', near: 'near', notYet: 'not yet' }

  let section: HTMLElement

  onMount(async () => {
    section.scrollIntoView({ block: 'start' })
    try {
      const path = { assignmentId, studentId: student.studentId }
      ;[answers, instruments] = await Promise.all([
        ask(api.GET('/api/v1/assignments/{assignmentId}/students/{studentId}/answers', { params: { path } })),
        ask(api.GET('/api/v1/instruments')),
      ])
    } catch (error) {
      failure = tell(error)
    }
  })

  const likely = (mark: Schema['Mark']): string =>
    mark.causes.find((cause) => cause.mistake === mark.likelyCause)?.name ?? ''
</script>

<section bind:this={section} aria-label="Sheets of {student.givenName}">
  <h2>{student.givenName}’s sheets</h2>
  {#if failure}<p role="alert">{failure}</p>{/if}
  <div class="sheets">
    {#each answers as answer (answer.id)}
      {@const item = items[answer.itemIndex]!}
      {@const instrument = instruments.find((i) => i.protractor.id === item.instrument.id)}
      <figure>
        <div class="paper">
          <Sheet label="Item {answer.itemIndex + 1}, try {answer.try}" {...sheetWindow}>
            {#if item.kind === 'measure'}
              <AngleFigure angle={item.angle} names={item.names} />
            {:else}
              <DrawnFigure
                {item}
                drawing={answer.response.kind === 'draw' ? drawingOf(answer.response) : empty}
              />
            {/if}
            {#if instrument && answer.response.placement}
              <g opacity="0.55"><Protractor {instrument} placement={answer.response.placement} /></g>
            {/if}
            {#if answer.mark.picture}
              <MarkInk picture={answer.mark.picture} halfWidth={sheetWindow.width / 2} />
            {/if}
          </Sheet>
        </div>
        <figcaption>
          <strong>
            {answer.itemIndex + 1}. {item.kind === 'measure' ? 'Read' : 'Drew'}
            {answer.mark.value === null || answer.mark.value === undefined
              ? 'nothing'
              : `${spoken(answer.mark.value)}°`}
          </strong>
          of {item.kind === 'measure' ? item.angle.measure : item.measure}°, {verdicts[answer.mark.verdict]}
          {#if answer.try > 1}(try {answer.try}){/if}
          <span class="quiet">{likely(answer.mark)}</span>
        </figcaption>
      </figure>
    {:else}
      {#if !failure}<p class="quiet">Nothing handed in yet.</p>{/if}
    {/each}
  </div>
</section>

<style>
  section {
    grid-column: 1 / -1;
    padding: 20px 24px;
    background: #fff;
  }
  h2 {
    margin-bottom: 14px;
    font-size: 20px;
  }
  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
    gap: 18px;
  }
  figure {
    margin: 0;
  }
  .paper {
    aspect-ratio: 220 / 184;
    border: 1px solid #e1ded2;
  }
  figcaption {
    padding-top: 6px;
    font-size: 15px;
    line-height: 1.4;
  }
  figcaption span {
    display: block;
  }
</style>
