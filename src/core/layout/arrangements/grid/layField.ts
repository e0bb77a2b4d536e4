import { faceOf, type MeasuredFace, type Part } from '../../../piece';
import type { Mm } from '../../../units';
import { cutsOf, layItem } from '../layItem';
import { motifIn } from '../motifIn';
import { isSpotOf } from '../spot';
import type { ArrangementContext, LaidItem, Side } from '../types';
import type { Grid } from './schema';

/** More than these on one part are not laid: they would be a texture, not motifs. */
export const MOST_ITEMS = 1500;
/** What ends within this of an edge ends on it, mm: less than a knife is thick. */
export const AT_THE_EDGE: Mm = 0.05;

/** A texture, not motifs. */
export function isDense(part: Part, across: Mm, down: Mm): boolean {
	return (part.width / across + 1) * (part.height / down + 1) > MOST_ITEMS;
}

/** From one motif to the next, mm. */
export function stepsOf({ scale, gap }: Grid, motif: { readonly width: Mm; readonly height: Mm }): readonly [across: Mm, down: Mm] {
	return [motif.width * scale + gap.across, motif.height * scale + gap.down];
}

/** All that lies on some parts. */
export function layField(parts: readonly Part[], arrangement: Grid, context: ArrangementContext): LaidItem[] {
	return parts.flatMap((part) => itemsOn(part, faceOf(context.piece.faces, part.face), arrangement, context));
}

function itemsOn(part: Part, face: MeasuredFace, arrangement: Grid, context: ArrangementContext): LaidItem[] {
	const { motif, shape } = motifIn(context, arrangement.motif);
	const { id, scale, offset, edge, middle, leftOut } = arrangement;
	const [across, down] = stepsOf(arrangement, motif);
	const size = { width: motif.width * scale, height: motif.height * scale };
	const start = {
		x: part.width / 2 + offset.x + (middle === 'gap' ? across / 2 : 0),
		y: part.height / 2 + offset.y + (middle === 'gap' ? down / 2 : 0)
	};
	/** As far as a motif can reach the part from, whichever way it is shifted. */
	const far = (from: Mm, step: Mm, size: Mm, own: Mm): [number, number] => [
		Math.floor((-own / 2 - from) / step) - 1,
		Math.ceil((size + own / 2 - from) / step) + 1
	];
	const [left, right] = far(start.x, across, part.width, motif.width * scale);
	const [top, bottom] = far(start.y, down, part.height, motif.height * scale);
	const items: LaidItem[] = [];
	for (let row = top; row <= bottom; row++)
		for (let column = left; column <= right; column++) {
			const place = `${column},${row}`;
			if (leftOut.some((spot) => isSpotOf(spot, { part: part.id, place }))) continue;
			const { dx, dy, mirrored } = shiftOf(arrangement.shift, column, row);
			const centre = { x: start.x + (column + dx) * across, y: start.y + (row + dy) * down };
			/** What lies beyond the edge is not laid at all; nor what reaches over it, where only whole ones are wanted. */
			const { isOver, isBeyond } = overhang(centre, size, part);
			if ((edge === 'whole' && isOver) || (shape.isWithin && isBeyond)) continue;
			if (edge === 'whole' && !cutsOf({ centre, scale, mirrored }, { motif, shape }, part, face).every((side) => EDGES.has(side))) continue;
			const item = layItem({ arrangement: id, place, index: items.length, centre, scale, mirrored }, { motif, shape }, part, face);
			if (item.openArea > 0 && (edge === 'cut' || isWhole(item))) items.push(item);
		}
	return items;
}

/** How far a place is shifted off the square grid, as shares of a step, and whether its motif is mirrored. */
function shiftOf(
	shift: Grid['shift'],
	column: number,
	row: number
): { readonly dx: number; readonly dy: number; readonly mirrored: boolean } {
	return {
		dx: shift === 'brick' && row % 2 !== 0 ? 0.5 : 0,
		dy: shift === 'half-drop' && column % 2 !== 0 ? 0.5 : 0,
		mirrored: shift === 'mirrored' && column % 2 !== 0
	};
}

/** How a frame lies to the box of a part: over its edge by more than a hair, or beyond it altogether. */
function overhang(
	{ x, y }: { readonly x: Mm; readonly y: Mm },
	{ width, height }: { readonly width: Mm; readonly height: Mm },
	part: Part
): { readonly isOver: boolean; readonly isBeyond: boolean } {
	const across = Math.min(x, part.width - x) - width / 2;
	const down = Math.min(y, part.height - y) - height / 2;
	return { isOver: Math.min(across, down) < -AT_THE_EDGE, isBeyond: across <= -width || down <= -height };
}

/** Its frame within the box of the part, but for a hair, and nothing else taken off it. */
function isWhole({ left, top, right, bottom, cutBy }: LaidItem): boolean {
	return cutBy.every((side) => EDGES.has(side)) && Math.min(left, top, right, bottom) >= -AT_THE_EDGE;
}
const EDGES: ReadonlySet<Side> = new Set(['left', 'top', 'right', 'bottom']);
