<!-- The paper itself as something to draw on: presses, moves and releases in mm. -->
<script lang="ts">
  import type { Point } from '../api/client'
  import { useSheet } from '../sheet/Sheet.svelte'

  interface Props {
    onpress: (at: Point, pointerType: string) => void
    onmove: (at: Point) => void
    onrelease: (at: Point) => void
    /** Where a finger hides the paper; null once it is lifted. */
    onfinger: (at: Point | null) => void
  }
  let { onpress, onmove, onrelease, onfinger }: Props = $props()
  const sheet = useSheet()
  let down = false

  const tell = (event: PointerEvent): void => {
    if (event.pointerType === 'touch') onfinger(down ? sheet.toSheet(event) : null)
  }
</script>

<rect
  class="surface"
  x="-1000"
  y="-1000"
  width="2000"
  height="2000"
  role="presentation"
  data-testid="surface"
  onpointerdown={(event) => {
    if (event.button !== 0) return
    down = true
    event.currentTarget.setPointerCapture(event.pointerId)
    onpress(sheet.toSheet(event), event.pointerType)
    tell(event)
  }}
  onpointermove={(event) => {
    if (!down) return
    onmove(sheet.toSheet(event))
    tell(event)
  }}
  onpointerup={(event) => {
    if (down) onrelease(sheet.toSheet(event))
    down = false
    tell(event)
  }}
  onpointercancel={(event) => {
    down = false
    tell(event)
  }}
/>

<style>
  .surface {
    fill: transparent;
    cursor: crosshair;
  }
</style>
