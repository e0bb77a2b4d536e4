import type { MeasuredPiece, Part } from '../../../piece';
import type { Issue, Mm } from '../../../units';
import { partsOf } from '../../partsOf';
import type { Motif } from '../../motif';
import { layItem } from '../layItem';
import { isSpotOf, placeFromMiddle } from '../spot';
import { motifIn } from '../motifIn';
import type { ArrangementContext, ArrangementPlan, LaidItem } from '../types';
import type { EndsId, Pick as PickedFit, Run } from './schema';
import { fitRunToLength } from './fitRunToLength';
import type { FittedChoice, Obstacle, RunFit, RunGroup, RunWish } from './types';
import { wordChoice } from './wordChoice';

/** A painter is shown at least this many ways where there are any. */
const LEAST_CHOICES = 3;
const MOST_CHOICES = 8;
/** Suggested share of the front's short side. Source: methods 3. */
const SUGGESTED = { least: 1 / 5, most: 2 / 3 };

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
	const least = leastOf(parts);
	if (least === null || issues.length > 0) return { arrangement: run.id, groups: [], items: [], issues, hints: [] };

	const groups = fit(run, motif, piece).map((group) => takeChoice(group, run, unit));
	const tooTall = run.scale.least * motif.height > least.height;
	for (const group of groups.filter(({ taken }) => taken < 0))
		issues.push({
			code: tooTall ? 'run.too-tall' : 'run.no-fit',
			path: tooTall ? `${path}.scale` : path,
			values: { parts: group.parts.length, front: least.name, most: least.height / motif.height, length: least.width - 2 * run.margin }
		});
	const items = groups.flatMap((group) => placeGroup(group, run, context, parts));
	for (const [i, moved] of run.moved.entries())
		if (!items.some((item) => item.byHand && isSpotOf(moved, item)))
			issues.push({ code: 'run.moved-gone', path: `${path}.moved[${i}]`, values: { part: moved.part, typed: moved.place } });
	return {
		arrangement: run.id,
		groups,
		items,
		issues,
		hints: [...hintsOfHardware(run, groups, items, path), ...hintsFor(items, parts, path)]
	};
}

type OpenGroup = Omit<RunGroup, 'taken' | 'choices'> & { readonly choices: readonly FittedChoice[] };

/** The ranked fits of a run, for each group of fronts that shares its choice. Looks at nothing that was picked, moved or left out. */
export function fitRunOnFronts(run: Run, motif: Motif, piece: Pick<MeasuredPiece, 'faces'>): OpenGroup[] {
	const parts = partsOf(run.parts, piece);
	const least = leastOf(parts);
	if (least === null) return [];
	return run.sizing === 'common'
		? [commonGroup(run, motif, parts, least)]
		: parts.map((part) => ownGroup(run, motif, part, part.height / least.height));
}

/** All that `fitRunOnFronts` looks at in a run: while this is the same, so are the fits. */
export function fitKeyOf({ parts, ends, middle, margin, scale, gap, hardware, clearance, sizing, line }: Run): string {
	return JSON.stringify([parts, ends, middle, margin, scale, gap, hardware, clearance, sizing, line]);
}

/** What a run may be on one front. `ratio` scales the wished sizes. */
function wishForPart(run: Run, motif: Motif, part: Part, ratio = 1, tallest: Mm = part.height): RunWish {
	const most = Math.min(run.scale.most * ratio, tallest / motif.height);
	return {
		length: part.width,
		margin: run.margin,
		motif: motif.width,
		scale: { least: run.scale.least * ratio, most, wish: Math.min(run.scale.wish * ratio, most) },
		...(motif.sizes === undefined ? {} : { sizes: motif.sizes.filter((size) => size <= most + 1e-9) }),
		gap: { least: run.gap.least, most: run.gap.most, wish: run.gap.wish ?? (run.gap.least + run.gap.most) / 2 },
		middle: run.middle,
		obstacles: obstaclesOn(part, run, motif),
		obstacleRule: run.hardware
	};
}

function obstaclesOn(part: Part, run: Run, motif: Motif): Obstacle[] {
	const line = lineOn(part, run);
	const clearance = run.hardware === 'avoid' ? run.clearance : 0;
	return part.hardware
		.filter(({ room }) => run.hardware !== 'avoid' || room === 'clear')
		.map(({ centre, footprint }) => {
			const apart = Math.abs(centre.y - line) - footprint.height / 2 - clearance;
			return {
				from: footprint.x - clearance,
				to: footprint.x + footprint.width + clearance,
				fromScale: Math.max(0, (2 * apart) / motif.height)
			};
		});
}

function commonGroup(run: Run, motif: Motif, parts: readonly Part[], least: Part): OpenGroup {
	const choices = chooseFits(wishForPart(run, motif, least), run.ends).flatMap((first): FittedChoice[] => {
		const fits = parts.map((part) => (part === least ? first : fitLike(first, wishForPart(run, motif, part, 1, least.height))));
		if (fits.some((fit) => fit === null)) return [];
		const cost = fits.reduce((sum, fit) => sum + fit!.cost, 0);
		return [
			{ pick: pickOf(first), cost, terms: first.terms, by: first.by, fits: parts.map((part, i) => ({ part: part.id, fit: fits[i]! })) }
		];
	});
	return { id: 'common', parts: parts.map((part) => part.id), choices: choices.sort((a, b) => a.cost - b.cost) };
}

