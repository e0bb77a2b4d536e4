import { alongTrack, keyOfOutline, trackOutline, type Outline, type Ring, type Track } from '../../../geometry';
import { formatLength, type Issue, type Mm } from '../../../units';
import { faceOf, isOfFrame, isOwnSurface, type MeasuredFace, type MeasuredPiece, type Part } from '../../../piece';
import { partsOf } from '../../partsOf';
import { rankChoices, takeChoice } from '../choose';
import { layItem } from '../layItem';
import { motifIn } from '../motifIn';
import { isSpotOf, placeFromMiddle } from '../spot';
import type { ArrangementContext, ArrangementPlan, Choice, ChoiceGroup, LaidItem, MotifInUse } from '../types';
import { depthOfBorder } from './depthOfBorder';
import { fitBorder, type BorderBy, type BorderFit, type BorderWish } from './fitBorder';
import type { Border } from './schema';

type BorderChoice = Choice<string> & { readonly fit: BorderFit };
const DEGREES = 180 / Math.PI;

/** The fits, the dear part, are kept while nothing that they hang on has changed. */
export function createBorderPlanner() {
	let kept: { readonly key: string; readonly motifs: unknown; readonly piece: unknown; readonly groups: OpenGroup[] } | null = null;
	return (border: Border, context: ArrangementContext): ArrangementPlan => {
		const key = JSON.stringify([
			border.parts,
			border.motif,
			border.corners,
			border.corner,
			border.inset,
			border.scale,
			border.gap,
			border.pinned,
			context.unit
		]);
		if (kept?.key !== key || kept.motifs !== context.motifs || kept.piece !== context.piece)
			kept = { key, motifs: context.motifs, piece: context.piece, groups: fitGroups(border, context) };
		return planBorder(border, context, kept.groups);
	};
}

type OpenGroup = Omit<ChoiceGroup<BorderChoice>, 'taken'> & { readonly gave: Gave };
/** What had to be widened before anything closed. */
type Gave = 'nothing' | 'gap' | 'scale' | 'all';

function planBorder(border: Border, context: ArrangementContext, open: readonly OpenGroup[]): ArrangementPlan {
	const { piece, path } = context;
	const parts = partsOf(border.parts, piece);
	const issues: Issue[] = [];
	if (border.scale.least > border.scale.most) issues.push({ code: 'run.scale-range', path: `${path}.scale` });
	if (border.gap.least > border.gap.most) issues.push({ code: 'run.gap-range', path: `${path}.gap` });
	const groups =
		issues.length > 0
			? []
			: open.map(({ gave, ...group }) => ({ gave, ...takeChoice(group, border.picks[group.id] ?? border.picks['common']) }));
	const items: LaidItem[] = [];
	const hints: Issue[] = [];
	for (const { choices, taken, parts: ids, gave } of groups) {
		const own = parts.filter(({ id }) => ids.includes(id));
		const fit = choices[taken]?.fit;
		if (!fit) {
			issues.push({ code: 'border.no-room', path: `${path}.inset`, values: { part: own[0]!.name } });
			continue;
		}
		if (gave !== 'nothing') hints.push({ code: 'border.gave', path: `${path}.scale`, values: { gave, part: own[0]!.name } });
		for (const part of own) items.push(...layBorder(border, fit, part, context));
	}
	return { arrangement: border.id, groups, items, issues, hints: [...hints, ...hintsOf(items, parts, piece, path)] };
}

/** Places of one outline share their fit: what lies in a box of one size may run another way in it. */
function fitGroups(border: Border, context: ArrangementContext): OpenGroup[] {
	const likes = new Map<string, Part[]>();
	for (const part of partsOf(border.parts, context.piece)) {
		const key = keyOfOutline(part.outline);
		likes.set(key, [...(likes.get(key) ?? []), part]);
	}
	return [...likes.values()].map((like): OpenGroup => {
		const { fits, gave } = fitOrGive(wishFor(border, like[0]!.outline, context));
		return {
			id: likes.size === 1 ? 'common' : like[0]!.id,
			parts: like.map(({ id }) => id),
			choices: rankChoices(fits.map((fit) => wordBorder(fit, border, context))),
			gave
		};
	});
}

/** As wished; else with any gap up to a motif, else at any scale from a quarter to four times, else both: the nearest that closes. */
function fitOrGive(wish: BorderWish): { readonly fits: BorderFit[]; readonly gave: Gave } {
	const gap = { ...wish.gap, least: Math.min(wish.gap.least, 0), most: Math.max(wish.gap.most, wish.motif * wish.scale.wish) };
	const scale = { ...wish.scale, least: wish.scale.least / 4, most: wish.scale.most * 4 };
	for (const [gave, tried] of [
		['nothing', wish],
		['gap', { ...wish, gap }],
		['scale', { ...wish, scale }],
		['all', { ...wish, gap, scale }]
	] as const) {
		const fits = fitBorder(tried);
		if (fits.length > 0) return { fits, gave };
	}
	return { fits: [], gave: 'all' };
}

