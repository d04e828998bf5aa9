<!-- A new class by its name. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import { t } from '../said/said.svelte'

  let { onmade }: { onmade: (made: Schema['ClassReply']) => Promise<void> | void } = $props()
  let name = $state('')
  let complaint = $state('')

  async function add(): Promise<void> {
    try {
      const made = await ask(api.POST('/api/v1/classes', { body: { name } }))
      name = ''
      complaint = ''
      await onmade(made)
    } catch (error) {
      complaint = tell(error)
    }
  }
</script>

<!-- No form of its own: it also stands inside one. -->
<div>
  <TextInput
    labelText={t('desk.classes.new')}
    bind:value={name}
    invalid={complaint !== ''}
    invalidText={complaint}
    on:keydown={(event) => {
      if (event.key !== 'Enter') return
      event.preventDefault()
      void add()
    }}
  />
  <Button kind="tertiary" size="field" on:click={() => void add()}>{t('desk.classes.add')}</Button>
</div>

<style>
  div {
    display: grid;
    gap: 8px;
  }
</style>
