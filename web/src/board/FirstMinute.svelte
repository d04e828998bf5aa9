<!-- What a newcomer can do, told once in an empty corner of the sheet; it goes away at the first touch. -->
<script lang="ts">
  import { t } from '../said/said.svelte'
  import { choices } from './choices.svelte'

  interface Props {
    hasInstrument: boolean
    ontake: () => void
  }
  let { hasInstrument, ontake }: Props = $props()

  /** A touch of the sheet; the button here is no such touch before it has done its work. */
  const touched = (event: PointerEvent): void => {
    if ((event.target as Element).closest('svg.sheet')) choices.set({ met: true })
  }
</script>

<svelte:window onpointerdown={touched} />
<p>
  <span>{hasInstrument ? t('board.first.hold') : t('board.first.turn')}</span>
  {#if !hasInstrument}
    <button
      type="button"
      class="as-link"
      onclick={() => {
        choices.set({ met: true })
        ontake()
      }}>{t('board.first.take')}</button
    >
  {/if}
</p>

<style>
  p {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    align-self: flex-end;
    margin: auto 0 0;
    padding: 0.25rem 0.75rem;
    max-width: 15rem;
    color: var(--ink-soft);
    font: italic 400 var(--type-3)/1.35 var(--serif);
  }
  button {
    color: inherit;
    font-size: var(--type-3);
  }
  @media (max-height: 38rem) {
    p {
      display: none;
    }
  }
</style>
