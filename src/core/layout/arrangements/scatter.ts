import { z } from 'zod';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { depthInOutline, keyOfOutline } from '../../geometry';
import { IdSchema, NameSchema, type Mm } from '../../units';
import { faceOf, holesIn, type Box, type MeasuredPiece, type Part } from '../../piece';
import type { Motif } from '../motif';
import { partsOf } from '../partsOf';
import { PlacesSchema } from '../placesSchema';
import { rankChoices, takeChoice } from './choose';
import { layItem } from './layItem';
import { motifIn } from './motifIn';
import { LARGEST_SCALE, LEAST_SCALE, toScale } from './scales';
import { isSpotOf, SpotSchema } from './spot';
import type { ArrangementContext, ArrangementKind, Choice, LaidItem } from './types';

const ScaleSchema = z.number().min(LEAST_SCALE).max(LARGEST_SCALE);

export const ScatterSchema = z
	.strictObject({
		kind: z.literal('scatter'),
		id: IdSchema,
		name: NameSchema,
		motif: IdSchema,
		parts: PlacesSchema,
		count: z.number().int().min(1).max(400).meta({ description: 'On each part, as wished; both halves together.' }),
		scale: z.strictObject({ least: ScaleSchema, most: ScaleSchema }),
		turn: z.number().min(0).max(180).meta({ description: 'As far to both sides, degrees.' }),
		clear: z.number().min(0).max(5000).meta({ description: 'Between two motifs, and from the edge, mm at least.' }),
		mirrored: z.boolean().meta({ description: 'The right half mirrors the left one.' }),
		seed: z.number().int().min(0).max(1_000_000),
		picks: z.record(z.string(), z.string().max(80)),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'A free scatter of one motif; the same seed gives the same one.' });
export type Scatter = z.infer<typeof ScatterSchema>;

export interface Scattered {
	readonly x: Mm;
	readonly y: Mm;
	readonly scale: number;
	readonly turn: number;
	readonly mirrored: boolean;
}

/** Places that are tried for each motif before it is given up. */
const TRIES = 60;

/** A free scatter, mirrored about the centre line where it is wished so. Source: methods 3. */
export const scatter: ArrangementKind<Scatter> = {
	word: 'Scatter',
	short: 'scatter',
	of: 'motif',
	spreads: true,
	isThrown: true,
	start: ({ id, name, motif, parts, scale, round }) => ({
		kind: 'scatter',
		id,
		name,
		motif: motif!.id,
		parts,
		count: 12,
		scale: { least: toScale(scale * 0.3), most: toScale(scale * 0.5) },
		turn: 25,
		clear: round(8),
		mirrored: true,
		seed: 1,
		picks: {},
		leftOut: []
	}),
	motifs: ({ motif }) => [motif],
	take: (arrangement, group, pick) => changeScatter(arrangement, { picks: { ...arrangement.picks, [group]: pick } }),
	createPlanner() {
		/** Of one motif of one part: neither a colour nor a name makes another scatter. */
		const kept = new Map<string, readonly Scattered[]>();
		return (arrangement, context) => {
			const { piece, path } = context;
			const parts = partsOf(arrangement.parts, piece);
			const { motif } = motifIn(context, arrangement.motif);
			if (arrangement.scale.least > arrangement.scale.most)
				return {
					arrangement: arrangement.id,
					groups: [],
					items: [],
					hints: [],
					issues: [{ code: 'run.scale-range', path: `${path}.scale` }]
				};
			const throwOn = (part: Part, seed: number) => {
				const key = JSON.stringify([
					motif.id,
					motif.width,
					motif.height,
					part.id,
					keyOfOutline(part.outline),
					part.hardware.map(({ footprint }) => footprint),
					holesOn(part, piece),
					{ ...arrangement, picks: 0, leftOut: 0, name: 0, parts: 0, seed }
				]);
				const known = kept.get(key) ?? scatterOn(part, holesOn(part, piece), motif, { ...arrangement, seed });
				if (kept.size > 400) kept.clear();
				kept.set(key, known);
				return known;
			};
			const choices =
				parts.length === 0
					? []
					: rankChoices([0, 1, 2, 3].map((more) => wordScatter(arrangement, arrangement.seed + more, parts, throwOn)));
			const group = takeChoice({ id: 'common', parts: parts.map(({ id }) => id), choices }, arrangement.picks['common']);
			const seed = Number(group.choices[group.taken]?.pick ?? arrangement.seed);
			const items = parts.flatMap((part) => itemsOn(arrangement, throwOn(part, seed), part, context));
			const short = parts.filter((part) => throwOn(part, seed).length < arrangement.count);
			return {
				arrangement: arrangement.id,
				groups: choices.length > 0 ? [group] : [],
				items,
				issues: [],
				hints: short.map((part) => ({
					code: 'scatter.fewer',
					path: `${path}.count`,
					values: { part: part.name, count: throwOn(part, seed).length, wish: arrangement.count }
				}))
			};
		};
	},
	/** Its places follow from its seed. */
	moveItem: (arrangement) => arrangement,
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: false,
	release: null,
	meansHardware: () => false
};

