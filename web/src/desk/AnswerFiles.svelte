<!-- The set and its answers as files, and old answers marked again by a newer marker. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { api, ask, tell } from '../api/client'
  import { download } from '../shared/download'
  import { t } from '../said/said.svelte'

  let { id, setId, title }: { id: string; setId: string; title: string } = $props()
  let said = $state('')

  const told = (file: unknown): string => `${JSON.stringify(file, null, 2)}\n`

  async function guarded(work: () => Promise<string>): Promise<void> {
    try {
      said = await work()
    } catch (error) {
      said = tell(error)
    }
  }

  const saveSet = (): Promise<void> =>
    guarded(async () => {
      const file = await ask(api.GET('/api/v1/sets/{setId}/file', { params: { path: { setId } } }))
      download(`${title}.json`, told(file), 'application/json')
      return t('desk.answers.set-saved')
    })

  const saveAnswers = (): Promise<void> =>
    guarded(async () => {
      const path = { assignmentId: id }
      const file = await ask(api.GET('/api/v1/assignments/{assignmentId}/file', { params: { path } }))
      download(`${t('desk.answers.file', { name: title })}.json`, told(file), 'application/json')
      return t('desk.answers.saved')
    })

  const markAgain = (): Promise<void> =>
    guarded(async () => {
      const path = { assignmentId: id }
      const done = await ask(api.POST('/api/v1/assignments/{assignmentId}/marks', { params: { path } }))
      return done.markedAgain === 0
        ? t('desk.answers.all-newest')
        : t('desk.answers.marked-again', { count: done.markedAgain, number: done.changed })
    })
</script>

<details>
  <summary>{t('desk.answers.title')}</summary>
  <div>
    <Button kind="tertiary" size="field" on:click={saveSet}>{t('desk.answers.save-set')}</Button>
    <Button kind="tertiary" size="field" on:click={saveAnswers}>{t('desk.answers.save-answers')}</Button>
    <Button kind="tertiary" size="field" on:click={markAgain}>{t('desk.answers.mark-again')}</Button>
  </div>
  {#if said}<p role="status">{said}</p>{/if}
</details>

<style>
  details {
    margin-top: 16px;
  }
  summary {
    min-height: 32px;
    cursor: pointer;
  }
  div {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
</style>
