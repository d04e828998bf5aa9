<!-- The look back at the end: a step on the ladder, and a line. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import { t } from '../said/said.svelte'

  interface Props {
    assignmentId: string
    before: Schema['ReflectionReply'] | null
    onkept: (reflection: Schema['ReflectionReply']) => void
  }
  let { assignmentId, before, onkept }: Props = $props()

  const ladder = ['1', '2', '3', '4']
  // svelte-ignore state_referenced_locally
  let step = $state(before?.step ?? 0)
  // svelte-ignore state_referenced_locally
  let line = $state(before?.line ?? '')
  let said = $state('')

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (step === 0) {
      said = t('bench.look-back.choose')
      return
    }
    try {
      const path = { assignmentId }
      onkept(
        await ask(
          api.PUT('/api/v1/bench/assignments/{assignmentId}/reflection', {
            params: { path },
            body: { step, line },
          }),
        ),
      )
      said = t('bench.look-back.kept')
    } catch (error) {
      said = tell(error)
    }
  }
</script>

<form onsubmit={keep} aria-label={t('bench.look-back.title')}>
  <fieldset>
    <legend>{t('bench.look-back.question')}</legend>
    {#each ladder as stepNumber, i (stepNumber)}
      <label class:chosen={step === i + 1}
        ><input type="radio" name="ladder" value={i + 1} bind:group={step} />{t('bench.look-back.step', {
          stepNumber,
        })}</label
      >
    {/each}
  </fieldset>
  <label class="line"
    >{t('bench.look-back.line')}
    <textarea maxlength="200" rows="2" bind:value={line}></textarea>
  </label>
  <Button type="submit" kind="tertiary">{t('shared.save')}</Button>
  {#if said}<p role="status">{said}</p>{/if}
</form>

<style>
  form {
    display: flex;
    flex-direction: column;
    gap: 12px;
    padding-top: 16px;
    border-top: 1px solid #d5dbe0;
  }
  fieldset {
    margin: 0;
    padding: 0;
    border: 0;
    display: grid;
    gap: 8px;
  }
  legend {
    margin-bottom: 8px;
    font-weight: 600;
  }
  fieldset label {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    padding: 4px 12px;
    border: 1px solid var(--ink-faint);
    cursor: pointer;
  }
  fieldset label.chosen {
    border: 2px solid var(--ink);
    padding: 4px 12px;
    font-weight: 600;
  }
  input {
    width: 18px;
    height: 18px;
    accent-color: var(--ink);
  }
  .line {
    display: grid;
    gap: 4px;
  }
  textarea {
    padding: 8px 8px;
    border: 1px solid var(--ink-faint);
    font: 400 var(--type-3)/1.4 var(--serif);
    resize: vertical;
  }
  p {
    margin: 0;
  }
</style>
