import { moveOutline, type Outline } from '../../geometry';
import { doesMove, placeName, type MeasuredChain, type MeasuredFace } from '../../piece';
import { figureBetween, formatFigure, type LengthUnit, type Mm } from '../../units';

export const DRAWING_LAYERS = ['OUTLINE', 'PARTS', 'GAPS', 'HARDWARE', 'HOLES', 'DIMENSIONS', 'TEXT'] as const;
export type DrawingLayer = (typeof DRAWING_LAYERS)[number];

/** Something drawn, mm from the left and the top of the face. */
export type DrawnItem = { readonly layer: DrawingLayer } & (
	| { readonly kind: 'outline'; readonly outline: Outline; readonly dashed: boolean }
	| { readonly kind: 'line'; readonly x1: Mm; readonly y1: Mm; readonly x2: Mm; readonly y2: Mm }
	| { readonly kind: 'circle'; readonly x: Mm; readonly y: Mm; readonly radius: Mm }
	/** On its baseline, turned anticlockwise by so many degrees. */
	| {
			readonly kind: 'text';
			readonly x: Mm;
			readonly y: Mm;
			readonly text: string;
			readonly size: Mm;
			readonly anchor: 'start' | 'middle';
			readonly turn: 0 | 90;
	  }
);

/** Of figures in mm. */
const FIGURE_STEP: Mm = 0.1;

export interface MeasuredDrawing {
	readonly title: string;
	/** What the drawing takes with its dimension lines, mm. */
	readonly left: Mm;
	readonly top: Mm;
	readonly width: Mm;
	readonly height: Mm;
	/** Of the face alone, mm. */
	readonly face: { readonly width: Mm; readonly height: Mm };
	readonly items: readonly DrawnItem[];
}

/**
 * A face as a workshop drawing at true size: outlines, parts, gaps, hardware and holes, every chain with its dimension
 * lines; `size` is the height of its figures, mm. From this one description the page, the SVG and the DXF are written.
 */
export function describeMeasured(face: MeasuredFace, unit: LengthUnit, size: Mm): MeasuredDrawing {
	const down = face.chains.filter(({ along }) => along === 'down');
	const across = face.chains.filter(({ along }) => along === 'across');
	const row = size * 3.2;
	const right = face.width + row * (down.length + 1);
	const bottom = face.height + row * (across.length + 2);
	const left = -row * 2;
	/** The first front shows where its hardware sits, across; the others are alike, or stand in the notes. */
	const drilled = face.parts.find((part) => doesMove(part) && part.hardware.length > 0);
	const top = drilled ? -row * 2 : -row;
	const dimension = ({ mm, ...line }: Omit<Dimension, 'size' | 'text'> & { readonly mm: Mm }) =>
		drawDimension({ ...line, size, text: formatFigure(mm, unit, FIGURE_STEP).text });
	const link = (line: Omit<Dimension, 'size'>) => drawDimension({ ...line, size });
	return {
		title: face.name,
		face: { width: face.width, height: face.height },
		left,
		top,
		width: right - left,
		height: bottom - top,
		items: [
			{ layer: 'OUTLINE', kind: 'outline', outline: face.outline, dashed: face.estimated },
			...face.parts.map((part): DrawnItem => ({
				layer: 'PARTS',
				kind: 'outline',
				outline: moveOutline(part.outline, part.x, part.y),
				dashed: part.estimated
			})),
			...face.gaps.flatMap(({ boxes }) =>
				boxes.map((box): DrawnItem => ({ layer: 'GAPS', kind: 'outline', outline: outlineOfBox(box), dashed: false }))
			),
			...face.whole.hardware.flatMap(drawHardware),
			...face.whole.filled.map(({ x, y, diameter }): DrawnItem => ({ layer: 'HOLES', kind: 'circle', x, y, radius: diameter / 2 })),
			...face.parts.flatMap((part): DrawnItem[] => {
				const at = placeName(part, size * 0.9);
				return at
					? [
							{
								layer: 'TEXT',
								kind: 'text',
								x: part.x + at.x,
								y: part.y + at.y,
								text: part.name,
								size: size * 0.9,
								anchor: 'start',
								turn: 0
							}
						]
					: [];
			}),
			...(drilled
				? dimension({
						upright: false,
						from: drilled.x,
						to: drilled.x + drilled.hardware[0]!.centre.x,
						at: -row,
						off: 0,
						mm: drilled.hardware[0]!.centre.x
					})
				: []),
			...down.flatMap((chain, i) => chainLines({ chain, unit, off: face.width, away: row * (i + 1), draw: link })),
			...across.flatMap((chain, i) => chainLines({ chain, unit, off: face.height, away: row * (i + 1), draw: link })),
			...dimension({
				upright: false,
				from: 0,
				to: face.width,
				at: face.height + row * (across.length + 1),
				off: face.height,
				mm: face.width
			}),
			...dimension({ upright: true, from: 0, to: face.height, at: -row, off: 0, mm: face.height })
		]
	};
}

