<!-- The students of a class: added, their PINs and cards, put away. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import { t } from '../said/said.svelte'
  import Cards from './Cards.svelte'
  import PinSlips from './PinSlips.svelte'
  import ThingMenu from './ThingMenu.svelte'
  import type { Undoing } from './undoing.svelte'

  interface Props {
    group: Schema['ClassDetailReply']
    showsArchive: boolean
    undoing: Undoing
    /** PINs told in this visit, by student: each is shown once and then only kept as a hash. */
    pins: Record<string, string>
    /** Reads the class again after a change. */
    onchange: () => Promise<void>
  }
  let { group, showsArchive, undoing, pins = $bindable(), onchange }: Props = $props()

  /** Cards made in this visit: shown once, as PINs are. */
  let cards: Schema['CardReply'][] = $state([])
  let givenName = $state('')
  let failure = $state('')
  let said = $state('')
  const students = $derived(group.students.filter((s) => showsArchive || !s.archived))

  async function guarded(work: () => Promise<void>): Promise<void> {
    try {
      await work()
      failure = ''
    } catch (error) {
      failure = tell(error)
    }
  }

  /** Several names in one box: asked about before anybody is added. */
  let several: string[] = $state([])

  async function add(name: string): Promise<void> {
    const told = await ask(
      api.POST('/api/v1/classes/{classId}/students', {
        params: { path: { classId: group.id } },
        body: { givenName: name },
      }),
    )
    pins[told.studentId] = told.pin
  }

  const addStudent = (event: SubmitEvent): Promise<void> =>
    guarded(async () => {
      event.preventDefault()
      const names = givenName
        .split(/[,;\n]/)
        .map((name) => name.trim())
        .filter(Boolean)
      if (names.length > 1) {
        several = names
        return
      }
      await add(givenName)
      givenName = ''
      await onchange()
    })

  const addSeveral = (): Promise<void> =>
    guarded(async () => {
      // Whoever is in is taken off the list, so that a name that is refused leaves only what is still to do.
      try {
        while (several.length > 0) {
          await add(several[0]!)
          several = several.slice(1)
          givenName = several.join(', ')
        }
      } finally {
        await onchange()
      }
    })

  const slips = $derived(
    students.flatMap(({ id, givenName: name }) => (pins[id] ? [{ id, name, pin: pins[id] }] : [])),
  )

  const renew = (studentId: string): Promise<void> =>
    guarded(async () => {
      const told = await ask(
        api.POST('/api/v1/classes/{classId}/students/{studentId}/pin', {
          params: { path: { classId: group.id, studentId } },
        }),
      )
      pins[studentId] = told.pin
    })

  const newCards = (who: Schema['StudentReply'][]): Promise<void> =>
    guarded(async () => {
      const made: Schema['CardReply'][] = []
      for (const { id } of who)
        made.push(
          await ask(
            api.POST('/api/v1/classes/{classId}/students/{studentId}/card', {
              params: { path: { classId: group.id, studentId: id } },
            }),
          ),
        )
      cards = made
      await onchange()
    })

  const revokeCard = (student: Schema['StudentReply']): Promise<void> =>
    guarded(async () => {
      const path = { classId: group.id, studentId: student.id }
      await ask(api.DELETE('/api/v1/classes/{classId}/students/{studentId}/card', { params: { path } }))
      cards = cards.filter((card) => card.studentId !== student.id)
      await onchange()
      said = t('desk.classes.card-stopped', { name: student.givenName })
    })
</script>

<form class="add" onsubmit={addStudent}>
  <TextInput labelText={t('desk.classes.new-student')} bind:value={givenName} />
  <Button type="submit" size="field">{t('desk.classes.add-student')}</Button>
</form>
{#if several.length > 0}
  <div class="several" role="alertdialog" aria-label={t('desk.classes.several-title')}>
    <p>{t('desk.classes.several', { count: several.length, items: several.join(', ') })}</p>
    <Button size="field" on:click={addSeveral}>{t('desk.classes.several-add')}</Button>
    <Button size="field" kind="tertiary" on:click={() => (several = [])}>{t('shared.cancel')}</Button>
  </div>
{/if}
<ul>
  {#each students as student (student.id)}
    <li>
      <span>{student.givenName}{student.archived ? ` · ${t('desk.classes.archived')}` : ''}</span>
      {#if pins[student.id]}<strong>{t('desk.classes.pin', { own: pins[student.id]! })}</strong>{/if}
      <button type="button" onclick={() => renew(student.id)}>{t('desk.classes.new-pin')}</button>
      <ThingMenu
        thing={{
          kind: 'student',
          id: student.id,
          classId: group.id,
          name: student.givenName,
          archived: student.archived,
        }}
        {undoing}
        {onchange}
        more={[
          { text: t('desk.classes.new-card'), act: () => void newCards([student]) },
          ...(student.hasCard
            ? [{ text: t('desk.classes.stop-card'), act: () => void revokeCard(student) }]
            : []),
        ]}
      />
    </li>
  {/each}
</ul>
<p class="quiet">{t('desk.classes.pin-hint')}</p>
{#if students.length > 0}
  <Button kind="tertiary" size="field" on:click={() => newCards(students.filter((s) => !s.archived))}
    >{t('desk.classes.new-cards')}</Button
  >
{/if}
{#if slips.length > 0}<PinSlips {slips} className={group.name} code={group.code} />{/if}
{#if cards.length > 0}<Cards {cards} className={group.name} />{/if}
{#if said}<p role="status">{said}</p>{/if}
{#if failure}<p class="failure" role="alert">{failure}</p>{/if}

<style>
  form {
    display: grid;
    gap: 8px;
    margin-top: 20px;
  }
  .several {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px;
    margin: 12px 0;
    padding: 12px 16px;
    border-left: 4px solid var(--brass-light);
    background: #fbf3df;
  }
  .several p {
    flex: 1 1 100%;
    margin: 0;
  }
  .add {
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: end;
  }
  ul {
    columns: 2 300px;
    margin: 20px 0;
    padding: 0;
    list-style: none;
  }
  li {
    display: flex;
    align-items: center;
    gap: 0 12px;
    min-height: 44px;
    break-inside: avoid;
  }
  li span {
    flex: 1;
    overflow-wrap: anywhere;
  }
  /* A row of three words and a menu is too long for a telephone: the PIN stands below the name. */
  @media (max-width: 400px) {
    li {
      flex-wrap: wrap;
    }
    li span {
      flex-basis: 100%;
      padding-top: 8px;
    }
  }
  li button {
    min-height: 44px;
    border: 0;
    background: none;
    font: 400 var(--type-1) var(--sans);
    color: var(--cds-link-01);
    text-decoration: underline;
    cursor: pointer;
  }
  .failure {
    padding: 12px 16px;
    border-left: 4px solid var(--marking);
  }
</style>
