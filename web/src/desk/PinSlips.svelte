<!-- PINs that are told once: a slip for each student, to be printed and cut out before the page is left. -->
<script lang="ts">
  import { t } from '../said/said.svelte'
  import Printable from './Printable.svelte'

  interface Props {
    slips: { id: string; name: string; pin: string }[]
    className: string
    code: string
  }
  let { slips, className, code }: Props = $props()
</script>

<Printable title={t('desk.pins.title')} hint={t('desk.pins.hint')} print={t('desk.pins.print')}>
  <ul class="slips">
    {#each slips as slip (slip.id)}
      <li>
        <strong>{slip.name}</strong>
        <span>{className}</span>
        <span>{t('desk.pins.code', { own: code })}</span>
        <span>{t('desk.classes.pin', { own: slip.pin })}</span>
      </li>
    {/each}
  </ul>
</Printable>
