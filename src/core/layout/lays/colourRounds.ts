import { createRandom } from './random';

/** Which lays cannot be wet together, by index: symmetric, none with itself. */
export type Conflicts = readonly (readonly number[])[];

export interface Rounds {
	/** Round of each lay, from 0. */
	readonly of: readonly number[];
	readonly count: number;
	/** No fewer would do: what is known of it. Equal to `count` where that is proved. */
	readonly least: number;
}

/** How far is searched where a good answer is not at once seen to be the best: steps of the tabu search and nodes of the search that proves, each. */
export interface Effort {
	readonly steps: number;
	readonly nodes: number;
}
/** Some ms: for a drag. */
export const QUICK: Effort = { steps: 300, nodes: 1_500 };
/** Some tens of ms: for a worker, or a program. */
export const THOROUGH: Effort = { steps: 6_000, nodes: 60_000 };

/**
 * The fewest rounds in which no two lays of one round are in conflict: a colouring of the conflict graph. Lower bound by the largest clique and by
 * lays / largest independent set; upper by DSATUR and tabu search; what is left between them by DSATUR branch and bound. Places that have nothing to
 * do with each other are searched by themselves. The same conflicts give the same rounds. Source: methods 4.
 */
export function colourRounds(conflicts: Conflicts, effort: Effort = THOROUGH): Rounds {
	const of = new Array<number>(conflicts.length).fill(0);
	let [count, least] = [conflicts.length > 0 ? 1 : 0, conflicts.length > 0 ? 1 : 0];
	for (const members of componentsOf(conflicts)) {
		const own = colourComponent(graphOf(conflicts, members), effort, count);
		own.of.forEach((round, i) => (of[members[i]!] = round));
		count = Math.max(count, own.count);
		least = Math.max(least, own.least);
	}
	return { of, count, least };
}

/** A part of the graph, as a list and as a table. */
interface Graph {
	readonly size: number;
	readonly near: readonly (readonly number[])[];
	/** 1 where two are in conflict, row by row. */
	readonly meets: Uint8Array;
}

function componentsOf(conflicts: Conflicts): number[][] {
	const seen = new Uint8Array(conflicts.length);
	const components: number[][] = [];
	for (let start = 0; start < conflicts.length; start++) {
		if (seen[start]) continue;
		const members = [start];
		seen[start] = 1;
		for (let i = 0; i < members.length; i++)
			for (const next of conflicts[members[i]!]!)
				if (!seen[next]) {
					seen[next] = 1;
					members.push(next);
				}
		components.push(members.sort((a, b) => a - b));
	}
	return components;
}

function graphOf(conflicts: Conflicts, members: readonly number[]): Graph {
	const place = new Map(members.map((member, i) => [member, i]));
	const near = members.map((member) => conflicts[member]!.map((other) => place.get(other)!));
	const size = members.length;
	const meets = new Uint8Array(size * size);
	near.forEach((others, i) => others.forEach((j) => (meets[i * size + j] = 1)));
	return { size, near, meets };
}

/** @param enough - as many rounds as other parts need anyway: to have fewer here saves none. */
function colourComponent(graph: Graph, effort: Effort, enough: number): Rounds {
	const { members: clique } = largestClique(graph, effort.nodes);
	let best = dsatur(graph);
	let count = Math.max(...best) + 1;
	let least = clique.length;
	if (count > Math.max(least, enough)) {
		const together = largestClique(oppositeOf(graph), effort.nodes);
		if (together.isLargest) least = Math.max(least, Math.ceil(graph.size / together.members.length));
	}
	while (count > Math.max(least, enough)) {
		const fewer = tabu(graph, count - 1, effort.steps);
		if (fewer === null) break;
		[best, count] = [fewer, count - 1];
	}
	if (count > Math.max(least, enough)) {
		const proof = branch(graph, clique, count, Math.max(least, enough), effort.nodes);
		if (proof.best !== null) [best, count] = [proof.best, Math.max(...proof.best) + 1];
		/** All ways to have fewer were tried; but fewer than enough were never asked for. */
		if (proof.isDone) least = Math.max(least, count <= enough ? least : count);
	}
	return { of: best, count, least: Math.min(least, count) };
}

/** Each in turn the one that sees most rounds about it; ties go to the one with most conflicts. */
function dsatur({ size, near }: Graph): number[] {
	const colours = new Array<number>(size).fill(-1);
	const seen = Array.from({ length: size }, () => new Set<number>());
	for (let step = 0; step < size; step++) {
		let next = -1;
		for (let i = 0; i < size; i++) {
			if (colours[i] !== -1) continue;
			const more = next < 0 || seen[i]!.size > seen[next]!.size;
			if (more || (seen[i]!.size === seen[next]!.size && near[i]!.length > near[next]!.length)) next = i;
		}
		let colour = 0;
		while (seen[next]!.has(colour)) colour++;
		colours[next] = colour;
		for (const other of near[next]!) seen[other]!.add(colour);
	}
	return colours;
}

