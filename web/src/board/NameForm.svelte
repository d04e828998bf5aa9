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

<form onsubmit={submit} aria-label={t('board.name.title')}>
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
    position: absolute;
    left: 50%;
    top: 30%;
    transform: translateX(-50%);
    display: flex;
    gap: 8px;
    align-items: center;
    padding: 12px;
    background: #fff;
    color: #0f2340;
    border: 1px solid #0f2340;
    font-size: 16px;
  }
  input {
    height: 44px;
    width: 160px;
    padding: 0 10px;
    border: 1px solid #4d5b70;
    font: 400 18px var(--serif);
  }
  button {
    height: 44px;
    padding: 0 16px;
    border: 0;
    background: #0f2340;
    color: #fff;
    font: 600 15px var(--sans);
    cursor: pointer;
  }
</style>
