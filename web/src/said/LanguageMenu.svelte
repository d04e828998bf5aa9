<!-- The languages there are, each by the name its speakers give it. -->
<script lang="ts">
  import languages from 'virtual:said/names'
  import { spokenLanguage, t } from './said.svelte'

  interface Props {
    onpick: (tag: string) => void
  }
  let { onpick }: Props = $props()
</script>

<select
  aria-label={t('shared.language')}
  value={spokenLanguage()}
  onchange={(event) => onpick(event.currentTarget.value)}
>
  {#each languages as { tag, name } (tag)}<option value={tag} lang={tag}>{name}</option>{/each}
</select>

<style>
  select {
    min-height: 44px;
    max-width: 10em;
    border: 1px solid currentcolor;
    background: transparent;
    color: inherit;
    font: 400 var(--type-2) var(--sans);
    cursor: pointer;
  }
  option {
    background: #fff;
    color: #12233f;
  }
</style>
