<!-- Wishes as a file and from a file; a whole set from a file is kept and given as it is. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import { download } from '../shared/download'
  import OpenFile from '../shared/OpenFile.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    title: string
    specification: Schema['SetSpecification']
    /** The class that a set from a file is given to; empty when there is none. */
    classId: string
    onwishes: (title: string, specification: Schema['SetSpecification']) => void
  }
  let { title, specification, classId, onwishes }: Props = $props()
  let said = $state('')
  let fault = $state('')

  function save(): void {
    const file = { format: 'jaunty-specification', version: 1, title, specification }
    download(`${title}.json`, `${JSON.stringify(file, null, 2)}\n`, 'application/json')
  }

  async function open(text: string): Promise<void> {
    said = fault = ''
    try {
      const isSet = /"format"\s*:\s*"jaunty-set"/.test(text)
      if (isSet && classId === '') {
        fault = t('desk.files.class-first')
        return
      }
      if (isSet) {
        const kept = await ask(api.POST('/api/v1/sets/read', { body: { text } }))
        const given = await ask(
          api.POST('/api/v1/assignments', { body: { setId: kept.id, classId, tries: 3 } }),
        )
        location.hash = `#/results/${given.id}`
        return
      }
      const read = await ask(api.POST('/api/v1/specifications/read', { body: { text } }))
      onwishes(read.title, read.specification)
      said = t('desk.files.opened', { name: read.title })
    } catch (error) {
      fault = tell(error)
    }
  }
</script>

<div>
  <Button kind="tertiary" on:click={save}>{t('desk.files.save')}</Button>
  <OpenFile label={t('desk.files.open')} onopen={open} />
</div>
{#if fault}<p class="fault" role="alert">{fault}</p>{:else if said}<p role="status">{said}</p>{/if}

<style>
  div {
    display: flex;
    flex-direction: column;
    gap: 8px;
  }
  .fault {
    padding-left: 8px;
    border-left: 4px solid var(--marking);
  }
</style>
