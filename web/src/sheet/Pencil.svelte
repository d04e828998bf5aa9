<!-- The pencil for those who work with keys: arrows move it, Enter does what its tool does. -->
<script lang="ts">
  import type { Point } from '../api/client'
  import { nextPlace, type Place } from './aids'
  import { arrowOf } from './handling'
  import { placeNamed } from './told'
  import { t } from '../said/said.svelte'

  interface Props {
    at: Point
    /** What Enter does, as a sentence. */
    does: string
    onmove: (at: Point) => void
    onpress: () => void
    /** Where a key may bring it at once. */
    places?: readonly Place[]
  }
  let { at, does, onmove, onpress, places = [] }: Props = $props()

  function key(event: KeyboardEvent): void {
    const by = arrowOf(event)
    const jump = event.code === 'KeyJ' ? nextPlace(places, at) : null
    if (by) {
      onmove({ x: at.x + by.x, y: at.y + by.y })
    } else if (jump) {
      onmove(jump)
    } else if (event.code === 'Enter') {
      onpress()
    } else {
      return
    }
    event.preventDefault()
    event.stopPropagation()
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<g
  role="group"
  aria-roledescription={t('sheet.pencil.name')}
  aria-label={[
    t('sheet.pencil.lies', { at: placeNamed(at, places), does }),
    places.length > 0 && t('sheet.pencil.aids'),
  ]
    .filter(Boolean)
    .join(' ')}
  tabindex="0"
  data-testid="pencil"
  transform="translate({at.x} {at.y})"
  onkeydown={key}
>
  <path d="M0 0L2 5.5L17 20.500L20.500 17L5.500 2Z" />
  <circle r="2.500" />
</g>

<style>
  g {
    outline: none;
    pointer-events: none;
  }
  path {
    fill: #f3dfb0;
    stroke: var(--ink);
    stroke-width: 0.4;
    opacity: 0;
  }
  circle {
    fill: none;
    stroke: var(--cds-focus);
    stroke-width: 0.5;
    opacity: 0;
  }
  g:focus-visible path,
  g:focus-visible circle {
    opacity: 1;
  }
</style>
