import type { Rule } from '../findings';
import { baseDry } from './baseDry';
import { cleanFirst } from './cleanFirst';
import { hardwareLast } from './hardwareLast';
import { hidesGround } from './hidesGround';
import { noWaterOnWax } from './noWaterOnWax';
import { protect } from './protect';
import { recoat } from './recoat';

/** Every order rule. A new rule is a new file and a line here. */
export const RULES: readonly Rule[] = [cleanFirst, recoat, baseDry, noWaterOnWax, protect, hardwareLast, hidesGround];
