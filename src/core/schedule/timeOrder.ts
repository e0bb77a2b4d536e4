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

	const steps: { -readonly [Field in keyof TimedStep]: TimedStep[Field] }[] = [];
	const times = sittings.map((step) => [step.bench, ...step.passes].map((pass) => pass.map(() => ({ beginsAt: 0, doneAt: 0 }))));
	let now = 0;
	for (const group of groupPasses(stack, sittings)) {
		const [lead] = group as [Pass];
		const begun = group.filter(({ pass }) => pass === 1);
		const need = longestWait(
			begun.flatMap(({ layer }) => into[layer.at]!),
			steps,
			now
		);
		const waitBefore = lead.layer.at === 0 ? 0 : (lead.layer.coat.wait ?? need.wait);
		now += lead.pass === 1 ? waitBefore : Math.max(need.wait, sittings[lead.layer.at]!.between);
		for (const { layer } of begun) {
			const { bench, passes, between } = sittings[layer.at]!;
			const waits = layer === lead.layer ? waitBefore : 0;
			steps.push({
				layer,
				drying: drying[layer.at]!,
				work: minutesIn([...bench, ...passes.flat()]),
				bench: minutesIn(bench),
				between,
				waitBefore: waits,
				waitFor: waits > 0 ? need.arc : null,
				beginsAt: now,
				doneAt: now
			});
		}
		for (const { layer, pass, at } of inTurn(group, sittings)) {
			const { minutes } = [sittings[layer.at]!.bench, ...sittings[layer.at]!.passes][pass]![at]!;
			times[layer.at]![pass]![at] = { beginsAt: now, doneAt: now + minutes };
			now += minutes;
		}
		for (const { layer, pass } of group) {
			if (pass === sittings[layer.at]!.passes.length) now += sittings[layer.at]!.unlisted;
			const own = times[layer.at]!.slice(0, pass + 1).flat();
			const first = own[0]?.beginsAt ?? steps[layer.at]!.beginsAt;
			const doneAt = group.length > 1 ? (own.at(-1)?.doneAt ?? now) : now;
			steps[layer.at]!.beginsAt = first;
			steps[layer.at]!.doneAt = doneAt;
		}
	}
	const placed = sittings.flatMap((step, at) =>
		[step.bench, ...step.passes].flatMap((pass, k) => pass.map((sitting, i) => ({ ...sitting, ...times[at]![k]![i]! })))
	);
	const links = linkSittings(sittings, arcs);
	return { stack, steps, arcs, links, sittings: withBounds(placed, links), drying, untimed: sittings };
}

const minutesIn = (list: readonly Sitting[]): Minutes => list.reduce((sum, { minutes }) => sum + minutes, 0);

/** One pass of a step: from 1. */
interface Pass {
	readonly layer: Layer;
	readonly pass: number;
}

/** The passes of an order, one after the other; those that are worked one into the other, without a wait of the painter's own, are one group. */
function groupPasses({ layers }: Stack, sittings: readonly StepSittings[]): Pass[][] {
	const groups: Pass[][] = [];
	for (const layer of layers) {
		const isJoined = isWorkedInto(layer, sittings);
		sittings[layer.at]!.passes.forEach((_, k) => {
			if (k === 0 && isJoined) groups.at(-1)!.push({ layer, pass: 1 });
			else groups.push([{ layer, pass: k + 1 }]);
		});
	}
	return groups;
}

/** Begun in the sitting of the coat before it: its first pass has sections of the same. */
function isWorkedInto({ at, coat }: Layer, sittings: readonly StepSittings[]): boolean {
	const [first] = sittings[at]!.passes[0] ?? [];
	const last = sittings[at - 1]?.passes.at(-1)?.[0];
	return !coat.wait && first !== undefined && first.wetFrom !== null && first.wetFrom !== coat.id && last?.wetFrom === first.wetFrom;
}

