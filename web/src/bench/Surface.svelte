<!-- The paper itself as something to draw on: presses, moves and releases in mm. -->
<script lang="ts">
  import type { Point } from '../api/client'
  import { useSheet } from '../sheet/Sheet.svelte'

  interface Props {
    onpress: (at: Point, pointerType: string) => void
    onmove: (at: Point) => void
    onrelease: (at: Point) => void
  }
  let { onpress, onmove, onrelease }: Props = $props()
  const sheet = useSheet()
  let down = false
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
  }}
  onpointermove={(event) => {
    if (down) onmove(sheet.toSheet(event))
  }}
  onpointerup={(event) => {
    if (down) onrelease(sheet.toSheet(event))
    down = false
  }}
  onpointercancel={() => (down = false)}
/>

<style>
  .surface {
    fill: transparent;
    cursor: crosshair;
  }
</style>