/** Changed so. Another throw has other places: what was left out of the old one is none of them. */
export function changeScatter(scatter: Scatter, change: Partial<Scatter>): Scatter {
	const changed = { ...scatter, ...change };
	return isSameThrow(scatter, changed) ? changed : { ...changed, leftOut: change.leftOut ?? [] };
}

function isSameThrow(a: Scatter, b: Scatter): boolean {
	const [one, other] = [a, b].map(({ motif, count, scale, turn, clear, mirrored, seed, picks }) =>
		JSON.stringify([motif, count, scale.least, scale.most, turn, clear, mirrored, picks['common'] ?? String(seed)])
	);
	return one === other;
}

function holesOn(part: Part, piece: Pick<MeasuredPiece, 'faces'>): Box[] {
	return holesIn(part, faceOf(piece.faces, part.face));
}

/**
 * Throws motifs on a part (mm) one after the other, each where it keeps clear of all before it, of the edge and of hardware: of the
 * places that do, the one that is furthest from all others, so that none is left bare. Largest first. A mirrored one is asked on both sides: its twin may lie nearer
 * to an edge, a knob or an opening (`holes`, boxes from the corner of the part) than it does itself. Source: methods 3.
 */
export function scatterOn(
	part: Part,
	holes: readonly Box[],
	motif: Motif,
	wish: Pick<Scatter, 'count' | 'scale' | 'turn' | 'clear' | 'mirrored' | 'seed'>
): Scattered[] {
	const random = xoroshiro128plus(wish.seed * 7919 + seedOf(part.id));
	const next = () => uniformFloat64(random);
	const own = Math.hypot(motif.width, motif.height) / 2;
	const thrown: (Scattered & { readonly radius: Mm })[] = [];
	const singles = wish.mirrored ? Math.ceil(wish.count / 2) : wish.count;
	const scales = Array.from({ length: singles }, () => wish.scale.least + next() * (wish.scale.most - wish.scale.least)).sort(
		(a, b) => b - a
	);
	for (const [i, scale] of scales.entries()) {
		const radius = own * scale;
		/** With an odd number one stands on the centre line. */
		const onLine = wish.mirrored && wish.count % 2 === 1 && i === scales.length - 1;
		let best: { x: Mm; y: Mm; room: Mm } | null = null;
		for (let k = 0; k < TRIES; k++) {
			const x = onLine ? part.width / 2 : next() * (wish.mirrored ? part.width / 2 : part.width);
			const y = next() * part.height;
			const room = roomAt({ part, holes, thrown, at: { x, y }, radius, scatter: wish, onLine });
			if (room >= 0 && (best === null || room > best.room)) best = { x, y, room };
		}
		const turn = (2 * next() - 1) * wish.turn;
		if (best === null) continue;
		const one = { x: best.x, y: best.y, scale, turn: onLine ? 0 : turn, mirrored: false, radius };
		thrown.push(one);
		if (wish.mirrored && !onLine) thrown.push({ ...one, x: part.width - best.x, turn: 0 - turn, mirrored: true });
	}
	return thrown;
}

