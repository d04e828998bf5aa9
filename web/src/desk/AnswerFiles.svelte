<!-- The set and its answers as files, and old answers marked again by a newer marker. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { api, ask, tell } from '../api/client'
  import { download } from '../shared/download'

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
      return 'The set is saved.'
    })

  const saveAnswers = (): Promise<void> =>
    guarded(async () => {
      const path = { assignmentId: id }
      const file = await ask(api.GET('/api/v1/assignments/{assignmentId}/file', { params: { path } }))
      download(`${title}, answers.json`, told(file), 'application/json')
      return 'The answers are saved, without names.'
    })

  const markAgain = (): Promise<void> =>
    guarded(async () => {
      const path = { assignmentId: id }
      const done = await ask(api.POST('/api/v1/assignments/{assignmentId}/marks', { params: { path } }))
      return done.markedAgain === 0
        ? 'Every answer has been marked by the newest marker already.'
        : `${done.markedAgain} answers were marked again, ${done.changed} of them otherwise. The old marks are kept.`
    })
</script>

<details>
  <summary>Files, and marking again</summary>
  <div>
    <Button kind="tertiary" size="field" on:click={saveSet}>The set as a file</Button>
    <Button kind="tertiary" size="field" on:click={saveAnswers}>The answers as a file</Button>
    <Button kind="tertiary" size="field" on:click={markAgain}>Mark earlier answers again</Button>
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
