import type { Outline } from '../../geometry';
import type { Mm } from '../../units';
import type { Part } from './parts';
import { isBoxOutline } from './shapeOutline';

/** What figures on a part are told from: an edge that a tape can be hooked on, else its centre line, which is drawn first. */
export interface Datum {
	readonly across: 'left' | 'right' | 'centre';
	readonly down: 'top' | 'bottom' | 'centre';
}

type Measured = Pick<Part, 'outline' | 'width' | 'height'>;

/** A straight edge shorter than this share of its side holds no tape. */
const HOLDS = 0.4;
/** An edge that leans by less lies along the box, mm. */
const SAME: Mm = 0.01;

/** Of a box its left and its top edge; of a round one its centre lines; of an arch its left edge and its foot. */
export function datumOf({ outline, width, height }: Measured): Datum {
	if (isBoxOutline(outline)) return { across: 'left', down: 'top' };
	const straight = (axis: 'x' | 'y', at: Mm, side: Mm) => straightAt(outline, axis, at) >= HOLDS * side;
	return {
		across: straight('x', 0, height) ? 'left' : straight('x', width, height) ? 'right' : 'centre',
		down: straight('y', 0, width) ? 'top' : straight('y', height, width) ? 'bottom' : 'centre'
	};
}

/** How much of an outline runs straight along one side of its box, mm. */
function straightAt(outline: Outline, axis: 'x' | 'y', at: Mm): Mm {
	const along = axis === 'x' ? 'y' : 'x';
	return outline.reduce((sum, edge) => {
		const lies = edge.kind === 'line' && Math.abs(edge.from[axis] - at) < SAME && Math.abs(edge.to[axis] - at) < SAME;
		return lies ? sum + Math.abs(edge.to[along] - edge.from[along]) : sum;
	}, 0);
}

/** How far a place of a part lies from its datum: from an edge inwards; from a centre line to the right and downwards, signed. Place: mm from the left and the top of its box. */
export function fromDatum(part: Measured, { x, y }: { readonly x: Mm; readonly y: Mm }): { readonly across: Mm; readonly down: Mm } {
	const { across, down } = datumOf(part);
	return {
		across: across === 'left' ? x : across === 'right' ? part.width - x : x - part.width / 2,
		down: down === 'top' ? y : down === 'bottom' ? part.height - y : y - part.height / 2
	};
}
