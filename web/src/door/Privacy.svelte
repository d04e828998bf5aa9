<!-- What is kept of whom, why, and for how long, in plain words. -->
<script lang="ts">
  import { tell } from '../api/client'
  import type { Schema } from '../api/client'
  import { t } from '../said/said.svelte'
  import DemoNote from '../shared/DemoNote.svelte'
  import { school } from '../shared/school'

  let known = $state<Schema['SchoolReply'] | null>(null)
  let failure = $state('')
  school().then(
    (reply) => (known = reply),
    (error: unknown) => (failure = tell(error)),
  )
  const duration = (months: number): string =>
    months % 12 === 0
      ? t('door.privacy.years', { count: months / 12 })
      : t('door.privacy.months', { count: months })
</script>

<svelte:head><title>{t('door.privacy.page')}</title></svelte:head>
<DemoNote />
<header><a href="/">{t('shared.product')}</a></header>
<main>
  <h1>{t('door.kept')}</h1>
  {#if failure}<p role="alert">{failure}</p>{/if}
  <p>{t('door.privacy.server')}</p>
  <h2>{t('door.privacy.students')}</h2>
  <dl>
    <dt>{t('door.privacy.given-name')}</dt>
    <dd>{t('door.privacy.given-name-why')}</dd>
    <dt>{t('door.privacy.pin')}</dt>
    <dd>{t('door.privacy.pin-why')}</dd>
    <dt>{t('door.privacy.answers')}</dt>
    <dd>
      {t('door.privacy.answers-why')}
      {#if known}<strong
          >{t('door.privacy.answers-until', { duration: duration(known.keepAnswersMonths) })}</strong
        >{/if}
    </dd>
    <dt>{t('door.privacy.drafts')}</dt>
    <dd>{t('door.privacy.drafts-why')}</dd>
  </dl>
  <h2>{t('door.privacy.teachers')}</h2>
  <dl>
    <dt>{t('door.privacy.account')}</dt>
    <dd>{t('door.privacy.account-why')}</dd>
    <dt>{t('door.privacy.made')}</dt>
    <dd>
      {#if known}<strong
          >{t('door.privacy.archived-until', { duration: duration(known.keepArchivedMonths) })}</strong
        >{/if}
      {t('door.privacy.made-why')}
    </dd>
  </dl>
  <h2>{t('door.privacy.signing-in')}</h2>
  <dl>
    <dt>{t('door.privacy.sessions')}</dt>
    <dd>{t('door.privacy.sessions-why')}</dd>
    <dt>{t('door.privacy.tries')}</dt>
    <dd>{t('door.privacy.tries-why')}</dd>
  </dl>
  <h2>{t('door.privacy.device')}</h2>
  <p>{t('door.privacy.device-why')}</p>
  <h2>{t('door.privacy.rights')}</h2>
  <p>{t('door.privacy.rights-how')}</p>
</main>

<style>
  header {
    display: flex;
    align-items: center;
    min-height: 56px;
    padding: 0 24px;
    background: var(--ink);
  }
  a {
    font: 600 var(--type-4) var(--serif);
    color: #fff;
    text-decoration: none;
  }
  main {
    max-width: 720px;
    margin: 0 auto;
    padding: 36px 24px 60px;
    font-size: var(--type-3);
    line-height: 1.55;
  }
  h1 {
    margin-bottom: 16px;
    font-size: var(--type-7);
  }
  h2 {
    margin: 32px 0 8px;
    font-size: var(--type-5);
  }
  dl {
    margin: 0;
    padding: 8px 24px;
    background: #fff;
    border-left: 4px solid var(--brass-light);
  }
  dt {
    margin-top: 12px;
    font-weight: 600;
  }
  dd {
    margin: 0 0 12px;
  }
</style>