function sizesOf(
	border: Border,
	context: ArrangementContext
): { readonly strip: MotifInUse; readonly block: MotifInUse | null; readonly corner: Mm; readonly depth: Mm } {
	const strip = motifIn(context, border.motif);
	const block = border.corners === 'blocks' && border.corner !== null ? motifIn(context, border.corner) : null;
	const corner = block === null ? strip.motif.height : Math.max(block.motif.width, block.motif.height);
	return { strip, block, corner, depth: depthOfBorder(border, (id) => motifIn(context, id).motif) };
}

function wishFor(border: Border, outline: Outline, context: ArrangementContext): BorderWish {
	const { strip, corner, depth } = sizesOf(border, context);
	const known = new Map<number, Track[]>();
	const tracksAt = (scale: number) => {
		if (!known.has(scale)) known.set(scale, trackOutline(outline, border.inset + (depth * scale) / 2));
		return known.get(scale)!;
	};
	return {
		sidesAt: (scale) => tracksAt(scale).map(({ length }) => length),
		corners: tracksAt(border.scale.least).some(({ closed }) => closed) ? 'ring' : border.corners,
		corner,
		motif: strip.motif.width,
		scale: border.scale,
		...(strip.motif.sizes === undefined ? {} : { sizes: strip.motif.sizes }),
		gap: { ...border.gap, wish: border.gap.wish ?? (border.gap.least + border.gap.most) / 2 },
		pinned: [border.pinned.across, border.pinned.down]
	};
}

function layBorder(border: Border, fit: BorderFit, part: Part, context: ArrangementContext): LaidItem[] {
	const face = faceOf(context.piece.faces, part.face);
	const { strip, block, corner, depth } = sizesOf(border, context);
	const tracks = trackOutline(part.outline, border.inset + (depth * fit.scale) / 2);
	const items: LaidItem[] = [];
	const isOut = (place: string) => border.leftOut.some((spot) => isSpotOf(spot, { part: part.id, place }));
	const put = (motif: MotifInUse, place: string, at: Omit<Parameters<typeof layItem>[0], 'arrangement' | 'place' | 'index' | 'scale'>) => {
		if (isOut(place)) return;
		const spec = { arrangement: border.id, place, index: items.length, scale: fit.scale, ...at };
		const item = layItem(spec, motif, part, face);
		if (item.rings.length > 0) items.push(item);
	};
	tracks.forEach((track, side) => {
		const count = fit.counts[side] ?? 0;
		const own = { ...border, corners: track.closed ? ('ring' as const) : border.corners };
		if (block && !track.closed) {
			const { x, y, heading } = alongTrack(track, 0);
			put(block, String(side), { centre: { x, y }, turn: heading * DEGREES, role: 'corner' });
		}
		for (const [k, along] of placesOn({
			corners: own.corners,
			count,
			motif: fit.scale * strip.motif.width,
			gap: fit.gaps[side]!,
			corner: fit.scale * corner
		}).entries()) {
			const { x, y, heading } = alongTrack(track, along);
			const within = mitreOf({ corners: own.corners, tracks, side, along, depth: fit.scale * depth, motif: strip.motif.width * fit.scale });
			put(strip, `${side},${placeFromMiddle(k, own.corners === 'mirrored' ? count + 1 : count)}`, {
				centre: { x, y },
				turn: turnOf(heading, border.tops),
				mirrored: border.corners === 'mirrored' && !track.closed && along > track.length / 2 + 1e-6,
				...(within === null ? {} : { within })
			});
		}
	});
	return items;
}

/** Where the centres of motifs lie along a side, mm. */
function placesOn({
	corners,
	count,
	motif,
	gap,
	corner
}: {
	readonly corners: Border['corners'] | 'ring';
	readonly count: number;
	readonly motif: Mm;
	readonly gap: Mm;
	readonly corner: Mm;
}): Mm[] {
	const pitch = motif + gap;
	switch (corners) {
		case 'blocks':
			return Array.from({ length: count }, (_, k) => corner / 2 + gap + motif / 2 + k * pitch);
		case 'mitred':
			return Array.from({ length: count }, (_, k) => (k + 0.5) * pitch);
		case 'mirrored':
			return Array.from({ length: count + 1 }, (_, k) => k * pitch);
		case 'ring':
			return Array.from({ length: count }, (_, k) => k * pitch);
	}
}

/** Whole degrees of a turn stay whole: -0 and 359.99 are 0. */
function turnOf(heading: number, tops: Border['tops']): number {
	const turn = heading * DEGREES + (tops === 'in' ? 180 : 0);
	const around = ((((turn + 180) % 360) + 360) % 360) - 180;
	return Math.abs(around - Math.round(around)) < 1e-9 ? Math.round(around) + 0 : around;
}