/** The largest set of lays of which each is in conflict with each other, and whether all was tried for it. Bounded by a greedy colouring of what is left. */
function largestClique({ size, near, meets }: Graph, nodes: number): { readonly members: readonly number[]; readonly isLargest: boolean } {
	let members: readonly number[] = [];
	let left = nodes;
	const grow = (clique: readonly number[], candidates: readonly number[]): void => {
		if (left-- <= 0) return;
		if (clique.length > members.length) members = clique;
		/** Candidates in classes of which a clique takes one each. */
		const classes: number[][] = [];
		for (const candidate of candidates) {
			const home = classes.find((own) => own.every((other) => !meets[candidate * size + other]));
			if (home) home.push(candidate);
			else classes.push([candidate]);
		}
		for (let i = classes.length - 1; i >= 0; i--) {
			for (const [at, candidate] of classes[i]!.entries()) {
				if (clique.length + i + 1 <= members.length) return;
				const rest = [...classes.slice(0, i).flat(), ...classes[i]!.slice(at + 1)];
				grow(
					[...clique, candidate],
					rest.filter((other) => meets[candidate * size + other])
				);
			}
		}
	};
	grow(
		[],
		Array.from({ length: size }, (_, i) => i).sort((a, b) => near[b]!.length - near[a]!.length)
	);
	return { members, isLargest: left >= 0 };
}

/** Lays that can be wet together are near in it. */
function oppositeOf({ size, meets }: Graph): Graph {
	const all = Array.from({ length: size }, (_, i) => i);
	const near = all.map((i) => all.filter((j) => i !== j && !meets[i * size + j]));
	const opposite = new Uint8Array(size * size);
	near.forEach((others, i) => others.forEach((j) => (opposite[i * size + j] = 1)));
	return { size, near, meets: opposite };
}

/** Tabu search for so many rounds: from a random start the lay in conflict that mends most is put in another round, and not back for a while. */
function tabu({ size, near }: Graph, rounds: number, steps: number): number[] | null {
	if (rounds < 1) return null;
	const random = createRandom(size * 31 + rounds);
	const colours = Array.from({ length: size }, () => random(rounds));
	/** Neighbours of each lay in each round. */
	const about = new Int32Array(size * rounds);
	colours.forEach((colour, i) => near[i]!.forEach((other) => about[other * rounds + colour]!++));
	const until = new Int32Array(size * rounds);
	let clashes = colours.reduce((sum, colour, i) => sum + about[i * rounds + colour]!, 0) / 2;
	let fewest = clashes;
	for (let step = 1; step <= steps && clashes > 0; step++) {
		let [lay, to, gain] = [-1, -1, Infinity];
		let ties = 0;
		for (let i = 0; i < size; i++) {
			const now = about[i * rounds + colours[i]!]!;
			if (now === 0) continue;
			for (let round = 0; round < rounds; round++) {
				if (round === colours[i]) continue;
				const change = about[i * rounds + round]! - now;
				const isTabu = until[i * rounds + round]! >= step && clashes + change >= fewest;
				if (isTabu || change > gain) continue;
				ties = change < gain ? 1 : ties + 1;
				if (change < gain || random(ties) === 0) [lay, to, gain] = [i, round, change];
			}
		}
		if (lay < 0) continue;
		const from = colours[lay]!;
		until[lay * rounds + from] = step + 7 + random(10) + Math.floor(0.6 * clashes);
		colours[lay] = to;
		for (const other of near[lay]!) {
			about[other * rounds + from]!--;
			about[other * rounds + to]!++;
		}
		clashes += gain;
		fewest = Math.min(fewest, clashes);
	}
	return clashes === 0 ? colours : null;
}

/** DSATUR branch and bound, the clique first: a colouring with fewer rounds than `count`, down to `least`; and whether all was tried. */
function branch(
	{ size, near }: Graph,
	clique: readonly number[],
	count: number,
	least: number,
	nodes: number
): { readonly best: number[] | null; readonly isDone: boolean } {
	const colours = new Array<number>(size).fill(-1);
	/** How many neighbours of each lay are in each round; and how many rounds it sees. */
	const about = new Int32Array(size * count);
	const seen = new Int32Array(size);
	let best: number[] | null = null;
	let bound = count;
	let left = nodes;
	const put = (lay: number, colour: number): void => {
		colours[lay] = colour;
		for (const other of near[lay]!) if (about[other * count + colour]!++ === 0) seen[other]!++;
	};
	const take = (lay: number, colour: number): void => {
		colours[lay] = -1;
		for (const other of near[lay]!) if (--about[other * count + colour]! === 0) seen[other]!--;
	};
	const go = (placed: number, used: number): void => {
		if (left-- <= 0 || used >= bound) return;
		if (placed === size) {
			best = [...colours];
			bound = used;
			return;
		}
		let next = -1;
		for (let i = 0; i < size; i++) {
			if (colours[i] !== -1) continue;
			if (next < 0 || seen[i]! > seen[next]! || (seen[i] === seen[next] && near[i]!.length > near[next]!.length)) next = i;
		}
		for (let colour = 0; colour <= used && colour < bound - 1; colour++) {
			if (about[next * count + colour]! > 0) continue;
			put(next, colour);
			go(placed + 1, Math.max(used, colour + 1));
			take(next, colour);
			if (left <= 0 || bound <= least) return;
		}
	};
	clique.forEach((lay, colour) => put(lay, colour));
	go(clique.length, clique.length);
	return { best, isDone: left > 0 };
}
