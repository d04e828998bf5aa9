<!-- The tips of an angle's arms, to be dragged or turned by keys: the start arm turns the figure, the end arm opens it. -->
<script lang="ts">
  import type { Point, Schema } from '../api/client'
  import { endDirection, towards } from './geometry'
  import { stepOf } from './handling'
  import { directionTold } from './told'
  import { useSheet } from './Sheet.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    figure: Schema['Figure']
    onarm: (which: 'start' | 'end', to: Point) => void
  }
  let { figure, onarm }: Props = $props()

  const sheet = useSheet()
  let held: 'start' | 'end' | null = $state(null)
  const angle = $derived(figure.angle)
  const arms = $derived([
    ...(figure.hasArms === false
      ? []
      : [{ which: 'start' as const, direction: angle.start, length: angle.startLength }]),
    ...(figure.hasArms === false || figure.hasEnd === false
      ? []
      : [{ which: 'end' as const, direction: endDirection(angle), length: angle.endLength }]),
  ])

  function down(event: PointerEvent, which: 'start' | 'end'): void {
    if (event.button !== 0) return
    event.stopPropagation()
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    held = which
  }

  function key(
    event: KeyboardEvent,
    arm: { which: 'start' | 'end'; direction: number; length: number },
  ): void {
    const step = stepOf(event)
    const change: Record<string, [number, number]> = {
      Comma: [step, 0],
      Period: [-step, 0],
      ArrowUp: [0, step],
      ArrowDown: [0, -step],
    }
    const [turn, longer] = change[event.code] ?? []
    if (turn === undefined || longer === undefined) return
    event.preventDefault()
    event.stopPropagation()
    onarm(arm.which, towards(angle.vertex, arm.direction + turn, arm.length + longer))
  }
</script>

{#each arms as arm (arm.which)}
  {@const at = towards(angle.vertex, arm.direction, arm.length)}
  <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
  <circle
    class:held={held === arm.which}
    role="group"
    aria-roledescription={t('sheet.arm.name')}
    aria-label={t('sheet.arm.lies', {
      name: t('sheet.arm.which', { which: arm.which }),
      turned: directionTold(arm.direction),
      distance: arm.length,
    })}
    tabindex="0"
    cx={at.x}
    cy={at.y}
    r="4.5"
    data-arm="{figure.id}:{arm.which}"
    onpointerdown={(event) => down(event, arm.which)}
    onpointermove={(event) => held === arm.which && onarm(arm.which, sheet.toSheet(event))}
    onpointerup={() => (held = null)}
    onpointercancel={() => (held = null)}
    onkeydown={(event) => key(event, arm)}
  />
{/each}

<style>
  circle {
    fill: transparent;
    cursor: move;
    outline: none;
  }
  circle:hover,
  circle:focus-visible,
  circle.held {
    stroke: var(--cds-focus);
    stroke-width: 0.7;
  }
</style>
