import { readdirSync, readFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { svelte } from '@sveltejs/vite-plugin-svelte'
import { PurgeCSS } from 'purgecss'
import { defineConfig, type Plugin } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'
import { fileNameOf, said } from './said.plugin'

const here = import.meta.dirname

const carbon = resolve(here, 'node_modules/carbon-components-svelte/src')

/** Components of Carbon that our sources use, and those that these use in turn: each is a folder. */
function carbonFolders(): Set<string> {
  const found = new Set<string>()
  const visit = (folder: string, imported: RegExp): void => {
    for (const name of readdirSync(folder, { recursive: true }) as string[]) {
      if (!/\.(svelte|ts|js)$/.test(name)) continue
      for (const [, used] of readFileSync(join(folder, name), 'utf8').matchAll(imported)) {
        if (found.has(used!)) continue
        found.add(used!)
        visit(join(carbon, used!), /from "\.\.\/([A-Z]\w*)/g)
      }
    }
  }
  visit(resolve(here, 'src'), /carbon-components-svelte\/src\/([A-Z]\w*)/g)
  return found
}

/**
 * Carbon's stylesheet has the rules of all its components and names remote font files. What no page uses is left out, which
 * a slow tablet feels at every load, and the fonts ship with the application instead.
 */
function leanCarbon(): Plugin {
  return {
    name: 'lean-carbon',
    enforce: 'pre',
    async transform(code, id) {
      if (!/carbon-components-svelte\/css\/.*\.css/.test(id)) return undefined
      const css = code.replace(/@font-face\s*\{[^}]*\}/g, '')
      const used = [...carbonFolders()].map((folder) => join(carbon, folder, '**/*.svelte'))
      const [purged] = await new PurgeCSS().purge({
        content: [resolve(here, 'src/**/*.svelte'), resolve(here, '*.html'), ...used],
        css: [{ raw: css }],
        defaultExtractor: (text) => text.match(/[\w-]+/g) ?? [],
        // Themes are chosen by an attribute on the page; a class that is put together at run time ends in a wish.
        safelist: { greedy: [/theme=/], standard: [/^bx--btn--/] },
      })
      return purged!.css
    },
  }
}

/** A plain text in the language in which texts are first written: an installed page is named in one. */
const told = (file: string, key: string): string =>
  (JSON.parse(readFileSync(resolve(here, `../locales/en/${file}.json`), 'utf8')) as Record<string, string>)[
    key
  ]!

/** What lets the Bench open without a connection: its page and all it is made of are kept on the device after one visit. */
const offline = VitePWA({
  registerType: 'prompt',
  injectRegister: null,
  manifest: {
    name: told('bench', 'page'),
    short_name: told('bench', 'title'),
    description: told('door', 'bench.text'),
    start_url: '/bench',
    scope: '/',
    display: 'standalone',
    background_color: '#f4f1e8',
    theme_color: '#12233f',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  },
  workbox: {
    globPatterns: ['bench.html', 'assets/*.{js,css,woff2}', 'compass.svg'],
    globIgnores: ['assets/{board,desk,index,privacy,lost}-*', 'assets/said-{board,desk,door}-*'],
    // Other rooms and whatever the server computes are asked for as ever.
    navigateFallback: null,
    cleanupOutdatedCaches: true,
  },
})

export default defineConfig({
  root: here,
  plugins: [leanCarbon(), said(), svelte(), offline],
  resolve: { conditions: process.env.VITEST ? ['browser'] : undefined },
  server: { proxy: { '/api': 'http://127.0.0.1:5080', '/openapi': 'http://127.0.0.1:5080' } },
  build: {
    // Where the server's own build finds, compresses and fingerprints it.
    outDir: resolve(here, '../src/JauntyCompass.Server/wwwroot'),
    emptyOutDir: true,
    // An inlined file would be a data address, which the content security policy refuses for fonts and scripts.
    assetsInlineLimit: 0,
    rolldownOptions: {
      input: Object.fromEntries(
        ['index', 'board', 'bench', 'desk', 'privacy', 'lost'].map((page) => [
          page,
          resolve(here, `${page}.html`),
        ]),
      ),
      output: {
        chunkFileNames: (chunk) => fileNameOf(chunk.facadeModuleId),
        // Many small files cost more than what a page does not need of a larger one: each is a request with its headers.
        advancedChunks: {
          groups: [
            {
              name: 'svelte',
              test: /[\\/]node_modules[\\/](svelte|esm-env|clsx|intl-messageformat|@formatjs)[\\/]/,
              priority: 3,
            },
            { name: 'sheet', test: /[\\/]src[\\/]sheet[\\/]/ },
            {
              name: 'common',
              priority: 2,
              test: /[\\/]src[\\/](said|api)[\\/]|[\\/]src[\\/]shared[\\/]\w+(\.svelte)?\.ts$/,
            },
          ],
        },
      },
    },
  },
  test: {
    environment: 'jsdom',
    // One document for all: each puts back what it changes, and making one anew takes longer than the tests.
    isolate: false,
    include: ['src/**/*.test.ts'],
    setupFiles: ['src/said/english.setup.ts'],
  },
} as Parameters<typeof defineConfig>[0])
