import type { Scheme } from './schema';

/** A scheme to begin from: which motifs of the store it is made of, and how they stand to each other. */
export interface SchemeStart extends Pick<Scheme, 'corners' | 'tops' | 'corner' | 'field' | 'centre'> {
	readonly name: string;
	readonly motif: string;
	/** Of the line of ground and of the gap of the field, as shares of the height of the border. */
	readonly plain: number;
	readonly fieldGap: number;
}

/** Schemes of our own, all from motifs of the store. */
export const SCHEMES: readonly SchemeStart[] = [
	{
		name: 'Harbour floor',
		motif: 'wave',
		corners: 'blocks',
		corner: 'wave-corner',
		tops: 'out',
		field: 'scale',
		centre: 'compass',
		plain: 0.35,
		fieldGap: 0.1
	},
	{
		name: 'Chandler’s rope',
		motif: 'rope',
		corners: 'blocks',
		corner: 'rope-corner',
		tops: 'out',
		field: 'knot',
		centre: null,
		plain: 0.4,
		fieldGap: 0.5
	},
	{
		name: 'Shingle bank',
		motif: 'tide',
		corners: 'mirrored',
		corner: null,
		tops: 'out',
		field: 'pebbles',
		centre: 'shell',
		plain: 0.3,
		fieldGap: 0.15
	},
	{
		name: 'Lamp and stars',
		motif: 'ripple',
		corners: 'mitred',
		corner: null,
		tops: 'in',
		field: 'star',
		centre: 'lantern',
		plain: 0.4,
		fieldGap: 0.6
	}
];
