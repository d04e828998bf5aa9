// The hard trials in small form, one after the other on one application, for ./test: what must hold at any size is checked, what is
// fast enough is only printed. usage: node bench/small.mjs
import { withApplication } from './application.mjs'
import { attack } from './attack/attack.mjs'
import { fullDisk } from './attack/full-disk.mjs'
import { kills } from './attack/kills.mjs'
import { memory } from './load/memory.mjs'

const root = process.getuid() === 0
const failed = await withApplication(
  async (application) => {
    const trials = {
      memory: () => memory(application, 0.15),
      attackers: () => attack(application, 3),
      kills: () => kills(application, 2),
      'full disk': root && (() => fullDisk(application, 1)),
    }
    const failed = []
    for (const [name, trial] of Object.entries(trials)) {
      if (!trial) console.log(`${name}: only root can make a small disk; left out`)
      else if (!(await trial())) failed.push(name)
    }
    return failed
  },
  { megabytes: root ? 300 : undefined },
)
if (failed.length) {
  console.log(`What must hold did not: ${failed.join(', ')}`)
  process.exitCode = 1
}
