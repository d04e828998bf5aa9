<!-- A pointing hand that follows the teacher's, large enough to be seen from the back of the room. -->
<script lang="ts">
  let at = $state({ x: -200, y: -200 })
</script>

<svelte:window onpointermove={(event) => (at = { x: event.clientX, y: event.clientY })} />

<svg
  class="hand"
  viewBox="0 0 40 56"
  width="72"
  height="100"
  style:left="{at.x - 22}px"
  style:top="{at.y}px"
  aria-hidden="true"
>
  <path
    d="M12 2C15 2 16 4 16 7V24L31 27C35 28 37 31 36 35L33 48C32 52 30 54 26 54H16C13 54 11 53 9 50L2 38C0 34 4 31 7 33L9 35V7C9 4 9.5 2 12 2Z"
  />
</svg>

<style>
  .hand {
    position: fixed;
    z-index: 4;
    pointer-events: none;
  }
  path {
    fill: #f3dfb0;
    stroke: #0f2340;
    stroke-width: 2;
    stroke-linejoin: round;
  }
</style>