function ownGroup(run: Run, motif: Motif, part: Part, ratio: number): OpenGroup {
	const choices = chooseFits(wishForPart(run, motif, part, ratio), run.ends).map((fit): FittedChoice => ({
		pick: pickOf(fit),
		cost: fit.cost,
		terms: fit.terms,
		by: fit.by,
		fits: [{ part: part.id, fit }]
	}));
	return { id: part.id, parts: [part.id], choices };
}

/** The wished ends; where they give too few ways, or none that does right by the knobs, the other ends are offered too. */
function chooseFits(wish: RunWish, ends: EndsId): RunFit[] {
	const fits = fitRunToLength(wish, ends).slice(0, MOST_CHOICES);
	if (fits.length >= LEAST_CHOICES && fits[0]!.hits === 0) return fits;
	const others = (['whole', 'half', 'free'] as const).filter((id) => id !== ends).flatMap((id) => fitRunToLength(wish, id).slice(0, 2));
	return [...fits, ...others].sort((a, b) => a.cost - b.cost).slice(0, MOST_CHOICES);
}

/** The same scale on another front; the same count and gap, if they can be. */
function fitLike(first: RunFit, wish: RunWish): RunFit | null {
	const sized = { ...wish, sizes: [first.scale] };
	const same = fitRunToLength(sized, first.ends, first.count);
	return same.find((fit) => Math.abs(fit.gap - first.gap) < 1e-6) ?? same[0] ?? fitRunToLength(sized, first.ends)[0] ?? null;
}

function takeChoice({ choices, ...group }: OpenGroup, run: Run, unit: ArrangementContext['unit']): RunGroup {
	const pick = Object.hasOwn(run.picks, group.id) ? run.picks[group.id] : undefined;
	const same = (choice: FittedChoice) => choice.pick.ends === pick?.ends && choice.pick.count === pick.count;
	const exact = choices.findIndex((choice) => same(choice) && choice.pick.by === pick?.by);
	const near = exact >= 0 ? exact : choices.findIndex(same);
	return {
		...group,
		choices: choices.map((choice) => ({ ...choice, ...wordChoice(choice, unit, run.hardware) })),
		taken: near >= 0 ? near : choices.length > 0 ? 0 : -1
	};
}

function pickOf({ ends, count, by }: RunFit): PickedFit {
	return { ends, count, by };
}

function placeGroup(group: RunGroup, run: Run, context: ArrangementContext, parts: readonly Part[]): LaidItem[] {
	const { motif, shape } = motifIn(context, run.motif);
	const { piece } = context;
	const choice = group.choices[group.taken];
	if (!choice) return [];
	return choice.fits.flatMap(({ part: id, fit }) => {
		const part = parts.find((other) => other.id === id)!;
		const face = piece.faces.find((other) => other.id === part.face)!;
		return fit.spots.flatMap((spot, index) => {
			const place = String(placeFromMiddle(index, fit.spots.length));
			const here = { part: id, place, index };
			if (run.leftOut.some((other) => isSpotOf(other, here))) return [];
			const moved = run.moved.find((other) => isSpotOf(other, here));
			const centre = moved ? { x: moved.x, y: moved.y } : { x: spot.centre, y: lineOn(part, run) };
			const half = moved ? 'none' : spot.cut;
			return [
				layItem(
					{ arrangement: run.id, place, index, centre, scale: fit.scale, half, byHand: moved !== undefined },
					motif,
					shape,
					part,
					face
				)
			];
		});
	});
}

/** The row's own line, from the top edge of the front, mm. */
function lineOn(part: Part, run: Run): Mm {
	return run.line.from === 'middle' ? part.height / 2 : run.line.distance;
}

/** The front that lets the motif be least: the lowest, then the narrowest. */
function leastOf(parts: readonly Part[]): Part | null {
	return [...parts].sort((a, b) => a.height - b.height || a.width - b.width)[0] ?? null;
}

/** Nothing lands on a knob that should be kept clear, and no knob misses its motif, without being said. */
function hintsOfHardware(run: Run, groups: readonly RunGroup[], items: readonly LaidItem[], path: string): Issue[] {
	if (run.hardware === 'avoid') {
		const count = items.filter(({ touches }) => touches.length > 0).length;
		return count > 0 ? [{ code: 'run.on-knob', path, values: { count } }] : [];
	}
	if (run.hardware === 'over') return [];
	const missed = groups.flatMap(({ choices, taken }) => choices[taken]?.fits ?? []).reduce((sum, { fit }) => sum + fit.hits, 0);
	return missed > 0 ? [{ code: 'run.off-knob', path, values: { count: missed } }] : [];
}

function hintsFor(items: readonly LaidItem[], parts: readonly Part[], path: string): Issue[] {
	const hints: Issue[] = [];
	for (const part of parts) {
		const first = items.find((item) => item.part === part.id);
		if (!first) continue;
		const share = Math.max(first.width, first.height) / Math.min(part.width, part.height);
		const tall = first.height / Math.min(part.width, part.height);
		const values = { part: part.name, share: Math.round(tall * 100) };
		if (tall > SUGGESTED.most) hints.push({ code: 'run.looks-large', path, values });
		else if (share < SUGGESTED.least) hints.push({ code: 'run.looks-small', path, values });
		const off = items.filter((item) => item.part === part.id && isOff(item));
		if (off.length > 0) hints.push({ code: 'run.over-edge', path, values: { part: part.name, count: off.length } });
	}
	return hints;
}

/** Over an edge, but for the half that a row leaves off at its own end. */
function isOff({ cutBy, half }: LaidItem): boolean {
	return cutBy.some((side) => side !== half);
}
