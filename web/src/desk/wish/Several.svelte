<!-- Things of which the sentence names some: each with a way to leave it out, and one to name another. -->
<script lang="ts">
  import type { Snippet } from 'svelte'
  import Word from './Word.svelte'
  import { t } from '../../said/said.svelte'

  interface Props {
    named: { key: string; words: string }[]
    /** Those that may be named, too, and what is said before their list; none when they are chosen elsewhere. */
    others?: { key: string; words: string }[]
    another?: string
    /** Whether the last one may be left out. */
    mayBeEmpty?: boolean
    before?: Snippet<[string]>
    onadd?: (key: string) => void
    onleave: (key: string) => void
  }
  let { named, others = [], another = '', mayBeEmpty = false, before, onadd, onleave }: Props = $props()
</script>

{#each named as one (one.key)}
  <span class="one"
    >{@render before?.(one.key)}<b>{one.words}</b>{#if mayBeEmpty || named.length > 1}<button
        type="button"
        aria-label={t('desk.wish.leave-out', { name: one.words })}
        onclick={() => onleave(one.key)}>×</button
      >{/if}</span
  >
{/each}
{#if others.length > 0}
  <Word
    label={another}
    value=""
    choices={[['', `${another} …`], ...others.map(({ key, words }): [string, string] => [key, words])]}
    onpick={(key) => key && onadd?.(key)}
  />
{/if}

<style>
  .one {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    margin-right: 4px;
    padding-left: 8px;
    background: #fdf8ec;
    line-height: 1.2;
  }
  b {
    padding-right: 8px;
    font-weight: 600;
  }
  button {
    width: 32px;
    min-height: 44px;
    border: 0;
    background: none;
    color: var(--brass);
    font-size: var(--type-4);
    cursor: pointer;
  }
</style>
