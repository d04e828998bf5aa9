import base from './playwright.config'
export default {
  ...base,
  workers: 1,
  retries: 0,
  metadata: { firstPort: 5477 },
  webServer: undefined,
  reporter: 'line',
}
