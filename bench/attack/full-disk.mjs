// Students hand in while the disk that the database lies on becomes full, stays so for a while, and has room again: no answer that
// was acknowledged is lost, those that were not are told so, and service returns by itself. Needs root, for a small disk in memory.
// usage: node bench/attack/full-disk.mjs [TIMES]
import { closeSync, openSync, rmSync, writeSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { alone } from '../application.mjs'
import { pause } from '../classroom.mjs'
import { handingIn } from './handing-in.mjs'

export async function fullDisk({ address, data }, times) {
  const work = await handingIn(address, 24)
  const ballast = join(dirname(data), 'ballast')
  let recovered = 0
  for (let i = 0; i < times; i++) {
    await pause(500)
    const file = openSync(ballast, 'w')
    try {
      for (const block = Buffer.alloc(64 * 1024, 1); ; ) writeSync(file, block)
    } catch (error) {
      if (error.code !== 'ENOSPC') throw error
    }
    closeSync(file)
    const before = work.acknowledged()
    await pause(6000)
    const during = work.acknowledged() - before
    rmSync(ballast)
    const free = performance.now()
    const soFar = work.acknowledged()
    while (work.acknowledged() < soFar + 100 && performance.now() - free < 60_000) await pause(20)
    if (work.acknowledged() >= soFar + 100) recovered++
    console.log(
      `disk full: ${during} answers still stored; replies so far ${[...work.refusals].map(([s, n]) => `${s}: ${n}`).join(', ') || 'all well'}; ` +
        `a hundred more stored ${((performance.now() - free) / 1000).toFixed(1)} s after there was room`,
    )
  }
  const { text, whole } = await work.result(data)
  console.log(`${times} times full: ${text}`)
  // A full disk may be told as such or as a database that is away, never as a fault of the application.
  return whole && recovered === times && [...work.refusals.keys()].every((status) => status !== '500')
}

await alone(import.meta, (application) => fullDisk(application, Number(process.argv[2] ?? 10)), { megabytes: 300 })
