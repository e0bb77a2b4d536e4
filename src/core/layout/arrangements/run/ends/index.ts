import type { Ends } from '../types';
import type { EndsId } from '../schema';
import { free } from './free';
import { half } from './half';
import { ring } from './ring';
import { whole } from './whole';

/** Every kind of ends. A new kind is a new file and a line here. */
export const ENDS_BY_ID: Readonly<Record<EndsId, Ends>> = { whole, half, free, ring };
