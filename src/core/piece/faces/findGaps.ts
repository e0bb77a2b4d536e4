import { type Mm, SAME } from '../../units';
import type { BarePart } from '../readings/chain';
import type { Chain } from '../readings/chain';
import type { Context } from '../readings/chain';
import { doesMove, isOfFrame, type Gap, type MeasuredReading } from './parts';
import type { Box } from './box';

/** What meets in a gap: the drawers and doors that touch it on either side, or the carcass; looked for in place. */
export function gapsBetween({
	chain,
	i,
	placed,
	here,
	context
}: {
	readonly chain: Chain;
	readonly i: number;
	readonly placed: readonly MeasuredReading[];
	readonly here: readonly BarePart[];
	readonly context: Context;
}): Gap[] {
	const { face, read } = context;
	const { id, from, mm, estimated } = placed[i]!;
	const entry = chain.readings[i]!;
	const down = chain.along === 'down';
	const far = entry.far === undefined || entry.far === '' ? mm : (read(entry.far, `${chain.path}[${i}].far`, 'zero')?.mm ?? mm);
	const moving = here.filter(doesMove);
	const before = moving.filter((part) => Math.abs((down ? part.y + part.height : part.x + part.width) - from) < SAME);
	const after = moving.filter((part) => Math.abs((down ? part.y : part.x) - from - mm) < SAME);
	const [start, end] = openingAt(chain, [...before, ...after], context);
	const box: Box = down ? { x: start, y: from, width: end - start, height: mm } : { x: from, y: start, width: mm, height: end - start };
	const gap = { at: 'chain' as const, mm: Math.min(mm, far), ends: [mm, far] as const, estimated };
	const overlap = (a: BarePart, b: BarePart) =>
		down ? a.x < b.x + b.width - SAME && b.x < a.x + a.width - SAME : a.y < b.y + b.height - SAME && b.y < a.y + a.height - SAME;
	/** The rail or stile that a drawer or door meets there; what is left of the face where there is none. */
	const memberBeside = (part: BarePart, edge: Mm, side: 'before' | 'after') =>
		here.find(
			(other) =>
				isOfFrame(other) &&
				overlap(other, part) &&
				Math.abs((down ? other.y : other.x) + (side === 'after' ? 0 : down ? other.height : other.width) - edge) < SAME
		)?.id ?? face.id;
	const pairs: [string, string][] =
		before.length > 0 && after.length > 0
			? before.flatMap((a) => after.filter((b) => overlap(a, b)).map((b): [string, string] => [a.id, b.id]))
			: before.length > 0
				? before.map((a) => [a.id, memberBeside(a, from + mm, 'after')])
				: after.length > 0
					? after.map((b) => [memberBeside(b, from, 'before'), b.id])
					: [[face.id, face.id]];
	return pairs.map((between, p) => ({ ...gap, id: p === 0 ? id : `${id}-${p + 1}`, between, boxes: p === 0 ? [box] : [] }));
}

/** How far a gap reaches to both sides: as far as the opening of what moves beside it. */
function openingAt(chain: Chain, beside: readonly BarePart[], { stile, gaps }: Context): readonly [Mm, Mm] {
	const { box, along } = chain;
	const down = along === 'down';
	if (chain.of === null && beside.some(({ x }) => x > box.x + stile - SAME) && stile > 0 && beside.length <= 2) {
		const own = beside.every((part) => chain.readings.some(({ id }) => id === part.id));
		if (own) return [box.x + stile, box.x + box.width - stile];
	}
	if (beside.length === 0) return down ? [box.x, box.x + box.width] : [box.y, box.y + box.height];
	const low = Math.min(...beside.map(({ x, y }) => (down ? x : y)));
	const high = Math.max(...beside.map(({ x, y, width, height }) => (down ? x + width : y + height)));
	/** Upright gaps that stand beside them reach into this one. */
	const beyond = gaps
		.filter(({ at, between }) => at === 'chain' && beside.some(({ id }) => between.includes(id)))
		.flatMap(({ boxes }) => boxes)
		.filter(({ width, height }) => (down ? width < height : height < width));
	const lows = beyond.map(({ x, y }) => (down ? x : y));
	const highs = beyond.map(({ x, y, width, height }) => (down ? x + width : y + height));
	return [Math.min(low, ...lows), Math.max(high, ...highs)];
}

/** The gap between a drawer (or a door) and the frame, at both its sides. */
export function sideGaps(id: string, box: Box, { face, sideGap }: Context): Gap {
	return {
		id: `side-of-${id}`,
		at: 'side',
		mm: sideGap,
		ends: [sideGap, sideGap],
		between: [face.id, id],
		boxes: [
			{ ...box, x: box.x - sideGap, width: sideGap },
			{ ...box, x: box.x + box.width, width: sideGap }
		],
		estimated: false
	};
}
