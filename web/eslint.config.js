import js from '@eslint/js'
import svelte from 'eslint-plugin-svelte'
import globals from 'globals'
import ts from 'typescript-eslint'

// Rooms share what lies in sheet, shared, said and api, and nothing of each other.
const rooms = ['board', 'bench', 'desk', 'door']
const apart = rooms.map((room) => ({
  files: [`src/${room}/**/*.{ts,svelte}`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: rooms
          .filter((other) => other !== room)
          .map((other) => ({ regex: `^(\\.\\./)+${other}/`, message: 'This belongs to another room.' })),
      },
    ],
  },
}))

export default ts.config(
  { ignores: ['dist/', '**/*.generated.ts'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...svelte.configs.recommended,
  { languageOptions: { globals: { ...globals.browser, ...globals.node } } },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    rules: {
      'no-undef': 'off',
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
    },
  },
  ...apart,
)