/** What a side may take near its ends: as far as the bisectors of its corners. Null where it is far from both. */
function mitreOf({
	corners,
	tracks,
	side,
	along,
	depth,
	motif
}: {
	readonly corners: Border['corners'] | 'ring';
	readonly tracks: readonly Track[];
	readonly side: number;
	readonly along: Mm;
	readonly depth: Mm;
	readonly motif: Mm;
}): Ring | null {
	if (corners === 'ring' || corners === 'blocks') return null;
	const track = tracks[side]!;
	const reach = depth / 2 + motif / 2;
	const [isFirst, isLast] = [along < reach, along > track.length - reach];
	if (!isFirst && !isLast) return null;
	const far = 2 * depth + motif;
	const before = tracks[(side + tracks.length - 1) % tracks.length]!;
	const after = tracks[(side + 1) % tracks.length]!;
	const start = alongTrack(track, 0);
	const end = alongTrack(track, track.length);
	const first = bisector(alongTrack(before, before.length).heading, start.heading);
	const last = bisector(end.heading, alongTrack(after, 0).heading);
	/** Half a plane beyond each corner that is near, from its bisector on towards the side. */
	const half = (at: { x: number; y: number }, way: { x: number; y: number }, heading: number, sign: 1 | -1): Ring => {
		const [dx, dy] = [sign * far * Math.cos(heading), sign * far * Math.sin(heading)];
		const [ox, oy] = [way.x * far, way.y * far];
		return [at.x + ox, at.y + oy, at.x + ox + dx, at.y + oy + dy, at.x - ox + dx, at.y - oy + dy, at.x - ox, at.y - oy];
	};
	if (isFirst && !isLast) return half(start, first, start.heading, 1);
	if (isLast && !isFirst) return half(end, last, end.heading, -1);
	const [p, q] = [first, last];
	return [
		start.x + p.x * far,
		start.y + p.y * far,
		end.x + q.x * far,
		end.y + q.y * far,
		end.x - q.x * depth,
		end.y - q.y * depth,
		start.x - p.x * depth,
		start.y - p.y * depth
	];
}

/** Outwards, between two sides that meet: unit vector to the left of both ways. */
function bisector(into: number, out: number): { readonly x: number; readonly y: number } {
	const [x, y] = [Math.sin(into) + Math.sin(out), -Math.cos(into) - Math.cos(out)];
	const length = Math.hypot(x, y) || 1;
	return { x: x / length, y: y / length };
}

const BY: Readonly<Record<BorderBy, string>> = {
	size: 'a size that exists',
	'scale-wish': 'the size you wished',
	'scale-least': 'as small as you allow',
	'scale-most': 'as large as it may be',
	'gap-wish': 'the gap you wished',
	'gap-least': 'as close as you allow',
	'gap-most': 'as open as you allow',
	alike: 'gaps alike on all sides',
	balance: 'a little less of both wishes'
};

function wordBorder(fit: BorderFit, border: Border, context: ArrangementContext): BorderChoice {
	const write = (mm: Mm) => formatLength(mm, context.unit, 0.1).text;
	const different = [...new Set(fit.counts.map((count, i) => `${count} ${write(fit.gaps[i]!)}`))];
	const counts = different.map((text) => text.split(' ')[0]!);
	const gaps = [...new Set(fit.gaps.map(write))];
	return {
		fit,
		pick: `${fit.counts.join(' ')} ${fit.by}`.slice(0, 80),
		cost: fit.cost,
		terms: fit.terms,
		scale: fit.scale,
		title: `${fit.counts.length === 1 ? `${counts[0]} round` : counts.length === 1 ? `${counts[0]} on each side` : counts.slice(0, 4).join(' by ')}, each ${write(fit.scale * motifIn(context, border.motif).motif.height)} high`,
		reason: `${BY[fit.by]}; ${gaps.length === 1 ? `gap ${gaps[0]}` : `gaps ${gaps.slice(0, 4).join(' and ')}`}; closed`,
		warning: border.corners === 'mitred' && Math.min(...fit.gaps) < -1e-6 ? 'motifs overlap' : null
	};
}

/** A border nearer to a moulding or a panel than this crowds it, mm. */
const CROWDS: Mm = 4;

function hintsOf(items: readonly LaidItem[], parts: readonly Part[], piece: Pick<MeasuredPiece, 'faces'>, path: string): Issue[] {
	return parts.flatMap((part): Issue[] => {
		const own = items.filter((item) => item.part === part.id);
		const face = faceOf(piece.faces, part.face);
		const crowded = crowdedBy(own, part, face);
		const touching = own.filter(({ touches }) => touches.length > 0).length;
		return [
			...(crowded === null ? [] : [{ code: 'border.crowds', path: `${path}.inset`, values: { part: part.name, other: crowded } }]),
			...(touching === 0 ? [] : [{ code: 'grid.on-knob', path, values: { part: part.name, count: touching } }])
		];
	});
}

function crowdedBy(items: readonly LaidItem[], part: Part, face: MeasuredFace): string | null {
	/** Rails and stiles are what it lies on, not what lies there. */
	const others = face.parts.filter(
		(other) => isOwnSurface(other) && !isOfFrame(other) && (other.on === part.id || (part.role === 'face' && other.on === null))
	);
	for (const other of others) {
		const [left, top] = [other.x - part.x - CROWDS, other.y - part.y - CROWDS];
		const [right, bottom] = [left + other.width + 2 * CROWDS, top + other.height + 2 * CROWDS];
		if (items.some((item) => item.left < right && item.left + item.width > left && item.top < bottom && item.top + item.height > top))
			return other.name;
	}
	return null;
}
