/** Hands a file to the one who asked for it. */
export function download(name: string, content: string | Blob, type: string): void {
  const url = URL.createObjectURL(content instanceof Blob ? content : new Blob([content], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name.replace(/[^\p{L}\p{N} ._-]+/gu, '').trim() || 'sheet'
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
