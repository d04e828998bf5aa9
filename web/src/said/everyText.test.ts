import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { parse } from 'svelte/compiler'
import ts from 'typescript'
import { expect, it } from 'vitest'

/* What anybody reads stands in the catalogues: here texts are looked for that stand in the pages themselves. */

const sources = join(import.meta.dirname, '..')
const files = (readdirSync(sources, { recursive: true }) as string[]).filter(
  (name) => /\.(svelte|ts)$/.test(name) && !/\.(test|generated|setup|d)\.ts$/.test(name),
)
/** Attributes that are read or spoken. */
const read =
  /^(aria-(label|roledescription|valuetext|description)|title|alt|placeholder|label|legend|text|heading|submit|does)$|(Text|Heading|Description)$/
const hasWords = (text: string): boolean => /\p{L}{2}/u.test(text)
/** Two words with a blank between them: more than a key or the name of a class. */
const isSentence = (text: string): boolean => /\p{L}{2,}[,.!?:]? \p{L}+/u.test(text) && !isCode(text)
/** Selectors and marks of a document. */
const isCode = (text: string): boolean => /[[<]/.test(text)

interface Node {
  type?: string
  name?: string
  data?: string
  value?: unknown
}

function textsIn(node: unknown, found: string[] = []): string[] {
  if (Array.isArray(node)) {
    for (const each of node) textsIn(each, found)
  } else if (typeof node === 'object' && node !== null) {
    const { type, name, data, value } = node as Node
    if (type === 'Comment' || type === 'StyleSheet' || type === 'StyleDirective') return found
    if (type === 'Attribute') {
      const parts = (Array.isArray(value) ? value : [value]) as Node[]
      for (const part of parts) {
        if (part.type !== 'Text') textsIn(part, found)
        else if (read.test(name!) && hasWords(part.data!)) found.push(part.data!)
      }
      return found
    }
    if (type === 'Text' && hasWords(data!)) found.push(data!.trim())
    if (type === 'Literal' && typeof value === 'string' && isSentence(value)) found.push(value)
    if (type === 'TemplateElement' && isSentence((value as { raw: string }).raw))
      found.push((value as { raw: string }).raw)
    for (const [key, child] of Object.entries(node)) if (key !== 'css') textsIn(child, found)
  }
  return found
}

function textsOfScript(text: string): string[] {
  const found: string[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isNewExpression(node) && /Error$/.test(node.expression.getText())) return
    if ((ts.isStringLiteralLike(node) || ts.isTemplateMiddleOrTemplateTail(node)) && isSentence(node.text))
      found.push(node.text)
    if (ts.isTemplateHead(node) && isSentence(node.text)) found.push(node.text)
    ts.forEachChild(node, visit)
  }
  visit(ts.createSourceFile('page.ts', text, ts.ScriptTarget.Latest, true))
  return found
}

it.each(files)('%s says nothing that is not in the catalogues', (name) => {
  const text = readFileSync(join(sources, name), 'utf8')
  expect(name.endsWith('.svelte') ? textsIn(parse(text, { modern: true })) : textsOfScript(text)).toEqual([])
})

it('is found wherever it stands', () => {
  const page = `<script lang="ts">const a = 'This is said.'; const b = t('bench.title')</script>
    <p title="Not this">Nor {b} this</p>`
  expect(textsIn(parse(page, { modern: true })).toSorted()).toEqual([
    'Nor',
    'Not this',
    'This is said.',
    'this',
  ])
  expect(textsOfScript('const a = `So ${b} it is here`')).toEqual([' it is here'])
})
