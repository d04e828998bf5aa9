<!-- A button that opens a file of ours and hands on its text. -->
<script lang="ts">
  import { t } from '../said/said.svelte'

  interface Props {
    label?: string
    onopen: (text: string) => void
  }
  let { label = t('shared.file.open'), onopen }: Props = $props()

  async function load(event: Event): Promise<void> {
    const input = event.currentTarget as HTMLInputElement
    const file = input.files?.[0]
    // The same file may be opened again once it has been mended.
    input.value = ''
    if (file) onopen(await file.text())
  }
</script>

<label>{label}<input type="file" accept="application/json,.json" onchange={load} /></label>

<style>
  label {
    display: flex;
    align-items: center;
    min-height: 48px;
    padding: 0 16px;
    border: 1px solid var(--ink);
    font-size: var(--type-1);
    cursor: pointer;
  }
  label:focus-within {
    outline: 3px solid var(--cds-focus);
  }
  input {
    position: absolute;
    width: 1px;
    height: 1px;
    opacity: 0;
  }
</style>
