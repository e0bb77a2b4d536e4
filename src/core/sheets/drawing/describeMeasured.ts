import { moveOutline, type Outline } from '../../geometry';
import type { MeasuredChain, MeasuredFace } from '../../piece';
import { formatLength, type LengthUnit, type Mm } from '../../units';

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

export interface MeasuredDrawing {
	readonly title: string;
	/** What the drawing takes with its dimension lines, mm. */
	readonly left: Mm;
	readonly top: Mm;
	readonly width: Mm;
	readonly height: Mm;
	readonly items: readonly DrawnItem[];
}

/**
 * A face as a workshop drawing at true size: outlines, parts, gaps, hardware and holes, every chain with its dimension
 * lines; `size` is the height of its figures, mm. From this one description the page, the SVG and the DXF are written.
 */
export function describeMeasured(face: MeasuredFace, unit: LengthUnit, size: Mm): MeasuredDrawing {
	const down = face.chains.filter(({ along }) => along === 'down');
	const across = face.chains.filter(({ along }) => along === 'across');
	const row = size * 2.4;
	const right = face.width + row * (down.length + 1);
	const bottom = face.height + row * (across.length + 2);
	const left = -row * 2;
	const top = -row;
	const dimension = (line: Omit<Dimension, 'size' | 'text'> & { readonly mm: Mm }) =>
		drawDimension({ ...line, size, text: formatLength(line.mm, unit, 0.1).text });
	return {
		title: face.name,
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
			...face.parts
				.filter(({ width, height }) => height > size * 2 && width > size * 5)
				.map((part): DrawnItem => ({
					layer: 'TEXT',
					kind: 'text',
					x: part.x + size * 0.6,
					y: part.y + size * 1.4,
					text: part.name,
					size: size * 0.9,
					anchor: 'start',
					turn: 0
				})),
			...down.flatMap((chain, i) => chainLines(chain, face.width, row * (i + 1), dimension)),
			...across.flatMap((chain, i) => chainLines(chain, face.height, row * (i + 1), dimension)),
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

function chainLines(
	chain: MeasuredChain,
	off: Mm,
	away: Mm,
	draw: (line: { upright: boolean; from: Mm; to: Mm; at: Mm; off: Mm; mm: Mm }) => DrawnItem[]
): DrawnItem[] {
	return chain.readings.flatMap(({ from, mm }) => draw({ upright: chain.along === 'down', from, to: from + mm, at: off + away, off, mm }));
}

interface Dimension {
	readonly upright: boolean;
	readonly from: Mm;
	readonly to: Mm;
	/** Where the line runs. */
	readonly at: Mm;
	/** Where the thing measured ends. */
	readonly off: Mm;
	readonly text: string;
	readonly size: Mm;
}

function drawDimension({ upright, from, to, at, off, text, size }: Dimension): DrawnItem[] {
	const out = Math.sign(at - off) || 1;
	const tick = size * 0.35;
	const line = (a: Mm, b: Mm, c: Mm, d: Mm): DrawnItem =>
		upright
			? { layer: 'DIMENSIONS', kind: 'line', x1: b, y1: a, x2: d, y2: c }
			: { layer: 'DIMENSIONS', kind: 'line', x1: a, y1: b, x2: c, y2: d };
	/** A figure that is longer than its line stands beside it, outwards. */
	const isShort = to - from < text.length * size * 0.55;
	const beside = isShort ? at + out * size * (upright ? 1.1 : 1.35) + (upright ? size * 0.3 : 0) : at - size * 0.25;
	const middle = (from + to) / 2;
	const turn = upright && !isShort ? 90 : 0;
	return [
		line(from, at, to, at),
		...[from, to].flatMap((p) => [
			line(p, off + out * size * 0.3, p, at + out * size * 0.4),
			line(p - tick, upright ? at - tick : at + tick, p + tick, upright ? at + tick : at - tick)
		]),
		{
			layer: 'DIMENSIONS',
			kind: 'text',
			x: upright ? (isShort ? at + size * 0.5 : beside) : middle,
			y: upright ? (isShort ? middle + size * 0.35 : middle) : beside,
			text,
			size,
			anchor: upright && isShort ? 'start' : 'middle',
			turn
		}
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
