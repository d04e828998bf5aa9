<!-- Says where everything is made up: whoever uses it for a real class would publish it. -->
<script lang="ts">
  import { t } from '../said/said.svelte'
  import { school } from './school'

  let isDemo = $state(false)
  school().then(
    (reply) => (isDemo = reply.isDemo),
    () => undefined,
  )
</script>

{#if isDemo}
  <aside class="demo" aria-label={t('shared.demo-title')}>{t('shared.demo')}</aside>
{/if}

<style>
  aside {
    margin: 0;
    padding: 8px 24px;
    background: #fbf3df;
    border-bottom: 1px solid var(--brass-light);
    font-size: var(--type-1);
  }
</style>
