import type { Protractor } from '../api/client'

/** What an instrument is called: one that ships with the application in the reader's language, one of a class's own as they named it. */
export const instrumentName = (protractor: Protractor): string => protractor.title?.text ?? protractor.name
