<!-- What is to be written at a point of the sheet. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import { t } from '../said/said.svelte'

  let { onwrite }: { onwrite: (text: string) => void } = $props()

  let text = $state('')
  let input: HTMLInputElement | undefined = $state()
  onMount(() => input?.focus())

  function submit(event: SubmitEvent): void {
    event.preventDefault()
    onwrite(text.trim())
  }
</script>

<form class="on-sheet" onsubmit={submit} aria-label={t('board.name.title')}>
  <label for="name-text">{t('board.name.label')}</label>
  <input
    id="name-text"
    bind:this={input}
    bind:value={text}
    maxlength="40"
    onkeydown={(event) => event.code === 'Escape' && onwrite('')}
  />
  <button type="submit">{t('board.name.write')}</button>
</form>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: center;
  }
  input {
    width: 10rem;
  }
</style>
