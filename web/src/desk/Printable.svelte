<!-- What is shown once, to be printed: on paper it stands alone. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import type { Snippet } from 'svelte'

  interface Props {
    title: string
    hint: string
    print: string
    children: Snippet
  }
  let { title, hint, print, children }: Props = $props()

  let section: HTMLElement | undefined = $state()

  /** Only this is printed, whatever else on the page could be. */
  function toPaper(): void {
    section?.classList.add('to-paper')
    window.print()
    section?.classList.remove('to-paper')
  }
</script>

<section class="printable" aria-label={title} bind:this={section}>
  <p class="screen">{hint}</p>
  <div class="screen"><Button size="field" on:click={toPaper}>{print}</Button></div>
  {@render children()}
</section>

<style>
  .printable {
    margin-top: 20px;
  }
  /* What is cut out and handed out. */
  .printable :global(.slips) {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    margin: 16px 0 0;
    padding: 0;
    list-style: none;
  }
  .printable :global(.slips li) {
    display: grid;
    justify-items: center;
    gap: 4px;
    padding: 16px;
    border: 1px dashed #8b97a8;
    break-inside: avoid;
    text-align: center;
  }
  @media print {
    .printable :global(.slips) {
      grid-template-columns: repeat(4, 1fr);
    }
    .screen {
      display: none;
    }
    :global(body > *),
    :global(#app > *) {
      visibility: hidden;
    }
    .printable:global(.to-paper),
    .printable:global(.to-paper *) {
      visibility: visible;
    }
    .printable:global(.to-paper) {
      position: absolute;
      inset: 0 0 auto 0;
      margin: 0;
    }
  }
</style>
