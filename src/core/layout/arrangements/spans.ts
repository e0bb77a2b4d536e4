import { flattenOutline } from '../../geometry';
import { faceOf, type MeasuredPiece, type Part, type Seam } from '../../piece';
import type { Mm } from '../../units';

/** A part within a length that is counted through: where its first edge lies on it, mm. */
export interface PartOnSpan {
	readonly part: Part;
	readonly from: Mm;
	readonly size: Mm;
}

/** A length across the stripes, with all that lies along it. */
export interface Span {
	readonly id: string;
	readonly length: Mm;
	readonly parts: readonly PartOnSpan[];
}

/** Unit vector across stripes of an angle: to the right, or down where they run level. */
export function across(angle: number): { readonly x: number; readonly y: number } {
	if (angle === 0) return { x: 0, y: 1 };
	if (angle === 90) return { x: 1, y: 0 };
	const radians = (angle * Math.PI) / 180;
	const [x, y] = [Math.sin(radians), -Math.cos(radians)];
	return Math.abs(y) > Math.abs(x) && y < 0 ? { x: -x, y: -y } : { x, y };
}

/** From the first to the last point of a part across the stripes; mm from its top left corner along `across`. */
export function extentOf(part: Part, angle: number): { readonly from: Mm; readonly to: Mm } {
	if (angle === 0) return { from: 0, to: part.height };
	if (angle === 90) return { from: 0, to: part.width };
	const way = across(angle);
	const ring = flattenOutline(part.outline, 0.01);
	let [from, to] = [Infinity, -Infinity];
	for (let i = 0; i < ring.length; i += 2) {
		const u = ring[i]! * way.x + ring[i + 1]! * way.y;
		[from, to] = [Math.min(from, u), Math.max(to, u)];
	}
	return { from, to };
}

/** The lengths that stripes are counted on: parts by themselves, faces as a whole, or faces round the corners of the piece. */
export function spansOf(
	{ over, angle }: { readonly over: 'each' | 'face' | 'round'; readonly angle: number },
	parts: readonly Part[],
	piece: Pick<MeasuredPiece, 'faces'>,
	seams: readonly Seam[]
): Span[] {
	if (over === 'each') return eachAlone(parts, angle);
	const faces = piece.faces.filter(({ id }) => parts.some(({ face }) => face === id));
	const onFace = (id: string) => parts.filter(({ face }) => face === id);
	const way = across(angle);
	if (over === 'face' || angle % 90 !== 0)
		return faces.map((face): Span => {
			const whole = extentOf(face.whole, angle);
			return {
				id: face.id,
				length: whole.to - whole.from,
				parts: onFace(face.id).map((part) => {
					const own = extentOf(part, angle);
					return { part, from: part.x * way.x + part.y * way.y + own.from - whole.from, size: own.to - own.from };
				})
			};
		});
	return angle === 90
		? roundCorners(
				faces.map(({ id }) => id),
				piece,
				seams,
				onFace
			)
		: fromFloor(faces, onFace);
}

function eachAlone(parts: readonly Part[], angle: number): Span[] {
	const spans = new Map<string, Span>();
	for (const part of parts) {
		const { from, to } = extentOf(part, angle);
		const key = (to - from).toFixed(3);
		const known = spans.get(key);
		spans.set(key, { id: part.id, length: to - from, ...known, parts: [...(known?.parts ?? []), { part, from: 0, size: to - from }] });
	}
	return spans.size === 1 ? [...spans.values()].map((span) => ({ ...span, id: 'common' })) : [...spans.values()];
}

/** Upright stripes: faces that meet along upright edges, counted on from the middle of the first of them; what reaches less far is filled up, so that the middle stays there. */
function roundCorners(
	ids: readonly string[],
	piece: Pick<MeasuredPiece, 'faces'>,
	seams: readonly Seam[],
	onFace: (id: string) => Part[]
): Span[] {
	const left = [...ids];
	const spans: Span[] = [];
	while (left.length > 0) {
		const first = left.shift()!;
		const chain = [first];
		for (const [side, add] of [
			['right', (id: string) => chain.push(id)],
			['left', (id: string) => chain.unshift(id)]
		] as const) {
			for (let at = first; ;) {
				const next = neighbour(at, side, seams);
				if (next === null || !left.includes(next)) break;
				left.splice(left.indexOf(next), 1);
				add(next);
				at = next;
			}
		}
		const widths = chain.map((id) => faceOf(piece.faces, id).width);
		const sum = (list: readonly Mm[]) => list.reduce((a, b) => a + b, 0);
		const at = chain.indexOf(first);
		const [before, after] = [sum(widths.slice(0, at)), sum(widths.slice(at + 1))];
		const start = Math.max(0, after - before);
		spans.push({
			id: ids.length === chain.length ? 'common' : first,
			length: widths[at]! + 2 * Math.max(before, after),
			parts: chain.flatMap((id, i) =>
				onFace(id).map((part) => ({ part, from: start + sum(widths.slice(0, i)) + part.x, size: part.width }))
			)
		});
	}
	return spans;
}

/** The face that meets the right or the left edge of another with its own left or right one. */
function neighbour(face: string, side: 'left' | 'right', seams: readonly Seam[]): string | null {
	const other = side === 'left' ? 'right' : 'left';
	for (const { a, b } of seams)
		for (const [own, next] of [
			[a, b],
			[b, a]
		] as const)
			if (own.face === face && own.side === side && next.side === other) return next.face;
	return null;
}

/** Level stripes at one height on all faces: counted on the tallest, the others stand on the same floor. */
function fromFloor(faces: readonly MeasuredPiece['faces'][number][], onFace: (id: string) => Part[]): Span[] {
	const topOf = (face: MeasuredPiece['faces'][number]) => (face.floor ?? 0) + face.height;
	const highest = Math.max(...faces.map(topOf));
	const lowest = Math.min(...faces.map(({ floor }) => floor ?? 0));
	return [
		{
			id: 'common',
			length: highest - lowest,
			parts: faces.flatMap((face) => onFace(face.id).map((part) => ({ part, from: highest - topOf(face) + part.y, size: part.height })))
		}
	];
}
