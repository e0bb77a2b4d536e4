import { isFilm, kindOfCoat, RULES, type Arc, type Layer, type Readiness, type Site, type Stack } from '../layers';
import { type Minutes, SAME } from '../units';
import { dryMaterial, NO_DRYING, type DryingTimes } from './dryMaterial';
import type { Workshop } from './scaleDryingTime';

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

/** An arc in minutes, from the end of its first step to the beginning of its second. */
export interface TimedArc {
	readonly arc: Arc;
	readonly least: Minutes;
	readonly asks: Minutes;
	/** Null: as late as one likes. */
	readonly most: Minutes | null;
}

export interface TimedOrder {
	readonly stack: Stack;
	readonly steps: readonly TimedStep[];
	readonly arcs: readonly TimedArc[];
}

/**
 * The steps of a stack in the painter's order, each as early as its arcs ask. A wait of the painter's own is kept as it is,
 * right or wrong: `checkOrder` looks at it. Nights are not counted out: a film dries through them. Source: methods 13 and 14.
 */
export function timeOrder(stack: Stack, sites: ReadonlyMap<string, Site>, workshop: Workshop): TimedOrder {
	const drying = stack.layers.map(({ coat, material }) =>
		material ? dryMaterial(material, isFilm(coat) ? coat.thickness : 1, workshop) : NO_DRYING
	);
	const arcs = RULES.flatMap((rule) => rule.arcs?.(stack) ?? []).map((arc): TimedArc => {
		const minutes = (readiness: Readiness) => minutesOf(readiness, drying[arc.before.at]!);
		return { arc, least: minutes(arc.least), asks: minutes(arc.asks), most: arc.most === null ? null : minutes(arc.most) };
	});
	const into = stack.layers.map((): TimedArc[] => []);
	for (const arc of arcs) into[arc.arc.after.at]!.push(arc);

	const steps: TimedStep[] = [];
	for (const layer of stack.layers) {
		const before = steps.at(-1);
		const now = before?.doneAt ?? 0;
		const need = longestWait(into[layer.at]!, steps, now);
		const waitBefore = before?.layer.coat.wait ?? need.wait;
		const kind = kindOfCoat(layer.coat);
		const site = sites.get(layer.coat.id);
		const work = site ? kind.work(layer.coat, site) : 0;
		const bench = site ? kind.bench(layer.coat, site) : 0;
		const { count, rest } = kind.passes(layer.coat, site ?? NO_LAYS);
		const between = count > 1 ? Math.max(drying[layer.at]!.recoat, rest) : 0;
		const beginsAt = now + waitBefore;
		steps.push({
			layer,
			drying: drying[layer.at]!,
			work,
			bench,
			between,
			waitBefore,
			waitFor: waitBefore > 0 ? need.arc : null,
			beginsAt,
			doneAt: beginsAt + work + (count - 1) * between
		});
	}
	return { stack, steps, arcs };
}

const NO_LAYS = { lays: null };
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
