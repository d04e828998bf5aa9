import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { brotliCompressSync } from 'node:zlib'
import { svelte } from '@sveltejs/vite-plugin-svelte'
import { defineConfig, type Plugin } from 'vite'

const here = import.meta.dirname

/** Carbon's stylesheets name remote font files; the fonts ship with the application instead. */
function withoutRemoteFonts(): Plugin {
  return {
    name: 'without-remote-fonts',
    enforce: 'pre',
    transform(code, id) {
      return /carbon-components-svelte\/css\/.*\.css/.test(id)
        ? code.replace(/@font-face\s*\{[^}]*\}/g, '')
        : undefined
    },
  }
}

/** Compresses text files once, when they are built, instead of at every request. */
function compressed(): Plugin {
  return {
    name: 'compressed',
    apply: 'build',
    closeBundle() {
      const dist = resolve(here, 'dist')
      for (const name of readdirSync(dist, { recursive: true }) as string[]) {
        const file = join(dist, name)
        if (/\.(js|css|html|svg)$/.test(name) && statSync(file).size > 1024) {
          writeFileSync(file + '.br', brotliCompressSync(readFileSync(file)))
        }
      }
    },
  }
}

export default defineConfig({
  root: here,
  plugins: [withoutRemoteFonts(), svelte(), compressed()],
  resolve: { conditions: process.env.VITEST ? ['browser'] : undefined },
  server: { proxy: { '/api': 'http://127.0.0.1:5080', '/openapi': 'http://127.0.0.1:5080' } },
  build: {
    // An inlined file would be a data address, which the content security policy refuses for fonts and scripts.
    assetsInlineLimit: 0,
    rolldownOptions: {
      input: Object.fromEntries(
        ['index', 'board', 'bench', 'desk'].map((page) => [page, resolve(here, `${page}.html`)]),
      ),
    },
  },
  test: { environment: 'jsdom', include: ['src/**/*.test.ts'] },
} as Parameters<typeof defineConfig>[0])
