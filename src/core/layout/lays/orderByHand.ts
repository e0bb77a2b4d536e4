import type { Mm } from '../../units';
import type { LaysSetting } from './types';

interface Placed {
	/** Of its middle, from the left and the top of the face. */
	readonly x: Mm;
	readonly y: Mm;
	readonly height: Mm;
}

/**
 * The order in which a hand never crosses what is wet. A face that stands is worked from the top down, in bands half as high as what is laid; within
 * a band away from the hand: for the right one from left to right. On one that lies flat the painter walks round it: what is furthest from the
 * edges comes first. Source: craft 6 and 7.
 */
export function orderByHand<P extends Placed>(placed: readonly P[], { hand, lies }: LaysSetting, face: { width: Mm; height: Mm }): P[] {
	const way = hand === 'right' ? 1 : -1;
	if (lies !== 'upright') {
		const deep = ({ x, y }: P) => Math.min(x, y, face.width - x, face.height - y);
		return [...placed].sort((a, b) => deep(b) - deep(a) || a.y - b.y || way * (a.x - b.x));
	}
	const tall = Math.max(1, ...placed.map(({ height }) => height)) / 2;
	const bandOf = ({ y }: P) => Math.floor(y / tall);
	return [...placed].sort((a, b) => bandOf(a) - bandOf(b) || way * (a.x - b.x) || a.y - b.y);
}