/** By how much a place, and that of its twin, is clear of everything beyond what is asked, mm; below 0 it is not. */
function roomAt({
	part,
	holes,
	thrown,
	at,
	radius,
	scatter: { clear, mirrored },
	onLine
}: {
	readonly part: Part;
	readonly holes: readonly Box[];
	readonly thrown: readonly (Scattered & { readonly radius: Mm })[];
	readonly at: { readonly x: Mm; readonly y: Mm };
	readonly radius: Mm;
	readonly scatter: Pick<Scatter, 'clear' | 'mirrored'>;
	readonly onLine: boolean;
}): Mm {
	let room = roomOn({ part, holes, at, radius, clear });
	if (room < 0) return room;
	/** From its own twin beyond the centre line, and as clear there. */
	if (mirrored && !onLine) {
		const twin = { x: part.width - at.x, y: at.y };
		room = Math.min(room, twin.x - at.x - 2 * radius - clear, roomOn({ part, holes, at: twin, radius, clear }));
		if (room < 0) return room;
	}
	for (const other of thrown) room = Math.min(room, Math.hypot(other.x - at.x, other.y - at.y) - radius - other.radius - clear);
	return room;
}

/** The same of one place, of what is on the part before anything is thrown. */
function roomOn({
	part,
	holes,
	at,
	radius,
	clear
}: {
	readonly part: Part;
	readonly holes: readonly Box[];
	readonly at: { readonly x: Mm; readonly y: Mm };
	readonly radius: Mm;
	readonly clear: Mm;
}): Mm {
	const off = radius + clear;
	let room = depthInOutline(part.outline, at) - off;
	for (const { footprint, centre, round } of part.hardware) {
		const apart = round ? Math.hypot(centre.x - at.x, centre.y - at.y) - footprint.width / 2 : distanceToBox(at, footprint);
		room = Math.min(room, apart - off);
	}
	for (const hole of holes) room = Math.min(room, distanceToBox(at, hole) - off);
	return room;
}

/** 0 inside. */
function distanceToBox({ x, y }: { readonly x: Mm; readonly y: Mm }, box: Box): Mm {
	return Math.hypot(Math.max(0, box.x - x, x - box.x - box.width), Math.max(0, box.y - y, y - box.y - box.height));
}

function seedOf(id: string): number {
	let seed = 0;
	for (const letter of id) seed = (seed * 31 + letter.codePointAt(0)!) % 1_000_003;
	return seed;
}

/** Best: most of the wished number, then the most even: cost = share that is missing + spread of the nearest distances over their mean. */
function wordScatter(
	arrangement: Scatter,
	seed: number,
	parts: readonly Part[],
	throwOn: (part: Part, seed: number) => readonly Scattered[]
): Choice<string> {
	const all = parts.map((part) => throwOn(part, seed));
	const count = all.reduce((sum, list) => sum + list.length, 0);
	const wanted = arrangement.count * parts.length;
	const nearest = all.flatMap((list) =>
		list.map((one) => Math.min(...list.filter((other) => other !== one).map((other) => Math.hypot(other.x - one.x, other.y - one.y))))
	);
	const finite = nearest.filter(Number.isFinite);
	const mean = finite.reduce((a, b) => a + b, 0) / Math.max(1, finite.length);
	const spread = mean === 0 ? 0 : Math.sqrt(finite.reduce((sum, one) => sum + (one - mean) ** 2, 0) / finite.length) / mean;
	const terms = { missing: 1 - Math.min(1, count / wanted), uneven: spread };
	return {
		pick: String(seed),
		cost: terms.missing + terms.uneven,
		terms,
		title: `Throw ${seed}: ${count} motifs`,
		reason: spread < 0.25 ? 'evenly spread' : spread < 0.5 ? 'loosely spread' : 'in loose groups',
		warning: count < wanted ? `${wanted - count} found no room` : null
	};
}

function itemsOn(
	{ id, motif: motifId, leftOut }: Scatter,
	thrown: readonly Scattered[],
	part: Part,
	context: ArrangementContext
): LaidItem[] {
	const { motif, shape } = motifIn(context, motifId);
	const face = faceOf(context.piece.faces, part.face);
	return thrown.flatMap(({ x, y, scale, turn, mirrored }, index) => {
		const place = String(index);
		if (leftOut.some((spot) => isSpotOf(spot, { part: part.id, place }))) return [];
		return [layItem({ arrangement: id, place, index, centre: { x, y }, scale, turn, mirrored }, { motif, shape }, part, face)];
	});
}
