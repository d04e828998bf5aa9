// Prints "passed failed" from the JSON report of vitest or of Playwright.
import { readFileSync } from 'node:fs'

const report = JSON.parse(readFileSync(process.argv[2], 'utf8'))
if (report.stats) {
  const broken = report.stats.unexpected + report.stats.flaky + report.errors.length
  console.log(report.stats.expected, broken)
} else {
  console.log(report.numPassedTests, report.numFailedTests + (report.success || report.numFailedTests ? 0 : 1))
}
