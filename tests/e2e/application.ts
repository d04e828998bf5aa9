/** The application under test: each of the workers has one to itself, so that what they do cannot meet. */
import { test as base } from '@playwright/test'

export { expect } from '@playwright/test'

export const test = base.extend({
  // eslint-disable-next-line no-empty-pattern -- the runner wants the pattern
  baseURL: async ({}, use, { config, parallelIndex }) =>
    use(`http://127.0.0.1:${Number(config.metadata.firstPort) + parallelIndex}`),
})
