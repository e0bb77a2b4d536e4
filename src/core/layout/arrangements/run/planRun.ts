import { faceOf, holesIn, isBoxOutline, type MeasuredPiece, type Part, type Seam } from '../../../piece';
import { type Issue, type Mm, SAME } from '../../../units';
import { partsOf } from '../../partsOf';
import type { Motif } from '../../motif';
import { gatherWholes, isSliver } from '../gatherWholes';
import { isSeen, layItem } from '../layItem';
import { LazyItem } from '../LazyItem';
import { isSpotOf, placeFromMiddle } from '../spot';
import { motifIn } from '../motifIn';
import type { ArrangementContext, ArrangementPlan, LaidItem } from '../types';
import type { EndsId, Pick as PickedFit, Run } from './schema';
import { fitRunToLength } from './fitRunToLength';
import { hintsOfRun } from './hintsOfRun';
import { motifAlong, obstaclesOn, placeOnRow, rowsOf, type RowOnPart, type RunRow } from './rows';
import { IN_PROPORTION, type FittedChoice, type RunFit, type RunGroup, type RunWish } from './types';
import { wordChoice, type Swallowed } from './wordChoice';

/** A painter is shown at least this many ways where there are any. */
const LEAST_CHOICES = 3;
const MOST_CHOICES = 8;

/**
 * Fits one run on its fronts and sets every motif in place (mm), with what the painter moved or left out by hand.
 * One common scale is decided on the least front and kept on the others; or each front has its own, in proportion to
 * its height. `fit` may be one that remembers. Source: methods 3.
 */
export function planRun(run: Run, context: ArrangementContext, fit = fitRunOnFronts): ArrangementPlan {
	const { piece, path, unit } = context;
	const { motif } = motifIn(context, run.motif);
	const parts = partsOf(run.parts, piece);
	const issues: Issue[] = [];
	if (run.scale.least > run.scale.most) issues.push({ code: 'run.scale-range', path: `${path}.scale` });
	if (run.gap.least > run.gap.most) issues.push({ code: 'run.gap-range', path: `${path}.gap` });
	const rows = rowsOf(run, parts, piece, context.seams);
	const least = leastOf(rows);
	if (least === null || issues.length > 0) return { arrangement: run.id, groups: [], items: [], issues, hints: [] };

	const swallowed = (choice: FittedChoice) => listSwallowed(choice, { run, context, rows });
	const groups = fit(run, motif, piece, context.seams).map((group) => takeChoice(group, run, { unit, height: motif.height }, swallowed));
	const { across } = motifAlong(least, motif);
	const tooTall = run.scale.least * across > least.room;
	const [first] = least.on;
	for (const group of groups.filter(({ taken }) => taken < 0))
		issues.push({
			code: !tooTall ? 'run.no-fit' : first!.line.way === 'track' ? 'run.no-room' : 'run.too-tall',
			path: tooTall ? `${path}.scale` : path,
			values: { parts: group.parts.length, front: first!.part.name, most: least.room / across, length: least.length - 2 * run.margin }
		});
	const items = groups.flatMap((group) => placeGroup(group, run, context, rows));
	for (const [i, moved] of run.moved.entries())
		if (!items.some((item) => item.byHand && isSpotOf(moved, item)))
			issues.push({ code: 'run.moved-gone', path: `${path}.moved[${i}]`, values: { part: moved.part, typed: moved.place } });
	return {
		arrangement: run.id,
		groups,
		items,
		issues,
		hints: hintsOfRun({ run, groups, rows, least, items, parts, path })
	};
}

type OpenGroup = Omit<RunGroup, 'taken' | 'choices'> & { readonly choices: readonly FittedChoice[] };

/** The ranked fits of a run, for each group of fronts that shares its choice. Looks at nothing that was picked, moved or left out. */
export function fitRunOnFronts(run: Run, motif: Motif, piece: Pick<MeasuredPiece, 'faces'>, seams: readonly Seam[] = []): OpenGroup[] {
	const rows = rowsOf(run, partsOf(run.parts, piece), piece, seams);
	const least = leastOf(rows);
	if (least === null) return [];
	if (run.sizing === 'common') return [commonGroup(run, motif, rows, least)];
	const own = ownGroup({ run, motif, row: least, ratio: 1, first: null });
	const first = own.choices[0]?.fits[0]?.fit.scale ?? null;
	return rows.map((row) => (row === least ? own : ownGroup({ run, motif, row, ratio: row.room / least.room, first })));
}

/** All that `fitRunOnFronts` looks at in a run: while this is the same, so are the fits. */
export function fitKeyOf({ parts, ends, middle, margin, scale, gap, hardware, clearance, sizing, line, over, pinned }: Run): string {
	return JSON.stringify([parts, ends, middle, margin, scale, gap, hardware, clearance, sizing, line, over, pinned]);
}

