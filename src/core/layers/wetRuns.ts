import { kindOfCoat } from './kinds';
import type { Coat } from './kinds/schema';
import type { Layer, Stack } from './stackLayers';

/** A coat of a kind that can be worked wet in wet. */
export type WetCoat = Extract<Coat, { intoWet?: string | undefined }>;

export function canWorkWet(coat: Coat | undefined): coat is WetCoat {
	return coat !== undefined && kindOfCoat(coat).worksWet && !('through' in coat && coat.through !== undefined);
}

/** The coat that one is worked into while it is wet: the one right before it. Null: it is laid on what is dry. */
export function wetPartner(coats: readonly Coat[], at: number): WetCoat | null {
	const [before, coat] = [coats[at - 1], coats[at]];
	return canWorkWet(coat) && canWorkWet(before) && coat.intoWet === before.id ? before : null;
}

/** The coat, laid when the one before it is dry. */
export function layDry<Wet extends WetCoat>(coat: Wet): Wet {
	const dry = { ...coat };
	delete dry.intoWet;
	return dry;
}

/** The coats without the choice of those whose partner is gone, is no longer right before them, or is not worked wet any more. */
export function letGoOfPartners(coats: readonly Coat[]): Coat[] {
	return coats.map((coat, at) => {
		if (!('intoWet' in coat) || coat.intoWet === undefined || wetPartner(coats, at)) return coat;
		return layDry(coat);
	});
}

/** Of each coat the place of the first of those that it is worked into, one into the other, without waiting: its own where it is laid on what is dry. */
export function wetRuns(coats: readonly Coat[]): number[] {
	const runs: number[] = [];
	coats.forEach((_, at) => runs.push(wetPartner(coats, at) ? runs[at - 1]! : at));
	return runs;
}

const RUNS = new WeakMap<Stack, readonly number[]>();

/** Whether one layer is still wet when the other is worked into it. */
export function areWetTogether(stack: Stack, one: Layer, other: Layer): boolean {
	const runs = RUNS.get(stack) ?? wetRuns(stack.layers.map(({ coat }) => coat));
	RUNS.set(stack, runs);
	return runs[one.at] === runs[other.at];
}

/** Coats that had to let go of the wet one that they were worked into, because that is gone or no longer right before them. */
export function lostPartners(before: readonly Coat[], after: readonly Coat[]): Coat[] {
	const was = new Map(before.map((coat) => [coat.id, coat]));
	return after.filter((coat, at) => {
		const old = was.get(coat.id);
		const partner = old && 'intoWet' in old ? old.intoWet : undefined;
		const isFree = !('intoWet' in coat) || coat.intoWet === undefined;
		return partner !== undefined && isFree && canWorkWet(coat) && !(after[at - 1]?.id === partner && canWorkWet(after[at - 1]));
	});
}
