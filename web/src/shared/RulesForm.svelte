<!-- How the class does things: rules, ways and words. What differs from the usual is kept in the address. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import TextInput from 'carbon-components-svelte/src/TextInput/TextInput.svelte'
  import names from 'virtual:said/names'
  import offered from 'virtual:said/words'
  import type { HouseRules, Instrument, Schema } from '../api/client'
  import { instrumentName } from '../sheet/instrumentName'
  import { spokenLanguage, t } from '../said/said.svelte'
  import { lineLabels, ruleChoices, wordLabels } from './houseRules'

  interface Props {
    /** Where the class does things otherwise than usual. */
    rules: Partial<HouseRules>
    /** How far each rule can be trusted on the instrument at hand; empty when there is none. */
    trust: Schema['RuleTrustReply'][]
    /** The instruments that the class may use. */
    instruments?: readonly Instrument[]
    /** The steps at which a line may be said, beside those of measuring. */
    steps?: readonly { key: string; label: string }[]
    submit: string
    onchoose: (rules: Partial<HouseRules>) => void
  }
  let { rules, trust, instruments = [], steps = [], submit, onchoose }: Props = $props()

  // svelte-ignore state_referenced_locally
  let draft: Partial<HouseRules> = $state($state.snapshot(rules) as Partial<HouseRules>)
  const own = $derived(draft.ownLines ?? {})
  const doubtful = $derived(
    trust.filter(
      (t) => t.trust !== 'safe' && (t.rule === (draft.scale ?? 'startAtZero') || t.rule === draft.confirming),
    ),
  )

  /** A copy with one entry set, or taken out where the value is undefined. */
  const set = (of: object | null | undefined, key: string, value: unknown): Record<string, unknown> =>
    Object.fromEntries([
      ...Object.entries(of ?? {}).filter(([name]) => name !== key),
      ...(value === undefined ? [] : [[key, value] as const]),
    ])
  const orNothing = (of: Record<string, unknown>): Record<string, unknown> | undefined =>
    Object.keys(of).length > 0 ? of : undefined

  function setRule(key: keyof HouseRules, value: string, usual: string): void {
    const parsed =
      key === 'tolerance' ? Number(value) : value === 'true' ? true : value === 'false' ? false : value
    draft = set(draft, key, value === usual ? undefined : parsed)
  }

  function setWord(key: string, value: string, usual: string): void {
    const words = orNothing(set(draft.words, key, value === usual ? undefined : value))
    // Words belong to a language: to the one that was read when they were chosen.
    draft = { ...set(draft, 'words', words), language }
  }

  function setLine(step: string, line: string): void {
    draft = set(draft, 'ownLines', orNothing(set(own, step, line.trim() || undefined)))
  }

  const shown = (key: keyof HouseRules, usual: string): string => String(draft[key] ?? usual)
  const wordOf = (key: string, usual: string): string =>
    (draft.words as Record<string, string> | undefined)?.[key] ?? usual
  const language = $derived(draft.language ?? spokenLanguage())
  const words = $derived(Object.entries(offered[language] ?? {}))

  const lines = $derived([
    ...Object.entries(lineLabels).map(([step, label]) => [step, t(label)] as const),
    ...steps.filter(({ key }) => !(key in lineLabels)).map(({ key, label }) => [key, label] as const),
  ])

  /** A class has words of its own for one language: with another one it begins anew. */
  function setLanguage(tag: string): void {
    if (tag !== language) draft = { ...draft, language: tag, words: undefined }
  }
</script>

<form
  aria-label={t('shared.fields.rules')}
  onsubmit={(event) => {
    event.preventDefault()
    onchoose(JSON.parse(JSON.stringify(draft)) as Partial<HouseRules>)
  }}
>
  <h2>{t('shared.fields.rules')}</h2>
  <div class="grid">
    <Select
      id="rule-language"
      labelText={t('shared.rules.language')}
      selected={language}
      on:update={(e) => setLanguage(String(e.detail))}
    >
      {#each names as { tag, name } (tag)}<SelectItem value={tag} text={name} />{/each}
    </Select>
    {#if instruments.length > 0}
      <Select
        id="rule-instrument"
        labelText={t('shared.rules.instrument.label')}
        selected={draft.instrument ?? ''}
        on:update={(e) => (draft = set(draft, 'instrument', String(e.detail) || undefined))}
      >
        <SelectItem value="" text={t('shared.rules.instrument.usual')} />
        {#each instruments as { protractor } (protractor.id)}
          <SelectItem value={protractor.id} text={instrumentName(protractor)} />
        {/each}
      </Select>
    {/if}
    {#each ruleChoices as { key, label, choices } (key)}
      <Select
        id="rule-{key}"
        labelText={t(label)}
        selected={shown(key, choices[0]![0])}
        on:update={(e) => setRule(key, String(e.detail), choices[0]![0])}
      >
        {#each choices as [value, text] (value)}<SelectItem {value} text={text()} />{/each}
      </Select>
    {/each}
  </div>
  {#each doubtful as one (one.rule)}
    <p class="doubt" role="note">
      <strong>{one.name.text}</strong>
      {t('shared.rules.on-this-instrument', { why: one.why.text })}
    </p>
  {/each}
  <h3>{t('shared.rules.words.title')}</h3>
  <div class="grid">
    {#each words.filter(([, choices]) => choices.length > 1) as [key, choices] (`${language} ${key}`)}
      <Select
        id="word-{key}"
        labelText={t(wordLabels[key]!)}
        selected={wordOf(key, choices[0]!)}
        on:update={(e) => setWord(key, String(e.detail), choices[0]!)}
      >
        {#each choices as word (word)}<SelectItem value={word} text={word} />{/each}
      </Select>
    {/each}
  </div>
  <h3>{t('shared.rules.line.title')}</h3>
  <div class="grid">
    {#each lines as [step, label] (step)}
      <TextInput
        labelText={label}
        maxlength={160}
        value={own[step] ?? ''}
        on:input={(e) => setLine(step, String(e.detail ?? ''))}
      />
    {/each}
  </div>
  <Button type="submit">{submit}</Button>
</form>

<style>
  form {
    width: 40rem;
    max-width: 100%;
    padding: 16px 24px;
    display: flex;
    flex-direction: column;
    gap: 12px;
  }
  h2 {
    font-size: var(--type-4);
  }
  h3 {
    font-size: var(--type-2);
    margin-top: 8px;
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(11rem, 100%), 1fr));
    gap: 12px;
  }
  .doubt {
    margin: 0;
    padding-left: 8px;
    border-left: 4px solid var(--brass-light);
    line-height: 1.4;
  }
</style>
