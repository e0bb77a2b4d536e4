import { goesOverEdge } from '../layItem';
import { areaInCommon } from '../../../geometry';
import type { Part } from '../../../piece';
import { SAME, type Issue, type Mm } from '../../../units';
import { gatherWholes } from '../gatherWholes';
import type { LaidItem } from '../types';
import type { RunRow } from './rows';
import type { Run } from './schema';
import { IN_PROPORTION, type RunGroup } from './types';

/** Suggested share of the front's short side. Source: methods 3. */
const SUGGESTED = { least: 1 / 5, most: 2 / 3 };

/** A run as it is laid. */
interface LaidRun {
	readonly run: Run;
	readonly groups: readonly RunGroup[];
	readonly rows: readonly RunRow[];
	/** The row that decides the size. */
	readonly least: RunRow;
	readonly items: readonly LaidItem[];
	readonly parts: readonly Part[];
	readonly path: string;
}

/** What a painter should know of a run before it is laid: never a block. */
export function hintsOfRun({ run, groups, rows, least, items, parts, path }: LaidRun): Issue[] {
	return [
		...hintsOfHardware(run, groups, items, path),
		...hintsFor(
			items,
			parts,
			path,
			rows.some(({ on }) => on.length > 1)
		),
		...hintsOfBends(items, groups, rows, path),
		...hintsOfGaps(items, rows, path),
		...hintsOfSteps(rows, path),
		...hintsOfProportion({ run, groups, rows, least, path }),
		...crowdedKnobs(items, parts, path)
	];
}

/** A knob beside a motif, nearer than a tenth of it, looks like a second one that went astray. Source: methods 3 (suggested size). */
function crowdedKnobs(items: readonly LaidItem[], parts: readonly Part[], path: string): Issue[] {
	return parts.flatMap((part): Issue[] => {
		const count = items.filter(
			(item) => item.part === part.id && part.hardware.some(({ footprint }) => isCrowdedBy(item, footprint))
		).length;
		return count === 0 ? [] : [{ code: 'run.near-knob', path, values: { part: part.name, count } }];
	});
}

function isCrowdedBy(item: LaidItem, { x, y, width, height }: { x: Mm; y: Mm; width: Mm; height: Mm }): boolean {
	const across = Math.max(x - item.left - item.width, item.left - x - width);
	const down = Math.max(y - item.top - item.height, item.top - y - height);
	const apart = Math.max(across, down);
	return apart > SAME && apart < Math.min(item.width, item.height) / 10;
}

/** Neighbours that lean together where a row bends, so far that they lie over one another; where they are meant to (a gap below nothing) it is not told. */
function hintsOfBends(items: readonly LaidItem[], groups: readonly RunGroup[], rows: readonly RunRow[], path: string): Issue[] {
	const fits = groups.flatMap(({ choices, taken }) => choices[taken]?.fits ?? []);
	return rows.flatMap(({ id, on: [one] }): Issue[] => {
		if (one!.line.way !== 'track' || !fits.some(({ part, fit }) => part === id && fit.gap >= 0)) return [];
		const own = items.filter(({ part, byHand }) => part === one!.part.id && !byHand);
		const count = own.slice(1).filter((item, i) => {
			const before = own[i]!;
			return item.index === before.index + 1 && item.turn !== before.turn && doOverlap(item, before);
		}).length;
		return count > 0 ? [{ code: 'run.tight-bend', path, values: { part: one!.part.name, count } }] : [];
	});
}

/** Of a motif, what may lie under its neighbour before anybody sees it. */
const UNSEEN = 1e-3;

function doOverlap(one: LaidItem, other: LaidItem): boolean {
	const apart = Math.max(
		one.left - other.left - other.width,
		other.left - one.left - one.width,
		one.top - other.top - other.height,
		other.top - one.top - one.height
	);
	return apart < 0 && areaInCommon(one.rings, other.rings) > UNSEEN * one.openArea;
}

/** A step that is seen where a row goes on to the next part, mm. */
const SEEN_STEP: Mm = 0.3;

function hintsOfSteps(rows: readonly RunRow[], path: string): Issue[] {
	return rows.flatMap(({ on, step = 0 }) =>
		step > SEEN_STEP ? [{ code: 'run.step', path, values: { from: on[0]!.part.name, to: on.at(-1)!.part.name, step } }] : []
	);
}

/** Front by front a scale is that of the least front, as many times as large as the front is higher; where it is not, which. */
function hintsOfProportion({
	run,
	groups,
	rows,
	least,
	path
}: {
	readonly run: Run;
	readonly groups: readonly RunGroup[];
	readonly rows: readonly RunRow[];
	readonly least: RunRow;
	readonly path: string;
}): Issue[] {
	if (run.sizing === 'common') return [];
	const taken = groups.flatMap(({ choices, taken: at }) => choices[at]?.fits ?? []);
	const first = taken.find(({ part }) => part === least.id)?.fit.scale;
	if (first === undefined) return [];
	return rows.flatMap((row) => {
		const scale = taken.find(({ part }) => part === row.id)?.fit.scale;
		const wished = (first * row.room) / least.room;
		if (scale === undefined || Math.abs(scale / wished - 1) <= IN_PROPORTION + SAME) return [];
		const values = { part: row.on[0]!.part.name, least: least.on[0]!.part.name, scale: scale.toFixed(2), wished: wished.toFixed(2) };
		return [{ code: 'run.out-of-proportion', path: `${path}.scale`, values }];
	});
}

/** What of a row that runs on falls into gaps: of whole motifs, on whatever parts their pieces lie; a half at an end has lost its other half to nothing. */
function hintsOfGaps(items: readonly LaidItem[], rows: readonly RunRow[], path: string): Issue[] {
	if (rows.every(({ on }) => on.length === 1)) return [];
	const wholes = gatherWholes(items.filter(({ half }) => half === 'none'));
	const shares = wholes.map((pieces) => {
		const lost = pieces.reduce((sum, piece) => sum + piece.lost, 0);
		return lost / (lost + pieces.reduce((sum, piece) => sum + piece.openArea, 0));
	});
	const lossy = shares.filter((share) => share > 0.005);
	if (lossy.length === 0) return [];
	return [{ code: 'run.in-gap', path, values: { count: lossy.length, share: Math.max(1, Math.round(100 * Math.max(...lossy))) } }];
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

function hintsFor(items: readonly LaidItem[], parts: readonly Part[], path: string, runsOn: boolean): Issue[] {
	const hints: Issue[] = [];
	for (const part of parts) {
		const first = items.find((item) => item.part === part.id);
		if (!first) continue;
		const share = Math.max(first.width, first.height) / Math.min(part.width, part.height);
		const tall = first.height / Math.min(part.width, part.height);
		const values = { part: part.name, share: Math.round(tall * 100) };
		if (tall > SUGGESTED.most) hints.push({ code: 'run.looks-large', path, values });
		else if (share < SUGGESTED.least) hints.push({ code: 'run.looks-small', path, values });
		const off = items.filter((item) => item.part === part.id && goesOverEdge(item));
		if (off.length > 0 && !runsOn) hints.push({ code: 'run.over-edge', path, values: { part: part.name, count: off.length } });
	}
	return hints;
}
