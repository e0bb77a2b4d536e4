import type { Outline } from '../../geometry';
import type { Mm } from '../../units';
import type { Box } from './box';
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

type Side = 'left' | 'right' | 'top' | 'bottom';

/** The edges of a part that a tape can be hooked on. */
export function straightSides({ outline, width, height }: Measured): ReadonlySet<Side> {
	if (isBoxOutline(outline)) return new Set<Side>(['left', 'right', 'top', 'bottom']);
	const sides = [
		['left', 'x', 0, height],
		['right', 'x', width, height],
		['top', 'y', 0, width],
		['bottom', 'y', height, width]
	] as const;
	return new Set(sides.flatMap(([side, axis, at, length]) => (straightAt(outline, axis, at) >= HOLDS * length ? [side] : [])));
}

/** Of a box its left and its top edge; of a round one its centre lines; of an arch its left edge and its foot. */
export function datumOf(part: Measured): Datum {
	const sides = straightSides(part);
	return {
		across: sides.has('left') ? 'left' : sides.has('right') ? 'right' : 'centre',
		down: sides.has('top') ? 'top' : sides.has('bottom') ? 'bottom' : 'centre'
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

/** One of the two figures that find something on a part. */
export interface DatumFigure {
	readonly axis: 'across' | 'down';
	readonly from: Datum['across'] | Datum['down'];
	/** From an edge to the near edge of it; from a centre line to its centre, signed: to the right and downwards. */
	readonly mm: Mm;
	/** Which way it moves along the axis when the figure grows. */
	readonly way: 1 | -1;
	/** Its dimension line, from the left or the top of the part: none where it lies on the centre line, or hangs over the edge. */
	readonly line: { readonly from: Mm; readonly to: Mm } | null;
}

/** A figure below this needs no dimension line, mm. */
const NO_LINE: Mm = 0.25;

/** What finds a frame (mm from the left and the top of the part): across and down. */
export function figuresOnPart(
	part: Measured,
	{ left, top, width, height }: Pick<Box, 'width' | 'height'> & { readonly left: Mm; readonly top: Mm }
): readonly [DatumFigure, DatumFigure] {
	const { across, down } = datumOf(part);
	return [
		figureOn('across', across, { from: left, size: width, of: part.width }),
		figureOn('down', down, { from: top, size: height, of: part.height })
	];
}

function figureOn(
	axis: DatumFigure['axis'],
	from: DatumFigure['from'],
	{ from: near, size, of }: { readonly from: Mm; readonly size: Mm; readonly of: Mm }
): DatumFigure {
	const far = near + size;
	const line = (a: Mm, b: Mm) => (b - a < NO_LINE ? null : { from: a, to: b });
	if (from === 'left' || from === 'top') return { axis, from, mm: near, way: 1, line: line(0, near) };
	if (from === 'right' || from === 'bottom') return { axis, from, mm: of - far, way: -1, line: line(far, of) };
	const [middle, centre] = [of / 2, near + size / 2];
	return { axis, from, mm: centre - middle, way: 1, line: line(Math.min(middle, centre), Math.max(middle, centre)) };
}
