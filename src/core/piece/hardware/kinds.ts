import type { Mm } from '../../units';
import type { HardwareKind } from './schema';

export type SizeName = 'hole' | 'diameter' | 'spacing' | 'width' | 'height';

export interface HardwareForm {
	readonly name: string;
	readonly plural: string;
	/** Asked for, in this order; with a figure to begin from, mm. */
	readonly sizes: readonly { readonly size: SizeName; readonly label: string; readonly start: Mm }[];
	/** What it covers, mm. */
	readonly footprint: (size: Readonly<Record<SizeName, Mm>>) => { readonly width: Mm; readonly height: Mm };
	/** Its holes, from its centre, mm. */
	readonly holes: (size: Readonly<Record<SizeName, Mm>>) => readonly { readonly x: Mm; readonly y: Mm; readonly diameter: Mm }[];
	readonly round: boolean;
	/** Must go on working, and takes no film. Source: craft 2. */
	readonly works: boolean;
	/** A hole in the wood: there is nothing to take off, or to paint over. */
	readonly stays?: boolean;
}

const box = ({ width, height }: Readonly<Record<SizeName, Mm>>) => ({ width, height });
const pair = ({ spacing, hole }: Readonly<Record<SizeName, Mm>>) =>
	[-1, 1].map((way) => ({ x: (way * spacing) / 2, y: 0, diameter: hole }));

/** Every kind of hardware. A new one is a line in the schema and one here. */
export const HARDWARE: Readonly<Record<HardwareKind, HardwareForm>> = {
	knob: {
		name: 'knob',
		plural: 'knobs',
		sizes: [
			{ size: 'hole', label: 'Hole', start: 5 },
			{ size: 'diameter', label: 'Knob across', start: 32 }
		],
		footprint: ({ diameter }) => ({ width: diameter, height: diameter }),
		holes: ({ hole }) => [{ x: 0, y: 0, diameter: hole }],
		round: true,
		works: false
	},
	pull: {
		name: 'pull',
		plural: 'pulls',
		sizes: [
			{ size: 'hole', label: 'Hole', start: 5 },
			{ size: 'spacing', label: 'Hole to hole', start: 96 },
			{ size: 'width', label: 'Pull, wide', start: 120 },
			{ size: 'height', label: 'Pull, high', start: 20 }
		],
		footprint: box,
		holes: pair,
		round: false,
		works: false
	},
	plate: {
		name: 'plate',
		plural: 'plates',
		sizes: [
			{ size: 'hole', label: 'Screw hole', start: 2 },
			{ size: 'spacing', label: 'Hole to hole', start: 40 },
			{ size: 'width', label: 'Plate, wide', start: 60 },
			{ size: 'height', label: 'Plate, high', start: 40 }
		],
		footprint: box,
		holes: pair,
		round: false,
		works: false
	},
	keyhole: {
		name: 'keyhole',
		plural: 'keyholes',
		sizes: [
			{ size: 'width', label: 'Slot, wide', start: 8 },
			{ size: 'height', label: 'Slot, high', start: 20 }
		],
		footprint: box,
		holes: () => [],
		round: false,
		works: true,
		stays: true
	},
	hinge: {
		name: 'hinge',
		plural: 'hinges',
		sizes: [
			{ size: 'hole', label: 'Screw hole', start: 3 },
			{ size: 'spacing', label: 'Hole to hole', start: 40 },
			{ size: 'width', label: 'Leaf, wide', start: 20 },
			{ size: 'height', label: 'Leaf, high', start: 60 }
		],
		footprint: box,
		holes: ({ spacing, hole }) => [-1, 1].map((way) => ({ x: 0, y: (way * spacing) / 2, diameter: hole })),
		round: false,
		works: true
	}
};
