import { formatFine, formatLength, SAME, type Mm } from '../../../units';
import type { Ring } from '../../../geometry';
import { faceOf, holesIn, type Part } from '../../../piece';
import { partsOf } from '../../partsOf';
import { dryOf } from '../../mould';
import { rankChoices, takeChoice } from '../choose';
import { layItem } from '../layItem';
import { LazyItem } from '../LazyItem';
import { motifIn } from '../motifIn';
import { isSpotOf, placeFromMiddle } from '../spot';
import type { ArrangementContext, ArrangementKind, Choice, LaidItem } from '../types';
import { CLEAR_OF_GAP, fitTrim, type TrimFit } from './fitTrim';
import type { Trim } from './schema';

/** A trim of casts along an edge. Source: craft 8, methods 8. */
export const trim: ArrangementKind<Trim> = {
	word: 'Trim of casts',
	short: 'trim',
	of: 'motif',
	spreads: false,
	start: ({ id, name, motif, parts }) => ({
		kind: 'trim',
		id,
		name,
		motif: motif!.id,
		parts,
		side: 'bottom',
		inset: 0,
		ends: 0,
		picks: {},
		leftOut: []
	}),
	motifs: ({ motif }) => [motif],
	take: (arrangement, group, pick) => ({ ...arrangement, picks: { ...arrangement.picks, [group]: pick } }),
	createPlanner: () => (arrangement, context) => {
		const parts = partsOf(arrangement.parts, context.piece);
		const runs = parts.map((part) => runOn(arrangement, part, context));
		const groups = groupRuns(runs, arrangement, context);
		const items = groups.flatMap(({ group, runs: own }) => {
			const choice = group.choices[group.taken];
			return choice ? own.flatMap((run) => castsOn(arrangement, choice.fit, run, context)) : [];
		});
		return {
			arrangement: arrangement.id,
			groups: groups.map(({ group }) => group),
			items,
			issues: runs.flatMap((run) => issuesOf(run, arrangement, context)),
			hints: runs
				.filter(({ isStraight }) => !isStraight)
				.map(({ part }) => ({ code: 'trim.not-straight', path: `${context.path}.side`, values: { part: part.name } })),
			notes: groups.flatMap(({ group, runs: own }) => {
				const fit = group.choices[group.taken]?.fit;
				return fit ? own.map(({ part }) => ({ part: part.id, text: noteOf(fit, arrangement, context) })) : [];
			})
		};
	},
	moveItem: (arrangement, item, centre) => {
		const { x, y } = { x: centre.x - item.centre.x, y: centre.y - item.centre.y };
		const inwards = { top: y, bottom: -y, left: x, right: -x }[arrangement.side];
		return { ...arrangement, inset: Math.max(0, Math.round((arrangement.inset + inwards) * 10) / 10) };
	},
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: false,
	release: null,
	meansHardware: () => false
};

interface TrimRun {
	readonly part: Part;
	readonly length: Mm;
	/** Of the edge that it lies along to the opposite one. */
	readonly depth: Mm;
	readonly gaps: readonly { readonly from: Mm; readonly to: Mm }[];
	/** The edge is straight. */
	readonly isStraight: boolean;
}

/** Its ends, by the way that it runs. */
const ENDS = { level: ['left', 'right'], upright: ['top', 'bottom'] } as const;
const isLevel = ({ side }: Pick<Trim, 'side'>) => side === 'top' || side === 'bottom';

function runOn(arrangement: Trim, part: Part, { piece, motifs }: ArrangementContext): TrimRun {
	const face = faceOf(piece.faces, part.face);
	const level = isLevel(arrangement);
	const { motif } = motifs.get(arrangement.motif)!;
	const height = motif.height * dryOf(motif);
	const depth = level ? part.height : part.width;
	const from = arrangement.side === 'bottom' || arrangement.side === 'right' ? depth - arrangement.inset - height : arrangement.inset;
	/** Only gaps that run across it. */
	const gaps = holesIn(part, face)
		.filter((hole) =>
			level ? hole.y < from + height && hole.y + hole.height > from : hole.x < from + height && hole.x + hole.width > from
		)
		.filter((hole) => (level ? hole.height >= height : hole.width >= height))
		.map((hole) => (level ? { from: hole.x, to: hole.x + hole.width } : { from: hole.y, to: hole.y + hole.height }))
		.map(({ from: a, to: b }) => ({ from: a - arrangement.ends, to: b - arrangement.ends }));
	return {
		part,
		depth,
		gaps,
		length: (level ? part.width : part.height) - 2 * arrangement.ends,
		isStraight: hasStraight(part, arrangement.side)
	};
}

/** Half of the edge on that side at least is one straight line: rounded corners cut the end casts. */
function hasStraight({ outline, width, height }: Part, side: Trim['side']): boolean {
	const [axis, at, length] = { top: ['y', 0, width], bottom: ['y', height, width], left: ['x', 0, height], right: ['x', width, height] }[
		side
	] as ['x' | 'y', Mm, Mm];
	return outline.some(
		(edge) =>
			edge.kind === 'line' &&
			Math.abs(edge.from[axis] - at) < 0.01 &&
			Math.abs(edge.to[axis] - at) < 0.01 &&
			Math.hypot(edge.to.x - edge.from.x, edge.to.y - edge.from.y) >= length / 2
	);
}

type TrimChoice = Choice<string> & { readonly fit: TrimFit };

