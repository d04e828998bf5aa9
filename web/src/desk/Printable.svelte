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
  @media print {
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
