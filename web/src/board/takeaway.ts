/** Takes the sheet away: as a clean SVG in millimetres, grouped and named, and as a PNG. */
import type { Schema } from '../api/client'
import { download } from '../shared/download'

/** What of a computed style a drawing needs. */
const styled = [
  'fill',
  'fill-opacity',
  'fill-rule',
  'stroke',
  'stroke-width',
  'stroke-opacity',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'opacity',
  'font-family',
  'font-style',
  'font-weight',
  'paint-order',
] as const
const asUsual: Record<string, string> = {
  'fill-opacity': '1',
  'fill-rule': 'nonzero',
  stroke: 'none',
  'stroke-opacity': '1',
  'stroke-dasharray': 'none',
  'stroke-linecap': 'butt',
  'stroke-linejoin': 'miter',
  opacity: '1',
  'font-style': 'normal',
  'paint-order': 'normal',
}
const kept = [
  'd',
  'x',
  'y',
  'x1',
  'y1',
  'x2',
  'y2',
  'cx',
  'cy',
  'r',
  'rx',
  'width',
  'height',
  'transform',
  'points',
  'font-size',
  'text-anchor',
  'dominant-baseline',
  'pathLength',
]
const namespace = 'http://www.w3.org/2000/svg'

function clean(original: Element): Element | null {
  if (original.closest('[data-arm]') || original.classList.contains('grip')) return null
  const shown = getComputedStyle(original)
  if (shown.display === 'none') return null
  const copy = document.createElementNS(namespace, original.localName)
  for (const name of kept) {
    const value = original.getAttribute(name)
    if (value !== null) copy.setAttribute(name, value)
  }
  const name = original.getAttribute('data-name')
  if (name) copy.setAttribute('id', name.replace(/ /g, '-'))
  if (original.localName !== 'g') {
    for (const property of styled) {
      const isFont = property.startsWith('font')
      if (isFont && original.localName !== 'text') continue
      const value = shown.getPropertyValue(property).replace(/(\d)px/g, '$1')
      if (value && value !== asUsual[property]) copy.setAttribute(property, value)
    }
  }
  let empty = original.localName === 'g'
  for (const child of original.childNodes) {
    if (child instanceof Element) {
      const part = clean(child)
      if (part) {
        copy.append(part)
        empty = false
      }
    } else if (original.localName === 'text' && child.textContent) {
      copy.append(child.textContent)
    }
  }
  return empty ? null : copy
}

/** The faces in which a drawing writes, as rules that carry the font itself, so that it looks the same everywhere. */
async function facesOf(drawing: Element): Promise<string> {
  const used = new Set([...drawing.querySelectorAll('text')].map(faceOf))
  const rules = [...document.styleSheets]
    .flatMap((sheet) => [...sheet.cssRules])
    .filter((rule) => rule instanceof CSSFontFaceRule)
    .filter(({ style }) => {
      const family = style.getPropertyValue('font-family').replace(/["']/g, '')
      return used.has(
        `${family}/${style.getPropertyValue('font-weight')}/${style.getPropertyValue('font-style')}`,
      )
    })
  const carried = await Promise.all(
    rules.map(async ({ style, parentStyleSheet }) => {
      const address = /url\(["']?([^"')]+\.woff2)/.exec(style.getPropertyValue('src'))?.[1] ?? ''
      try {
        const file = await fetch(new URL(address, parentStyleSheet?.href ?? document.baseURI))
        const said = (name: string): string => `${name}:${style.getPropertyValue(name)};`
        return (
          `@font-face{${said('font-family')}${said('font-weight')}${said('font-style')}` +
          `src:url(${await dataUrl(await file.blob())}) format("woff2")}`
        )
      } catch {
        // Without its font the drawing still says everything, in other letters.
        return ''
      }
    }),
  )
  return carried.join('')
}

const faceOf = (text: Element): string =>
  [
    (text.getAttribute('font-family') ?? '').split(',')[0]!.replace(/["']/g, ''),
    text.getAttribute('font-weight') ?? '400',
    text.getAttribute('font-style') ?? 'normal',
  ].join('/')

const dataUrl = (blob: Blob): Promise<string> =>
  new Promise((done, failed) => {
    const reader = new FileReader()
    reader.onload = () => done(reader.result as string)
    reader.onerror = () => failed(reader.error ?? new Error('The font could not be read.'))
    reader.readAsDataURL(blob)
  })

/** The sheet inside an element as an SVG document, true to size, with the letters it is written in. */
export async function svgOf(
  container: HTMLElement,
  window: Schema['SheetWindow'],
  title: string,
): Promise<string> {
  const scene = container.querySelector('#scene')!
  const svg = document.createElementNS(namespace, 'svg')
  svg.setAttribute('width', `${window.width}mm`)
  svg.setAttribute('height', `${window.height}mm`)
  svg.setAttribute(
    'viewBox',
    `${window.left} ${-(window.bottom + window.height)} ${window.width} ${window.height}`,
  )
  const named = document.createElementNS(namespace, 'title')
  named.textContent = title
  const paper = document.createElementNS(namespace, 'rect')
  paper.setAttribute('id', 'paper')
  paper.setAttribute('x', String(window.left))
  paper.setAttribute('y', String(-(window.bottom + window.height)))
  paper.setAttribute('width', String(window.width))
  paper.setAttribute('height', String(window.height))
  paper.setAttribute('fill', getComputedStyle(container).getPropertyValue('--paper').trim() || '#fff')
  const flip = document.createElementNS(namespace, 'g')
  flip.setAttribute('id', 'sheet')
  flip.setAttribute('transform', 'scale(1 -1)')
  for (const part of scene.children) {
    const copy = clean(part)
    if (copy) flip.append(copy)
  }
  const letters = document.createElementNS(namespace, 'style')
  letters.textContent = await facesOf(flip)
  svg.append(named, letters, paper, flip)
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(svg)}\n`
}

export const saveSheet = async (
  container: HTMLElement,
  window: Schema['SheetWindow'],
  title: string,
): Promise<void> => download(`${title}.svg`, await svgOf(container, window, title), 'image/svg+xml')

/** Twelve pixels a millimetre: about 300 to the inch. */
const pixelsPerMillimetre = 12
const mostPixels = 6000

export async function savePicture(
  container: HTMLElement,
  window: Schema['SheetWindow'],
  title: string,
): Promise<void> {
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(await svgOf(container, window, title))}`
  await image.decode()
  const scale = Math.min(pixelsPerMillimetre, mostPixels / Math.max(window.width, window.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(window.width * scale)
  canvas.height = Math.round(window.height * scale)
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'))
  if (blob) download(`${title}.png`, blob, 'image/png')
}
