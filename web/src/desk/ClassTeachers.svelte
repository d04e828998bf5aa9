<!-- Who teaches a class; whoever has it shares it or hands it over. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import { onMount } from 'svelte'
  import { api, ask, tell, type Schema } from '../api/client'
  import { listed, t } from '../said/said.svelte'

  interface Props {
    group: Schema['ClassDetailReply']
    onchange: () => Promise<void>
  }
  let { group, onchange }: Props = $props()
  let colleagues: Schema['ColleagueReply'][] = $state([])
  let chosen = $state('')
  let complaint = $state('')
  let open = $state(false)
  const others = $derived(group.teachers.slice(1))

  async function act(work: () => Promise<unknown>): Promise<void> {
    try {
      await work()
      complaint = ''
      chosen = ''
      await onchange()
    } catch (error) {
      complaint = tell(error)
    }
  }
  const pathTo = (teacherId: string): { classId: string; teacherId: string } => ({
    classId: group.id,
    teacherId,
  })
  const share = (): Promise<void> =>
    act(() =>
      ask(api.PUT('/api/v1/classes/{classId}/teachers/{teacherId}', { params: { path: pathTo(chosen) } })),
    )
  const unshare = (teacherId: string): Promise<void> =>
    act(() =>
      ask(
        api.DELETE('/api/v1/classes/{classId}/teachers/{teacherId}', { params: { path: pathTo(teacherId) } }),
      ),
    )
  const handOver = (): Promise<void> =>
    act(() =>
      ask(
        api.POST('/api/v1/classes/{classId}/hand-over', {
          params: { path: { classId: group.id } },
          body: { teacherId: chosen },
        }),
      ),
    )

  onMount(async () => {
    try {
      colleagues = await ask(api.GET('/api/v1/colleagues'))
    } catch (error) {
      complaint = tell(error)
    }
  })
</script>

<p>
  {t('desk.teachers.taught-by', {
    items: listed(group.teachers.map((teacher) => teacher.displayName)),
  })}
  {#if group.own && colleagues.length > 0}
    <button type="button" class="link" aria-expanded={open} onclick={() => (open = !open)}
      >{t('desk.teachers.share')}</button
    >
  {/if}
</p>
{#if complaint}<p role="alert">{complaint}</p>{/if}
{#if open && group.own}
  <div class="share">
    {#each others as other (other.id)}
      <p>
        {t('desk.teachers.also', { name: other.displayName })}
        <button type="button" class="link" onclick={() => void unshare(other.id)}
          >{t('desk.teachers.end')}</button
        >
      </p>
    {/each}
    <Select labelText={t('desk.teachers.colleague')} bind:selected={chosen}>
      <SelectItem value="" text={t('desk.teachers.choose')} />
      {#each colleagues as colleague (colleague.id)}<SelectItem
          value={colleague.id}
          text={colleague.displayName}
        />{/each}
    </Select>
    <div class="row">
      <Button kind="tertiary" size="field" disabled={!chosen} on:click={share}
        >{t('desk.teachers.together')}</Button
      >
      <Button kind="tertiary" size="field" disabled={!chosen} on:click={handOver}
        >{t('desk.teachers.hand-over')}</Button
      >
    </div>
    {#if !chosen}<p>{t('desk.teachers.choose-first')}</p>{/if}
    <p class="quiet">{t('desk.teachers.hint')}</p>
  </div>
{/if}

<style>
  .link {
    min-height: 44px;
    border: 0;
    background: none;
    font: 400 var(--type-1) var(--sans);
    color: #1d4f91;
    text-decoration: underline;
    cursor: pointer;
  }
  .share {
    display: grid;
    gap: 12px;
    margin-bottom: 16px;
    padding: 16px;
    border: 1px solid #dde2e6;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
  }
  p {
    margin: 0;
  }
</style>
