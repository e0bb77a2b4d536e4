import { RULES, type Arc, type Layer, type Readiness, type Stack } from '../layers';
import { type Minutes, SAME } from '../units';
import type { DryingTimes } from './dryMaterial';
import type { Sitting, StepSittings } from './listSittings';

/** One step with its times, minutes; begin and end are counted from the start of the first. */
export interface TimedStep {
	readonly layer: Layer;
	readonly drying: DryingTimes;
	/** Work at it, all its passes. */
	readonly work: Minutes;
	/** Of that, at the bench before anything goes on the piece. */
	readonly bench: Minutes;
	/** Between each two of its passes. */
	readonly between: Minutes;
	/** From the end of the step before it to its beginning. */
	readonly waitBefore: Minutes;
	/** What is waited for; null where nothing is. */
	readonly waitFor: TimedArc | null;
	readonly beginsAt: Minutes;
	readonly doneAt: Minutes;
}

/** A sitting where the painter's order puts it, one after the other. */
export interface TimedSitting extends Sitting {
	readonly beginsAt: Minutes;
	readonly doneAt: Minutes;
	/** As early as it may begin, if those before it are done as they stand here. */
	readonly earliest: Minutes;
	/** As late as it may begin, to be done within every window that is open on it; null: as late as one likes. */
	readonly latest: Minutes | null;
}

/** An arc in minutes: from the end of its first step to the beginning of its second, at most to its end. */
export interface TimedArc {
	readonly arc: Arc;
	readonly least: Minutes;
	readonly asks: Minutes;
	/** Null: as late as one likes. */
	readonly most: Minutes | null;
}

/** An arc between two sittings that meet (places in `sittings`): of a rule, or, where `arc` is null, between two passes of a step. */
export interface SittingArc extends Omit<TimedArc, 'arc'> {
	readonly before: number;
	readonly after: number;
	readonly arc: TimedArc | null;
}

export interface TimedOrder {
	readonly stack: Stack;
	readonly steps: readonly TimedStep[];
	readonly arcs: readonly TimedArc[];
	readonly sittings: readonly TimedSitting[];
	readonly links: readonly SittingArc[];
	/** What it was timed from. */
	readonly drying: readonly DryingTimes[];
	readonly untimed: readonly StepSittings[];
}

/**
 * The steps of a stack in the painter's order, each as early as its arcs ask, and their sittings one after the other. A wait of the
 * painter's own is kept as it is, right or wrong: `checkOrder` looks at it. Nights are not counted out: a film dries through them.
 * Source: methods 13 and 14.
 */
export function timeOrder(stack: Stack, drying: readonly DryingTimes[], sittings: readonly StepSittings[]): TimedOrder {
	const arcs = RULES.flatMap((rule) => rule.arcs?.(stack) ?? []).map((arc) => timeArc(arc, drying[arc.before.at]!));
	const into = stack.layers.map((): TimedArc[] => []);
	for (const arc of arcs) into[arc.arc.after.at]!.push(arc);

	const steps: TimedStep[] = [];
	const placed: (Sitting & { readonly beginsAt: Minutes; readonly doneAt: Minutes })[] = [];
	for (const layer of stack.layers) {
		const before = steps.at(-1);
		const now = before?.doneAt ?? 0;
		const need = longestWait(into[layer.at]!, steps, now);
		const waitBefore = before ? (layer.coat.wait ?? need.wait) : 0;
		const { bench, passes, between, unlisted } = sittings[layer.at]!;
		const beginsAt = now + waitBefore;
		let at = beginsAt;
		const sit = (sitting: Sitting) => {
			placed.push({ ...sitting, beginsAt: at, doneAt: at + sitting.minutes });
			at += sitting.minutes;
		};
		bench.forEach(sit);
		passes.forEach((pass, k) => {
			if (k > 0) at += between;
			pass.forEach(sit);
		});
		at += unlisted;
		const minutes = (list: readonly Sitting[]) => list.reduce((sum, one) => sum + one.minutes, 0);
		steps.push({
			layer,
			drying: drying[layer.at]!,
			work: minutes([...bench, ...passes.flat()]),
			bench: minutes(bench),
			between,
			waitBefore,
			waitFor: waitBefore > 0 ? need.arc : null,
			beginsAt,
			doneAt: at
		});
	}
	const links = linkSittings(sittings, arcs);
	return { stack, steps, arcs, links, sittings: withBounds(placed, links), drying, untimed: sittings };
}