function groupRuns(runs: readonly TrimRun[], arrangement: Trim, context: ArrangementContext) {
	const likes = new Map<string, TrimRun[]>();
	for (const run of runs) {
		const key = JSON.stringify([run.length.toFixed(3), run.gaps.map(({ from, to }) => [from.toFixed(3), to.toFixed(3)])]);
		likes.set(key, [...(likes.get(key) ?? []), run]);
	}
	return [...likes.values()].map((own) => {
		const [first] = own as [TrimRun, ...TrimRun[]];
		const { motif } = motifIn(context, arrangement.motif);
		const fits = fitTrim({ length: first.length, mould: motif.width, shrinkage: motif.mould?.shrinkage ?? 0, gaps: first.gaps });
		const id = likes.size === 1 ? 'common' : first.part.id;
		const choices = rankChoices(fits.map((fit) => wordTrim(fit, context)));
		return { runs: own, group: takeChoice({ id, parts: own.map(({ part }) => part.id), choices }, arrangement.picks[id]) };
	});
}

function wordTrim(fit: TrimFit, { unit }: ArrangementContext): TrimChoice {
	const fine = (mm: Mm) => formatFine(mm, unit).text;
	const write = (mm: Mm) => formatLength(mm, unit, 0.1).text;
	const REASONS: Readonly<Record<TrimFit['by'], string>> = {
		joints: fit.joint > 1e-6 ? `whole ones, joints of ${fine(fit.joint)} to fill` : 'whole ones, joint to joint',
		middle: `${write(fit.left)} trimmed off the first, ${write(fit.right)} off the last`,
		left: `${write(fit.left)} trimmed off the first, the last whole`,
		right: `${write(fit.right)} trimmed off the last, the first whole`
	};
	return {
		fit,
		pick: fit.by,
		cost: fit.cost,
		terms: fit.terms,
		title: `${fit.count} casts of ${write(fit.cast)}`,
		reason: REASONS[fit.by],
		warning:
			fit.count === 1 && fit.left + fit.right > 1e-6
				? 'the cast is longer than the run, and cut to it'
				: fit.terms.near > 0
					? `a joint lies ${write(fit.clear)} from a gap: nearer than ${write(CLEAR_OF_GAP)} it breaks there`
					: null
	};
}

function noteOf(fit: TrimFit, arrangement: Trim, { unit }: ArrangementContext): string {
	const write = (mm: Mm) => formatLength(mm, unit, 0.1).text;
	const [first, last] = ENDS[isLevel(arrangement) ? 'level' : 'upright'];
	const trims =
		fit.left + fit.right > SAME
			? `; trim ${write(fit.left)} off the ${first} of the first, ${write(fit.right)} off the ${last} of the last`
			: '';
	return `${fit.count} casts, ${write(fit.cast)} each when dry${trims}${fit.joint > 1e-6 ? `; joints of ${formatFine(fit.joint, unit).text}, filled with clay` : ''}`;
}

/** From the left, or from the top; told apart by their place from the middle, so that they stay when their number changes. */
function castsOn(arrangement: Trim, fit: TrimFit, { part, length, depth }: TrimRun, context: ArrangementContext): LaidItem[] {
	const { motif, shape } = motifIn(context, arrangement.motif);
	const face = faceOf(context.piece.faces, part.face);
	const scale = dryOf(motif);
	const level = isLevel(arrangement);
	const half = (motif.height * scale) / 2;
	const across =
		arrangement.side === 'bottom' || arrangement.side === 'right' ? depth - arrangement.inset - half : arrangement.inset + half;
	const [from, to] = [arrangement.ends, arrangement.ends + length];
	const within: Ring = level ? [from, 0, to, 0, to, depth, from, depth] : [0, from, depth, from, depth, to, 0, to];
	const turn = { top: 180, bottom: 0, left: 90, right: 270 }[arrangement.side];
	return Array.from({ length: fit.count }, (_, i): LaidItem | null => {
		const place = `middle ${placeFromMiddle(i, fit.count)}`;
		/** Files of before counted from the first. */
		if (arrangement.leftOut.some((spot) => [place, String(i)].some((own) => isSpotOf(spot, { part: part.id, place: own })))) return null;
		const along = from - fit.left + i * (fit.cast + fit.joint) + fit.cast / 2;
		const centre = level ? { x: along, y: across } : { x: across, y: along };
		const isEnd = (i === 0 && fit.left > 1e-9) || (i === fit.count - 1 && fit.right > 1e-9);
		const spec = { arrangement: arrangement.id, place, index: i, centre, scale, turn, ...(isEnd ? { within } : {}) };
		const item = layItem(spec, { motif, shape }, part, face);
		return isEnd ? withinRun({ item, part, level, from, to }) : item;
	}).filter((item) => item !== null);
}

/** A cast that is trimmed stands with its cut end where its run begins, or ends. */
function withinRun({
	item,
	part,
	level,
	from,
	to
}: {
	readonly item: LaidItem;
	readonly part: Part;
	readonly level: boolean;
	readonly from: Mm;
	readonly to: Mm;
}): LaidItem {
	const [near, size, whole] = level ? [item.left, item.width, part.width] : [item.top, item.height, part.height];
	const start = Math.max(from, near);
	const end = Math.min(to, near + size);
	const cut = level ? { left: start, width: end - start, right: whole - end } : { top: start, height: end - start, bottom: whole - end };
	return new LazyItem({ ...item, ...cut }, item);
}

function issuesOf({ part, length, depth }: TrimRun, arrangement: Trim, context: ArrangementContext) {
	const { motif } = motifIn(context, arrangement.motif);
	const height = motif.height * dryOf(motif);
	const values = { part: part.name };
	if (length <= 0) return [{ code: 'trim.no-run', path: `${context.path}.ends`, values }];
	if (arrangement.inset + height > depth + 1e-6)
		return [{ code: 'trim.no-room', path: `${context.path}.inset`, values: { ...values, height, most: Math.max(0, depth - height) } }];
	return [];
}
