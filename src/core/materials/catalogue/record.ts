import type { Material } from '../../layers';

type Short = Pick<Material, 'id' | 'name' | 'kind' | 'ready'> & Partial<Material>;

export const LABEL = 'The label on the tin comes first.';
export const OLD_PAINT = 'Old paint may hold lead: test before sanding, and follow local rules or a licensed professional.';
export const RAGS = 'Rags can ignite by themselves: lay them flat outdoors to dry, or keep them under water in a closed can.';
export const SOLVENT = 'Solvent in it: fresh air, no flame.';
export const SPIRIT = 'Spirit fumes: fresh air, a mask, no flame.';
export const NO_MIXING = 'Never mix cleaners: ammonia and bleach together give off poison gas.';

/** A record from what differs from most. */
export function record(short: Short): Material {
	return {
		carrier: 'water',
		porous: false,
		coverage: 12,
		film: 0,
		touchDry: 0,
		recoat: 0,
		open: 0,
		cureDays: 0,
		sheen: 0.1,
		tint: null,
		protect: 'no',
		dark: false,
		cautions: [LABEL],
		...short
	};
}
