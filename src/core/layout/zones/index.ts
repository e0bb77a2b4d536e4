import type { Zone } from '../schema';
import { edgeShade } from './edgeShade';
import type { Pattern } from './types';

/** Every pattern of colour. A new pattern is a new file and a line here. */
export const PATTERNS: Readonly<Record<Zone['pattern'], Pattern>> = { 'edge-shade': edgeShade };