/** What a run may be on one row. `ratio` scales the wished sizes; what is pinned stands. */
function wishForRow({
	run,
	motif,
	row,
	ratio = 1,
	tallest = row.room
}: {
	readonly run: Run;
	readonly motif: Motif;
	readonly row: RunRow;
	readonly ratio?: number | undefined;
	readonly tallest?: Mm | undefined;
}): RunWish {
	const { along, across } = motifAlong(row, motif);
	const most = Math.min(run.scale.most * ratio, tallest / across);
	const { scale, gap } = run.pinned ?? { scale: null, gap: null };
	return {
		length: row.length,
		margin: run.margin,
		motif: along,
		scale:
			scale === null
				? { least: run.scale.least * ratio, most, wish: Math.min(run.scale.wish * ratio, most) }
				: { least: scale * ratio, most: scale * ratio, wish: scale * ratio },
		...(motif.sizes === undefined ? {} : { sizes: motif.sizes.filter((size) => size <= most + 1e-9) }),
		gap:
			gap === null
				? { least: run.gap.least, most: run.gap.most, wish: run.gap.wish ?? (run.gap.least + run.gap.most) / 2 }
				: { least: gap, most: gap, wish: gap },
		middle: run.middle,
		obstacles: obstaclesOn(row, run, motif),
		obstacleRule: run.hardware
	};
}

function commonGroup(run: Run, motif: Motif, rows: readonly RunRow[], least: RunRow): OpenGroup {
	const choices = chooseFits(wishForRow({ run, motif, row: least }), run).flatMap((first): FittedChoice[] => {
		const fits = rows.map((row) =>
			row === least ? first : fitLike(first, wishForRow({ run, motif, row, ratio: 1, tallest: least.room }))
		);
		if (fits.some((fit) => fit === null)) return [];
		const cost = fits.reduce((sum, fit) => sum + fit!.cost, 0);
		return [{ pick: pickOf(first), cost, terms: first.terms, by: first.by, fits: rows.map((row, i) => ({ part: row.id, fit: fits[i]! })) }];
	});
	return { id: 'common', parts: partsIn(rows), choices: choices.sort((a, b) => a.cost - b.cost) };
}

function partsIn(rows: readonly RunRow[]): string[] {
	return rows.flatMap(({ on }) => on.map(({ part }) => part.id));
}

/** As much as a motif on a knob: what is in proportion comes first. */
const OUT_OF_PROPORTION = 10;

/** `ratio` times as high as the least front, which has `first` for its scale. */
function ownGroup({
	run,
	motif,
	row,
	ratio,
	first
}: {
	readonly run: Run;
	readonly motif: Motif;
	readonly row: RunRow;
	readonly ratio: number;
	readonly first: number | null;
}): OpenGroup {
	const wish = wishForRow({ run, motif, row, ratio });
	const wished = first === null ? null : first * ratio;
	const near = wished === null ? null : { least: wished * (1 - IN_PROPORTION), most: wished * (1 + IN_PROPORTION), wish: wished };
	const fits = [
		...(near === null ? [] : chooseFits({ ...wish, scale: { ...near, most: Math.min(near.most, wish.scale.most) } }, run)),
		...chooseFits(wish, run)
	];
	const known = new Set<string>();
	const choices = fits.flatMap((fit): FittedChoice[] => {
		const pick = pickOf(fit);
		const key = JSON.stringify(pick);
		if (known.has(key)) return [];
		known.add(key);
		const isOff = wished !== null && Math.abs(fit.scale / wished - 1) > IN_PROPORTION + SAME;
		const terms = isOff ? { ...fit.terms, proportion: OUT_OF_PROPORTION } : fit.terms;
		return [{ pick, cost: fit.cost + (isOff ? OUT_OF_PROPORTION : 0), terms, by: fit.by, fits: [{ part: row.id, fit }] }];
	});
	return { id: row.id, parts: partsIn([row]), choices: choices.sort((a, b) => a.cost - b.cost).slice(0, MOST_CHOICES) };
}

/** The wished ends; where they give too few ways, or none that does right by the knobs, the other ends are offered too. */
function chooseFits(wish: RunWish, { ends, pinned }: Pick<Run, 'ends' | 'pinned'>): RunFit[] {
	const count = pinned?.count ?? null;
	/** With half motifs at both ends one more place stands than is counted. */
	const countFor = (id: EndsId) => (count === null ? null : id === 'half' ? Math.max(1, count - 1) : count);
	const fits = fitRunToLength(wish, ends, countFor(ends)).slice(0, MOST_CHOICES);
	if (fits.length >= LEAST_CHOICES && fits[0]!.hits === 0) return fits;
	const others = (['whole', 'half', 'free'] as const)
		.filter((id) => id !== ends)
		.flatMap((id) => fitRunToLength(wish, id, countFor(id)).slice(0, 2));
	return [...fits, ...others].sort((a, b) => a.cost - b.cost).slice(0, MOST_CHOICES);
}

/** The same scale on another front; the same count and gap, if they can be. */
function fitLike(first: RunFit, wish: RunWish): RunFit | null {
	const sized = { ...wish, sizes: [first.scale] };
	const same = fitRunToLength(sized, first.ends, first.count);
	return same.find((fit) => Math.abs(fit.gap - first.gap) < 1e-6) ?? same[0] ?? fitRunToLength(sized, first.ends)[0] ?? null;
}

