import { kindOfCoat, type Layer, type Need, type Rates, type Site, type Stack } from '../layers';
import type { LaysPlan } from '../layout';
import { doesMove, HARDWARE_SURFACE, surfacesUnder, surfacesWithin, type MeasuredPiece } from '../piece';
import { ROUNDED, type Minutes } from '../units';
import type { WetWork } from './cutWetWork';
import type { DryingTimes } from './dryMaterial';

/** What is begun and finished in one go: a coat, one of its passes, and of that a section that stays wet, a round of lays, or what can be taken out by itself. */
export interface Sitting {
	readonly id: string;
	readonly layer: Layer;
	/** From 1; 0: at the bench, before anything goes on the piece. */
	readonly pass: number;
	/** Of the lays of that pass, from 1; null: it is not worked in rounds. */
	readonly round: number | null;
	/** Its place among the sections of the pass, from 1; null: it need not be kept wet. */
	readonly section: number | null;
	/** Of coats that are worked one into the other: the first of them. What has the same section of it is done before the next is begun. Null: it is worked by itself. */
	readonly wetFrom: string | null;
	/** The drawer or door that it is on, and nothing else; null: on the carcass, or on several. */
	readonly loose: string | null;
	readonly surfaces: readonly string[];
	/** Of work, by all hands. */
	readonly minutes: Minutes;
	readonly hands: number;
	readonly needs: readonly Need[];
}

/** The sittings of a step: pass after pass, those of one pass after each other. */
export interface StepSittings {
	/** At the bench; none where nothing is done there. */
	readonly bench: readonly Sitting[];
	readonly passes: readonly (readonly Sitting[])[];
	/** Between the end of a pass and the beginning of the next. */
	readonly between: Minutes;
	/** All the time between passes that are too many to be listed, and stand here as one. */
	readonly unlisted: Minutes;
}

/** What the sittings of a piece are read from. */
export interface SittingsContext {
	readonly sites: ReadonlyMap<string, Site>;
	readonly drying: readonly DryingTimes[];
	readonly wet: readonly WetWork[];
	readonly lays: ReadonlyMap<string, LaysPlan>;
	readonly piece: MeasuredPiece;
	readonly rates: Rates;
}

/** A pass is divided into so many sittings at most, a step into so many passes: beyond, it is one. */
const MOST_LOOSE = 60;
const MOST_PASSES = 200;

/** Of each layer of a stack, in its order, its sittings: together they take as long as the work on it. Source: methods 13 and 14. */
export function listSittings(stack: Stack, context: SittingsContext): StepSittings[] {
	const looseOf = looseParts(context.piece);
	return stack.layers.map((layer) => sittingsOf(layer, context, looseOf));
}

function sittingsOf(layer: Layer, context: SittingsContext, looseOf: ReadonlyMap<string, string>): StepSittings {
	const { coat, material } = layer;
	const kind = kindOfCoat(coat);
	const site = context.sites.get(coat.id);
	const bench = site ? kind.bench(coat, site, context.rates, material) : 0;
	const work = (site ? kind.work(coat, site, context.rates, material) : 0) - bench;
	const { count, rest } = kind.passes(coat, site ?? { lays: null });
	const between = count > 1 ? Math.max(context.drying[layer.at]!.recoat, rest) : 0;
	const [hands, needs] = [kind.hands(coat), kind.needs(coat)];
	const sitting = (pass: number, { key, ...piece }: Piece, minutes: Minutes): Sitting => ({
		id: [coat.id, pass === 0 ? 'bench' : pass, ...(key === '' ? [] : [key])].join('/'),
		layer,
		pass,
		round: null,
		section: null,
		wetFrom: null,
		minutes,
		hands,
		needs,
		...piece
	});
	const whole: Piece = { key: '', loose: null, surfaces: [...layer.surfaces] };
	const benched = bench > 0 ? [sitting(0, { ...whole, surfaces: [] }, bench)] : [];
	if (count > MOST_PASSES) return { bench: benched, passes: [[sitting(1, whole, work)]], between, unlisted: (count - 1) * between };
	const isDry = kind.lays(coat)?.isDry === true;
	const rounds = isDry ? null : roundsOf(context.lays.get(coat.id), layer, context.piece);
	const all = rounds ? rounds.reduce((sum, { share }) => sum + share, 0) / rounds.length : 1;
	const passes = Array.from({ length: count }, (_, k) => {
		const pieces = rounds ? [rounds[k % rounds.length]!] : cutPass(layer, workOfPass(layer, context.wet, k, count), context, looseOf);
		return pieces.map(({ share, ...piece }) => sitting(k + 1, piece, ((work / count) * share) / all));
	});
	return { bench: benched, passes, between, unlisted: 0 };
}

