<!-- What the tray opens: one panel at a time, each with what it may change. -->
<script lang="ts">
  import { addressOf } from '../shared/boardAddress'
  import AngleForm from './AngleForm.svelte'
  import ClassPanel from './ClassPanel.svelte'
  import DemonstrationList from './DemonstrationList.svelte'
  import { takeCompass } from './compassHand'
  import * as hand from './hand'
  import InstrumentList from './InstrumentList.svelte'
  import OrderPanel from './OrderPanel.svelte'
  import Popover from './Popover.svelte'
  import ReadingsPanel from './ReadingsPanel.svelte'
  import type { BoardSession } from './session.svelte'
  import type { Panel } from './Tray.svelte'
  import type { Insets } from './Frame.svelte'
  import ViewMenu from './ViewMenu.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    session: BoardSession
    panel: Panel
    /** Whether an instrument lies on the sheet. */
    hasLaid: boolean
    blunt: boolean
    worn: boolean
    /** What lies beside the sheet, in pixels. */
    insets: Insets
    onproject: () => void
    onwhole: () => void
    onpointer: () => void
    onsvg: () => void
    onpng: () => void
    onhandout: () => void
  }
  let {
    session,
    panel,
    hasLaid,
    blunt = $bindable(),
    worn = $bindable(),
    insets,
    onproject,
    onwhole,
    onpointer,
    onsvg,
    onpng,
    onhandout,
  }: Props = $props()

  const close = (): void => {
    session.panel = null
  }
</script>

<Popover label={t('board.tray.panel', { panel })} {insets} low={panel === 'readings'}>
  {#if panel === 'list'}
    <DemonstrationList
      demonstrations={session.demonstrations}
      instruments={session.instruments}
      shown={session.script?.key ?? null}
      onpick={(demonstration) => session.open(demonstration)}
    />
  {:else if panel === 'angle'}
    <AngleForm
      wanted={session.wanted}
      instruments={session.instruments}
      onchoose={(next) => session.show(next)}
      ongive={(kind) => session.give(kind)}
      onclose={close}
    />
  {:else if panel === 'instruments'}
    <InstrumentList
      instruments={session.instruments}
      bind:blunt
      bind:worn
      oncompass={() => {
        session.stage.touch(takeCompass)
        close()
      }}
      onpick={(id) => session.take(id)}
      onstraightedge={() => {
        session.stage.touch(hand.takeStraightedge)
        close()
      }}
      ontrace={() => {
        session.stage.touch(hand.trace)
        close()
      }}
    />
  {:else if panel === 'readings'}
    <ReadingsPanel reply={hasLaid ? session.live.reply : null} />
  {:else if panel === 'rules'}
    <ClassPanel {session} />
  {:else if panel === 'order'}
    <OrderPanel
      order={session.lesson.order}
      now={{ title: session.title, query: addressOf(session.wanted) }}
      place={session.place}
      onchange={(next) => session.lesson.take(next)}
      onopen={(place) => session.openInOrder(place)}
    />
  {:else}
    <ViewMenu {onproject} {onwhole} {onpointer} {onsvg} {onpng} {onhandout} />
  {/if}
</Popover>
