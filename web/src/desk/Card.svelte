<!-- A form on a sheet of its own in the middle of the page. -->
<script lang="ts">
  import type { Snippet } from 'svelte'

  interface Props {
    title: string
    onsubmit: (event: SubmitEvent) => void
    children: Snippet
  }
  let { title, onsubmit, children }: Props = $props()
</script>

<main>
  <form {onsubmit}>
    <h1>{title}</h1>
    {@render children()}
  </form>
</main>

<style>
  main {
    display: grid;
    place-items: center;
    min-height: 80vh;
    padding: 24px;
  }
  form {
    display: flex;
    flex-direction: column;
    gap: 20px;
    width: min(420px, 100%);
    padding: 32px;
    background: #fff;
  }
  h1 {
    font-size: var(--type-6);
  }
</style>
