// Fills in patterns with what the pages use, for the tests of the reader on the server: cases come as JSON on standard input, an array of
// { language, pattern, values }; out goes an array of texts, null for a pattern that is refused.
import { IntlMessageFormat } from 'intl-messageformat'

let input = ''
for await (const chunk of process.stdin) input += chunk
const texts = JSON.parse(input).map(({ language, pattern, values }) => {
  try {
    return new IntlMessageFormat(pattern, language, undefined, { ignoreTag: true }).format(values)
  } catch {
    return null
  }
})
process.stdout.write(JSON.stringify(texts))
