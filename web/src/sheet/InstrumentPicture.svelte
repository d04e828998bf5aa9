<!-- A small picture of an instrument, fitted into a box of pixels. -->
<script lang="ts">
  import type { Instrument } from '../api/client'
  import ProtractorBody from './ProtractorBody.svelte'

  interface Props {
    instrument: Instrument
    width: number
    height: number
  }
  let { instrument, width, height }: Props = $props()

  const p = $derived(instrument.protractor)
  const half = $derived(Math.max(p.halfLength, p.edgeRadius) + 3)
  const below = $derived(p.shape === 'fullCircle' ? half : Math.max(p.inset, p.arm ? 6 : 0) + 3)
</script>

<svg {width} {height} viewBox="{-half} {-half} {2 * half} {half + below}" aria-hidden="true">
  <g transform="scale(1 -1)"><ProtractorBody {instrument} /></g>
</svg>
