import type { Material } from '../../layers';
import { PAINTS } from './paints';
import { PREPARE } from './prepare';
import { PRIMERS } from './primers';
import { PRINTED } from './printed';
import { RAISED } from './raised';
import { SEALING } from './sealing';
import { TONING } from './toning';

/** Starting values at 20 C and 50 % humidity, in the order of the work; every figure can be changed by the user. Source: craft 3. */
export const CATALOGUE: readonly Material[] = [...PREPARE, ...PRIMERS, ...PAINTS, ...RAISED, ...PRINTED, ...TONING, ...SEALING];

/** The catalogue with the project's own records in place of those of the same id. */
export function gatherMaterials(own: readonly Material[]): ReadonlyMap<string, Material> {
	return new Map([...CATALOGUE, ...own].map((one) => [one.id, one]));
}
