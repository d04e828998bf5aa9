<!-- Whose way the Board shows things in: the class's, chosen among one's own, or put together here. -->
<script lang="ts">
  import { onMount } from 'svelte'
  import RulesForm from '../shared/RulesForm.svelte'
  import { t } from '../said/said.svelte'
  import { choices } from './choices.svelte'
  import type { BoardSession } from './session.svelte'

  let { session }: { session: BoardSession } = $props()

  onMount(() => void session.loadClasses())

  /** The steps of what is shown. A step that comes again has its line again. */
  const steps = $derived(
    (session.script?.steps ?? [])
      .map(({ key, label }) => ({ key: key.replace(/-\d+$/, ''), label: label.text }))
      .filter(({ key }, i, all) => all.findIndex((one) => one.key === key) === i),
  )
</script>

<div class="class">
  <h2>{t('board.tray.panel', { panel: 'rules' })}</h2>
  {#if session.classes}
    <fieldset>
      <legend class="visually-hidden">{t('board.class.choose')}</legend>
      {#each [{ id: null, name: t('board.class.usual') }, ...session.classes] as { id, name } (id)}
        <label
          ><input
            type="radio"
            name="class"
            checked={choices.now.classId === id}
            onchange={() => session.choose(id)}
          />{name}</label
        >
      {/each}
    </fieldset>
  {:else}
    <p class="quiet">
      {t('board.class.sign-in')} <a href="/desk">{t('board.class.to-desk')}</a>
    </p>
  {/if}
</div>
{#key session.wanted.rules}
  <RulesForm
    rules={session.wanted.rules}
    instruments={session.instruments}
    {steps}
    trust={session.instruments.find((i) => i.protractor.id === session.wanted.instrument)?.rules ?? []}
    submit={t('shared.rules.use')}
    onchoose={(rules) => session.show({ ...session.wanted, rules })}
  />
{/key}

<style>
  .class {
    padding: 1rem 1.5rem 0;
  }
  h2 {
    font-size: var(--type-4);
  }
  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.25rem;
    margin: 0;
    padding: 0;
    border: 0;
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 2.75rem;
    font-size: var(--type-2);
    cursor: pointer;
  }
  input {
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--ink);
  }
  p {
    margin: 0.25rem 0 0;
  }
</style>