function timeArc(arc: Arc, drying: DryingTimes): TimedArc {
	const minutes = (readiness: Readiness) => minutesOf(readiness, drying);
	const most = arc.most === null ? Infinity : minutes(arc.most);
	return { arc, least: minutes(arc.least), asks: minutes(arc.asks), most: Number.isFinite(most) ? most : null };
}

function longestWait(arcs: readonly TimedArc[], steps: readonly TimedStep[], now: Minutes): { wait: Minutes; arc: TimedArc | null } {
	let longest: { wait: Minutes; arc: TimedArc | null } = { wait: 0, arc: null };
	for (const arc of arcs) {
		const wait = steps[arc.arc.before.at]!.doneAt + arc.asks - now;
		if (wait > longest.wait + SAME) longest = { wait, arc };
	}
	return longest;
}

function minutesOf(readiness: Readiness, drying: DryingTimes): Minutes {
	switch (readiness) {
		case 'laid':
			return 0;
		case 'touch-dry':
			return drying.touchDry;
		case 'tacky':
			return drying.tacky;
		case 'tack-lost':
			return drying.tackLost;
		case 'recoat':
			return drying.recoat;
		case 'hardening':
			return drying.hardening;
		case 'hard':
			return drying.hard;
		default:
			return readiness;
	}
}

/** Arcs of steps, and waits between passes, as arcs between the sittings whose surfaces meet. */
function linkSittings(steps: readonly StepSittings[], arcs: readonly TimedArc[]): SittingArc[] {
	let next = 0;
	const places = steps.map(({ bench, passes }) => {
		next += bench.length;
		return passes.map((pass) => pass.map((sitting) => ({ sitting, at: next++ })));
	});
	const between = steps.flatMap((step, at): SittingArc[] =>
		places[at]!.slice(1).flatMap((pass, k) =>
			pairs(places[at]![k]!, pass, null).map((pair) => ({ ...pair, arc: null, least: step.between, asks: step.between, most: null }))
		)
	);
	const ruled = arcs.flatMap((timed): SittingArc[] => {
		const { arc, least, asks, most } = timed;
		const last = places[arc.before.at]!.at(-1) ?? [];
		const first = places[arc.after.at]![0] ?? [];
		return pairs(last, first, new Set(arc.where)).map((pair) => ({ ...pair, arc: timed, least, asks, most }));
	});
	return [...between, ...ruled];
}

interface Placed {
	readonly sitting: Sitting;
	readonly at: number;
}

/** Those of two passes that share a surface, of those where an arc holds; where none do, each with each. */
function pairs(
	before: readonly Placed[],
	after: readonly Placed[],
	where: ReadonlySet<string> | null
): Pick<SittingArc, 'before' | 'after'>[] {
	const on = new Map<string, number[]>();
	for (const { sitting, at } of before)
		for (const surface of sitting.surfaces) if (where?.has(surface) ?? true) on.set(surface, [...(on.get(surface) ?? []), at]);
	const met = after.flatMap(({ sitting, at }) =>
		[...new Set(sitting.surfaces.flatMap((surface) => on.get(surface) ?? []))].map((one) => ({ before: one, after: at }))
	);
	return met.length > 0 ? met : before.flatMap((one) => after.map((other) => ({ before: one.at, after: other.at })));
}

function withBounds(
	placed: readonly (Sitting & { readonly beginsAt: Minutes; readonly doneAt: Minutes })[],
	links: readonly SittingArc[]
): TimedSitting[] {
	const earliest = placed.map(() => 0);
	const latest = placed.map(() => Infinity);
	for (const { before, after, least, most } of links) {
		const done = placed[before]!.doneAt;
		earliest[after] = Math.max(earliest[after]!, done + least);
		if (most !== null) latest[after] = Math.min(latest[after]!, done + most - placed[after]!.minutes);
	}
	return placed.map((sitting, i) => ({ ...sitting, earliest: earliest[i]!, latest: Number.isFinite(latest[i]) ? latest[i]! : null }));
}
