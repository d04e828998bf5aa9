/** The caution about the points of a compass: said once a visit, where one is first taken. */
import { keepHere, readKept } from './kept'

const key = 'compass-caution'

export const isCompassCautioned = (): boolean => readKept(key, 'session') === true

export const cautionUnderstood = (): void => keepHere(key, true, 'session')