function takeChoice(
	{ choices, ...group }: OpenGroup,
	run: Run,
	{ unit, height }: { readonly unit: ArrangementContext['unit']; readonly height: Mm },
	swallowed: (choice: FittedChoice) => readonly Swallowed[]
): RunGroup {
	const pick = Object.hasOwn(run.picks, group.id) ? run.picks[group.id] : undefined;
	const same = (choice: FittedChoice) => choice.pick.ends === pick?.ends && choice.pick.count === pick.count;
	const exact = choices.findIndex((choice) => same(choice) && choice.pick.by === pick?.by);
	const near = exact >= 0 ? exact : choices.findIndex(same);
	return {
		...group,
		choices: choices.map((choice) => ({ ...choice, ...wordChoice(choice, { unit, height, hardware: run.hardware }, swallowed(choice)) })),
		taken: near >= 0 ? near : choices.length > 0 ? 0 : -1
	};
}

function pickOf({ ends, count, by }: RunFit): PickedFit {
	return { ends, count, by };
}

/** An opening that is less, mm, swallows no motif. */
const SWALLOWS: Mm = 20;

/** On each front of a way the motifs that would fall wholly into openings, or beyond its outline: none of them is laid. */
function listSwallowed(
	choice: FittedChoice,
	{ run, context, rows }: { readonly run: Run; readonly context: ArrangementContext; readonly rows: readonly RunRow[] }
): Swallowed[] {
	const mayBe = (part: Part) =>
		!isBoxOutline(part.outline) ||
		holesIn(part, faceOf(context.piece.faces, part.face)).some(({ width, height }) => Math.min(width, height) >= SWALLOWS);
	return choice.fits.flatMap((one): Swallowed[] => {
		const row = rows.find(({ id }) => id === one.part)!;
		if (!row.on.some(({ part }) => mayBe(part))) return [];
		const laid = gatherWholes(placeChoice({ ...choice, fits: [one] }, { ...run, leftOut: [], moved: [] }, context, rows)).length;
		const count = one.fit.spots.length - laid;
		return count > 0 ? [{ front: row.on[0]!.part.name, count }] : [];
	});
}

function placeGroup(group: RunGroup, run: Run, context: ArrangementContext, rows: readonly RunRow[]): LaidItem[] {
	const choice = group.choices[group.taken];
	return choice ? placeChoice(choice, run, context, rows) : [];
}

function placeChoice(choice: FittedChoice, run: Run, context: ArrangementContext, rows: readonly RunRow[]): LaidItem[] {
	return choice.fits.flatMap(({ part: id, fit }) => {
		const row = rows.find((other) => other.id === id)!;
		return fit.spots.flatMap((spot, index) => {
			const reached =
				row.on.length === 1 ? row.on : row.on.filter(({ from, line }) => spot.to > from + SAME && spot.from < from + line.length - SAME);
			const items = reached.flatMap((on) => placeSpot({ run, context, on, fit, index }));
			return items.length > 1 ? shareLoss(items) : items;
		});
	});
}

function placeSpot({
	run,
	context,
	on,
	fit,
	index
}: {
	readonly run: Run;
	readonly context: ArrangementContext;
	readonly on: RowOnPart;
	readonly fit: RunFit;
	readonly index: number;
}): LaidItem[] {
	const { motif, shape } = motifIn(context, run.motif);
	const { part } = on;
	const face = faceOf(context.piece.faces, part.face);
	const spot = fit.spots[index]!;
	const place = String(placeFromMiddle(index, fit.spots.length));
	const here = { part: part.id, place, index };
	if (run.leftOut.some((other) => isSpotOf(other, here))) return [];
	const moved = run.moved.find((other) => isSpotOf(other, here));
	const { x, y, turn } = placeOnRow(on, spot.centre);
	const centre = moved ? { x: moved.x, y: moved.y } : { x, y };
	/** Only a level row is cut upright at its ends; others are cut by the edge of their part. */
	const half = moved || on.line.way !== 'level' ? 'none' : spot.cut;
	return [
		layItem(
			{ arrangement: run.id, place, index, centre, scale: fit.scale, turn, half, byHand: moved !== undefined },
			{ motif, shape },
			part,
			face
		)
	].filter(isSeen);
}

/** One motif on two parts: what the one has of it is not lost to the other, only what falls into the gap. */
function shareLoss(items: readonly LaidItem[]): LaidItem[] {
	const whole = items[0]!.openArea + items[0]!.lost;
	const lost = Math.max(0, whole - items.reduce((sum, { openArea }) => sum + openArea, 0));
	const pieces = items.filter((item) => !isSliver(item));
	if (pieces.length < 2) return pieces.map((item) => new LazyItem({ ...item, lost }, item));
	return pieces.map((item, i) => new LazyItem({ ...item, lost: i === 0 ? lost : 0, whole: pieces[0]!.key }, item));
}

/** The row that lets the motif be least: the lowest, then the shortest. */
function leastOf(rows: readonly RunRow[]): RunRow | null {
	return [...rows].sort((a, b) => a.room - b.room || a.length - b.length)[0] ?? null;
}
