<!-- One student's work as it was handed in: each sheet with its mark. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import { api, ask, tell, type Instrument, type Placement, type Schema } from '../api/client'
  import { filledOf, toldAnswer } from '../shared/response'
  import { facesFor } from '../shared/faces'
  import { drawingOf } from '../sheet/drawing'
  import DrawnFigure from '../sheet/DrawnFigure.svelte'
  import MarkInk from '../sheet/MarkInk.svelte'
  import Protractor from '../sheet/Protractor.svelte'
  import { sceneOf } from '../sheet/scene'
  import Sheet from '../sheet/Sheet.svelte'
  import SheetScene from '../sheet/SheetScene.svelte'
  import { degrees, listed, t } from '../said/said.svelte'

  interface Props {
    assignmentId: string
    student: Schema['StudentResult']
    /** Where one goes when the sheets are put away. */
    back: string
  }
  let { assignmentId, student, back }: Props = $props()
  let answers = $state<Schema['AnswerReply'][]>([])
  let instruments = $state<Instrument[]>([])
  let failure = $state('')

  let section: HTMLElement
  let heading: HTMLElement

  onMount(async () => {
    heading.focus({ preventScroll: true })
    if (section.getBoundingClientRect().top > innerHeight / 2) section.scrollIntoView({ block: 'start' })
    try {
      const path = { assignmentId, studentId: student.studentId }
      answers = await ask(
        api.GET('/api/v1/assignments/{assignmentId}/students/{studentId}/answers', { params: { path } }),
      )
      instruments = await facesFor(answers.map((answer) => answer.item.view))
    } catch (error) {
      failure = tell(error)
    }
  })

  /** Where the instrument lay at the last reading of a response. */
  const placementIn = (response: Schema['Response']): Placement | null =>
    (Object.entries(response)
      .filter(([name, value]) => /placement$/i.test(name) && value)
      .map(([, value]) => value)
      .at(-1) as Placement | undefined) ?? null

  /** What was answered in the end, in words or degrees. */
  function saidIn(view: Schema['ItemView'], answer: Schema['AnswerReply']): string {
    const { value } = answer.mark
    if (value !== null && value !== undefined) return degrees(value)
    const filled = filledOf(view, answer.response)
    return (
      view.asks.map((ask) => toldAnswer(ask, filled)).findLast((told) => told !== '') ??
      t('desk.sheets.nothing')
    )
  }

  function lookedBack({ step, line }: Schema['ReflectionReply']): string {
    const sentence = t('desk.sheets.reflection', { stepNumber: String(step) })
    return line
      ? t('desk.sheets.looks-back-line', { sentence, own: line })
      : t('desk.sheets.looks-back', { sentence })
  }

  const likely = (mark: Schema['Mark']): string =>
    mark.causes.find((cause) => cause.mistake === mark.likelyCause)?.name.text ?? ''
</script>

<section bind:this={section} aria-label={t('desk.sheets.title', { name: student.givenName })}>
  <div class="top">
    <h2 tabindex="-1" bind:this={heading}>{t('desk.sheets.title', { name: student.givenName })}</h2>
    <a href={back}>{t('desk.sheets.put-away')}</a>
  </div>
  {#if student.habits.some((habit) => habit.named)}
    <p>
      {t('desk.sheets.habits', {
        items: listed(
          student.habits
            .filter((habit) => habit.named)
            .map((habit) =>
              t('desk.sheets.habit', {
                name: habit.name.text,
                share: Math.round(habit.likelihood * 100),
              }),
            ),
        ),
      })}
    </p>
  {/if}
  {#if student.reflection}
    <p>{lookedBack(student.reflection)}</p>
  {/if}
  {#if failure}<p role="alert">{failure}</p>{/if}
  <div class="sheets">
    {#each answers as answer (answer.id)}
      {@const item = answer.item}
      {@const view = item.view}
      {@const instrument = instruments.find((i) => i.protractor.id === view.inHand?.id)}
      {@const placement = placementIn(answer.response)}
      <figure>
        <div class="paper">
          <Sheet
            label={t('desk.sheets.item', { place: answer.itemIndex + 1, count: answer.try })}
            {...view.window}
          >
            <SheetScene scene={sceneOf(view.sheet)} {instruments} />
            {#if 'strokes' in answer.response}
              <DrawnFigure task={view.drawing} drawing={drawingOf(answer.response)} />
            {/if}
            {#if instrument && placement}
              <g opacity="0.55"><Protractor {instrument} {placement} /></g>
            {/if}
            {#if answer.mark.picture}
              <MarkInk picture={answer.mark.picture} window={view.window} />
            {/if}
          </Sheet>
        </div>
        <figcaption>
          <strong>
            {t(view.drawing ? 'desk.sheets.drew' : 'desk.sheets.answered', {
              place: answer.itemIndex + 1,
              sentence: saidIn(view, answer),
            })}
          </strong>
          {t('desk.sheets.right-answer', {
            sentence: item.answer.text,
            verdict: answer.mark.verdict,
          })}
          {#if answer.try > 1}{t('desk.sheets.try', { count: answer.try })}{/if}
          <span class="quiet">{likely(answer.mark)}</span>
        </figcaption>
      </figure>
    {:else}
      {#if !failure}<p class="quiet">{t('desk.sheets.none')}</p>{/if}
    {/each}
  </div>
</section>

<style>
  section {
    max-height: calc(100dvh - 120px);
    overflow-y: auto;
    padding: 20px 24px;
    background: #fff;
  }
  .top {
    display: flex;
    justify-content: space-between;
    align-items: center;
  }
  .top a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
  h2 {
    outline: none;
    font-size: var(--type-4);
  }
  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 360px), 1fr));
    gap: 16px;
  }
  figure {
    margin: 0;
  }
  .paper {
    aspect-ratio: 220 / 184;
    border: 1px solid #e1ded2;
  }
  figcaption {
    padding-top: 8px;
    font-size: var(--type-2);
    line-height: 1.4;
  }
  figcaption span {
    display: block;
  }
</style>