function chainLines({
	chain,
	unit,
	off,
	away,
	draw
}: {
	readonly chain: MeasuredChain;
	readonly unit: LengthUnit;
	readonly off: Mm;
	readonly away: Mm;
	readonly draw: (line: { upright: boolean; from: Mm; to: Mm; at: Mm; off: Mm; text: string; outer: boolean }) => DrawnItem[];
}): DrawnItem[] {
	/** Narrow ones that follow each other stand on either side of their line in turn. */
	return chain.readings.flatMap(({ from, mm }, i) =>
		draw({
			upright: chain.along === 'down',
			from,
			to: from + mm,
			at: off + away,
			off,
			text: figureBetween(from, from + mm, unit, { read: chain.finest, step: FIGURE_STEP }),
			outer: i % 2 === 1
		})
	);
}

interface Dimension {
	readonly upright: boolean;
	readonly from: Mm;
	readonly to: Mm;
	/** Where the line runs. */
	readonly at: Mm;
	/** Where the thing measured ends. */
	readonly off: Mm;
	/** Where its figure has no room, it stands on the outer side of the line; else on the inner. */
	readonly outer?: boolean;
	readonly text: string;
	readonly size: Mm;
}

function drawDimension({ upright, from, to, at, off, text, size, outer = true }: Dimension): DrawnItem[] {
	const out = Math.sign(at - off) || 1;
	const tick = size * 0.35;
	const line = (a: Mm, b: Mm, c: Mm, d: Mm): DrawnItem =>
		upright
			? { layer: 'DIMENSIONS', kind: 'line', x1: b, y1: a, x2: d, y2: c }
			: { layer: 'DIMENSIONS', kind: 'line', x1: a, y1: b, x2: c, y2: d };
	const isShort = to - from < text.length * size * 0.55;
	const middle = (from + to) / 2;
	const figure = { layer: 'DIMENSIONS', kind: 'text', text, size } as const;
	const written: DrawnItem = !upright
		? { ...figure, x: middle, y: isShort && outer ? at + size * 1.15 : at - size * 0.25, anchor: 'middle', turn: 0 }
		: isShort
			? { ...figure, x: at + size * 0.5, y: outer ? middle + size * 0.35 : middle - size * 0.55, anchor: 'start', turn: 0 }
			: { ...figure, x: at - size * 0.25, y: middle, anchor: 'middle', turn: 90 };
	return [
		line(from, at, to, at),
		...[from, to].flatMap((p) => [
			line(p, off + out * size * 0.3, p, at + out * size * 0.4),
			line(p - tick, upright ? at - tick : at + tick, p + tick, upright ? at + tick : at - tick)
		]),
		written
	];
}

function drawHardware({ footprint, holes, round }: MeasuredFace['whole']['hardware'][0]): DrawnItem[] {
	const centre = { x: footprint.x + footprint.width / 2, y: footprint.y + footprint.height / 2 };
	return [
		round
			? { layer: 'HARDWARE', kind: 'circle', ...centre, radius: footprint.width / 2 }
			: { layer: 'HARDWARE', kind: 'outline', outline: outlineOfBox(footprint), dashed: false },
		...holes.map(({ x, y, diameter }): DrawnItem => ({ layer: 'HOLES', kind: 'circle', x, y, radius: diameter / 2 }))
	];
}

function outlineOfBox({ x, y, width, height }: { readonly x: Mm; readonly y: Mm; readonly width: Mm; readonly height: Mm }): Outline {
	const corners = [
		{ x, y },
		{ x: x + width, y },
		{ x: x + width, y: y + height },
		{ x, y: y + height }
	];
	return corners.map((from, i) => ({ kind: 'line', from, to: corners[(i + 1) % 4]! }));
}