/** Part of a pass, and what tells it from others in its id. */
type Piece = Pick<Sitting, 'loose' | 'surfaces'> & Partial<Pick<Sitting, 'round' | 'section' | 'wetFrom'>> & { readonly key: string };
type Shared = Piece & { readonly share: number };

/** How a pass is kept wet: its first into the coat before, its last with the one that is worked into it, others by themselves. */
function workOfPass({ coat }: Layer, works: readonly WetWork[], pass: number, count: number): WetWork | undefined {
	const own = works.filter(({ layers }) => layers.some((layer) => layer.coat.id === coat.id));
	const into = own.find(({ layers }) => layers.length > 1 && layers[0]!.coat.id !== coat.id);
	const under = own.find(({ layers }) => layers.length > 1 && layers.at(-1)!.coat.id !== coat.id);
	return (pass === 0 ? into : undefined) ?? (pass === count - 1 ? under : undefined) ?? own.find(({ layers }) => layers.length === 1);
}

/** The pieces of a pass, and what share of its work each is. */
function cutPass(layer: Layer, work: WetWork | undefined, { sites }: SittingsContext, looseOf: ReadonlyMap<string, string>): Shared[] {
	const { coat, surfaces } = layer;
	const i = work?.layers.findIndex((other) => other.coat.id === coat.id) ?? -1;
	const all = work?.list.reduce((sum, { by }) => sum + by[i]!, 0) ?? 0;
	if (!work || all <= ROUNDED) return loosePieces(surfaces, sites.get(coat.id)?.on ?? new Map(), looseOf);
	const surfacesOf = new Map(work.parts.map(({ part, surfaces: under }) => [part, under]));
	const wetFrom = work.layers.length > 1 ? work.layers[0]!.coat.id : null;
	return work.list.flatMap(({ parts, by }, k): Shared[] => {
		const on = parts.flatMap((part) => surfacesOf.get(part) ?? []).filter((surface) => surfaces.has(surface));
		if (wetFrom !== null && by[i]! <= ROUNDED) return [];
		return [{ key: `section-${k + 1}`, section: k + 1, wetFrom, loose: commonLoose(on, looseOf), surfaces: on, share: by[i]! / all }];
	});
}

/** The carcass first, then what moves, each by itself. */
function loosePieces(surfaces: ReadonlySet<string>, shares: ReadonlyMap<string, number>, looseOf: ReadonlyMap<string, string>): Shared[] {
	const groups = new Map<string | null, string[]>();
	for (const surface of surfaces) {
		const loose = looseOf.get(surface) ?? null;
		groups.set(loose, [...(groups.get(loose) ?? []), surface]);
	}
	if (shares.size === 0 || groups.size < 2 || groups.size > MOST_LOOSE)
		return [{ key: '', loose: commonLoose([...surfaces], looseOf), surfaces: [...surfaces], share: 1 }];
	return [...groups]
		.map(([loose, on]) => ({
			key: loose ?? 'carcass',
			loose,
			surfaces: on,
			share: on.reduce((sum, surface) => sum + (shares.get(surface) ?? 0), 0)
		}))
		.filter(({ share }) => share > 0)
		.sort((a, b) => Number(a.loose !== null) - Number(b.loose !== null));
}

function roundsOf(plan: LaysPlan | undefined, { surfaces }: Layer, piece: MeasuredPiece): Shared[] | null {
	const last = Math.max(0, ...(plan?.lays ?? []).map(({ round }) => round));
	if (!plan || last < 1) return null;
	return Array.from({ length: last }, (_, i): Shared => {
		const lays = plan.lays.filter(({ round }) => round === i + 1);
		const on = surfacesUnder([...new Set(lays.map(({ part }) => part))], piece).filter((surface) => surfaces.has(surface));
		return { key: '', round: i + 1, loose: null, surfaces: on, share: lays.length };
	});
}

function commonLoose(surfaces: readonly string[], looseOf: ReadonlyMap<string, string>): string | null {
	const [first, ...others] = [...new Set(surfaces.map((surface) => looseOf.get(surface) ?? null))];
	return first !== undefined && others.length === 0 ? first : null;
}

/** Of each surface that can be taken out, the drawer or door that it is, or lies on. */
function looseParts({ faces }: MeasuredPiece): ReadonlyMap<string, string> {
	return new Map([
		/** It dries beside the piece. */
		[HARDWARE_SURFACE, HARDWARE_SURFACE] as const,
		...faces.flatMap((face) =>
			face.parts.filter(doesMove).flatMap((part) => surfacesWithin(part, face).map((surface) => [surface, part.id] as const))
		)
	]);
}
