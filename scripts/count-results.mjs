// Prints "passed failed" from the JSON report of vitest or of Playwright, and what passed only at the second try.
import { readFileSync } from 'node:fs'

const report = JSON.parse(readFileSync(process.argv[2], 'utf8'))
if (report.stats) {
  const { expected, unexpected, flaky } = report.stats
  const specs = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specs)]
  const again = report.suites
    .flatMap(specs)
    .filter((spec) => spec.tests.some((test) => test.status === 'flaky'))
    .map((spec) => spec.title)
  console.log(expected + flaky, unexpected + report.errors.length, again.join('; '))
} else {
  console.log(report.numPassedTests, report.numFailedTests + (report.success || report.numFailedTests ? 0 : 1))
}
