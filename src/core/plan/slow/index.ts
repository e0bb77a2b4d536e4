import { fewestRounds, type RoundsWanted } from './fewestRounds';
import { sheetFigures } from './sheetFigures';
import type { SlowQuestion } from './types';

export { createAsk, KnownAnswers, type Ask, type SlowQuestion } from './types';
export { fewestRounds, sheetFigures, type RoundsWanted };

/** Every slow question, for a worker to find it by its name. A new one is a file and a line here. */
export const SLOW_QUESTIONS: readonly SlowQuestion<never, unknown>[] = [sheetFigures, fewestRounds];