/** The sittings of a group as they are done: what is at the bench, then section by section, coat by coat. */
function inTurn(group: readonly Pass[], sittings: readonly StepSittings[]): (Pass & { readonly at: number })[] {
	const all = group.flatMap(({ layer, pass }) => {
		const { bench, passes } = sittings[layer.at]!;
		const own = passes[pass - 1]!.map((sitting, at) => ({ layer, pass, at, section: sitting.section ?? 0 }));
		return [...(pass === 1 ? bench.map((_, at) => ({ layer, pass: 0, at, section: -1 })) : []), ...own];
	});
	return group.length === 1 ? all : all.sort((a, b) => a.section - b.section);
}

function timeArc(arc: Arc, drying: DryingTimes): TimedArc {
	const minutes = (readiness: Readiness) => minutesOf(readiness, drying);
	const most = arc.most === null ? Infinity : minutes(arc.most);
	return { arc, least: minutes(arc.least), asks: minutes(arc.asks), most: Number.isFinite(most) ? most : null };
}

function longestWait(arcs: readonly TimedArc[], steps: readonly TimedStep[], now: Minutes): { wait: Minutes; arc: TimedArc | null } {
	let longest: { wait: Minutes; arc: TimedArc | null } = { wait: 0, arc: null };
	for (const arc of arcs) {
		const before = steps[arc.arc.before.at];
		/** What is still being laid, in the same sitting, is worked into and not waited for. */
		if (!before) continue;
		const wait = before.doneAt + arc.asks - now;
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
		case 'half-set':
			return drying.halfSet;
		case 'set':
			return drying.set;
		case 'wax-set':
			return drying.waxSet;
		case 'wax-hard':
			return drying.waxHard;
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
	const links: SittingArc[] = [];
	/** Every field is named: what is copied by a spread is slow to make and to read, and there are thousands. */
	const link = (times: Pick<SittingArc, 'least' | 'asks' | 'most'>, arc: TimedArc | null, met: readonly [Placed, Placed][]) => {
		for (const [before, after] of met)
			links.push({ before: before.at, after: after.at, arc, least: times.least, asks: times.asks, most: times.most });
	};
	steps.forEach(({ between }, at) =>
		places[at]!.slice(1).forEach((pass, k) =>
			link({ least: between, asks: between, most: null }, null, meetings(placesOn(places[at]![k]!), pass, null))
		)
	);
	const last = places.map((passes) => placesOn(passes.at(-1) ?? []));
	for (const timed of arcs) {
		const { before, after, where } = timed.arc;
		link(timed, timed, meetings(last[before.at]!, places[after.at]![0] ?? [], where));
	}
	return links;
}

interface Placed {
	readonly sitting: Sitting;
	readonly at: number;
}

/** The sittings of a pass, all and by the surfaces that they work on. */
interface PlacesOn {
	readonly all: readonly Placed[];
	readonly on: ReadonlyMap<string, readonly Placed[]>;
}

function placesOn(all: readonly Placed[]): PlacesOn {
	const on = new Map<string, Placed[]>();
	for (const one of all)
		for (const surface of one.sitting.surfaces) {
			const there = on.get(surface);
			if (there) there.push(one);
			else on.set(surface, [one]);
		}
	return { all, on };
}

/** Of one sitting the same section is worked on, not one that is done already. */
const areOfOneSection = ({ sitting: one }: Placed, { sitting: other }: Placed): boolean =>
	one.wetFrom === null || one.wetFrom !== other.wetFrom || one.section === other.section;

/** Those of two passes that share a surface, of those where an arc holds; where none do, each with each. */
function meetings(before: PlacesOn, after: readonly Placed[], where: readonly string[] | null): [Placed, Placed][] {
	const met: [Placed, Placed][] = [];
	const holds = where && new Set(where);
	for (const other of after) {
		const seen = new Set<Placed>();
		for (const surface of other.sitting.surfaces)
			if (holds === null || holds.has(surface)) for (const one of before.on.get(surface) ?? []) seen.add(one);
		for (const one of seen) if (holds === null || areOfOneSection(one, other)) met.push([one, other]);
	}
	return met.length > 0 ? met : before.all.flatMap((one) => after.map((other): [Placed, Placed] => [one, other]));
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
