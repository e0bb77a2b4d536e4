import { mixPaints, thicknessOf } from '../../colour';
import { joinsOf, passJoin, patternOf, type Join } from '../../layout';
import { fillCloudRow, fillUprightRow, noiseTile, shiftFor } from '../grain';
import type { SceneLayer } from '../scene';
import { eachSpan } from './eachSpan';
import { fillDepthRow, STRIDE } from './fillDepthRow';
import { filmPixel, finishSpan, raiseSpan } from './spanWork';
import { createStrokes } from './strokes';
import { MOST_COVER, TABLE, tableOfFilm } from './coverTable';
import type { Canvas, Effect } from './canvas';

type Blend = Extract<SceneLayer, { kind: 'blend' }>;

/** Depths of a field, looked up: fine enough for a crisp join. */
const ENTRIES = 4096;
/** Films from one colour to the next: what each makes of every ground is looked up, never mixed per pixel. Source: methods 10. */
const WAYS = 96;
/** A pixel that takes less than this share of its colour keeps the sheen of what is under it. */
const BARE = 0.5;
const WEAR = 140;
/** What a brush leaves standing, as a share of the film. */
const MARKS = 0.14;
/** A stroke is drawn out about so far, mm. */
const STROKE = 45;
/** Patches have smaller ones in them: without these the grid that they grow from shows. */
const PATCHES = 0.65;
const SPECKS = 0.65;
/** A field may be off by so much of a pixel. */
const TOLERANCE = 0.2;

/** The colours of a zone, each front by its own field, mixed as paint mixes, and over their ground as a film lies. */
export const layBlend: Effect<'blend'> = (planes, layer, canvas) => {
	const { scale } = canvas;
	const { field, leaves } = layer.zone;
	const pattern = patternOf(field);
	const stride = Math.max(1, Math.min(STRIDE, Math.floor((pattern.turns?.(field) ?? Infinity) * scale)));
	const gloss = Math.round(layer.sheen * 255);
	const { tables, shares } = mixFilms(layer);
	const fillWander = createWander(layer, canvas, planes.width);
	const depths = new Float32Array(planes.width);
	const films = new Uint16Array(planes.width);
	for (const { box, laid, surfaces } of layer.regions) {
		const { region, flat } = laid;
		const reach = pattern.reach(field, region);
		const joins = joinsOf(layer.zone, region);
		const filmAt = filmsByDepth(joins, reach);
		const widths = { join: 2 * Math.max(0, ...joins.map(({ half }) => half)), band: reach / (joins.length + 1) };
		const perDepth = (ENTRIES - 1) / reach;
		const left = laid.x - box.x;
		const lay = (start: number, count: number, x: number, y: number) => {
			const down = flat ?? (y + 0.5) / scale - box.y + laid.y;
			fillDepthRow(depths, count, (k) => pattern.depthAt(field, (x + k + 0.5) / scale + left, down, region), TOLERANCE / scale, stride);
			const { wander, marks } = fillWander(count, x, y, widths);
			fillFilms(films, count, depths, wander, perDepth, filmAt);
			layFilms(planes.rgb, start, count, films, tables);
			if (leaves) return layShares(planes, start, count, films, shares, { film: layer.film, gloss, marks });
			raiseSpan(planes.relief, start, count, layer.film, layer.film * MARKS, marks);
			finishSpan(planes, start, count, gloss, WEAR);
		};
		eachSpan(planes, surfaces, canvas, lay, box);
	}
};

/** How far the hand of the method carries a colour off its place, mm, along a row; and the marks of its strokes. */
/** What a pad or the tip of a brush leaves, where a pattern is dabbed on whatever the method. */
const DABS = { patch: 0.75, size: 15, everywhere: 0.28 };

function createWander({ hand: of, zone }: Blend, canvas: Canvas, width: number) {
	const dabbed = patternOf(zone.field).dabbed === true;
	const hand = dabbed
		? {
				...of,
				patch: Math.max(of.patch, DABS.patch),
				size: Math.min(of.size, DABS.size),
				everywhere: Math.max(of.everywhere, DABS.everywhere)
			}
		: of;
	const { scale, scene } = canvas;
	const tile = noiseTile(scene.seed + 2);
	const [strokeShift, patchShift] = [shiftFor(STROKE, scale), shiftFor(hand.size / 2, scale)];
	const fillStrokes = createStrokes(canvas, scene.seed + 2, strokeShift);
	const [level, upright, patches, specks, wander] = Array.from({ length: 5 }, () => new Float32Array(width)) as [
		Float32Array,
		Float32Array,
		Float32Array,
		Float32Array,
		Float32Array
	];
	return (count: number, x: number, y: number, { join, band }: { join: number; band: number }) => {
		const isUpright = hand.strokes === 'upright' || hand.strokes === 'crossed';
		fillStrokes(level, count, x, y);
		if (isUpright) fillUprightRow(upright, count, tile, x, y, strokeShift);
		fillCloudRow(patches, count, tile, x, y, patchShift);
		fillCloudRow(specks, count, tile, x + 4099, y + 977, Math.max(0, patchShift - 1));
		const width = Math.max(join * 0.5, hand.everywhere * band);
		const stroke = (hand.stroke * width) / 128;
		const patch = (hand.patch * width) / 128;
		const marks = hand.strokes === 'upright' ? upright : level;
		const [byLevel, byUpright] =
			hand.strokes === 'crossed' ? [stroke * 0.6, stroke * 0.6] : hand.strokes === 'upright' ? [0, stroke] : [stroke, 0];
		for (let k = 0; k < count; k++)
			wander[k] = byLevel * (level[k]! - 128) + patch * (PATCHES * patches[k]! + SPECKS * specks[k]! - (PATCHES + SPECKS) * 128);
		if (byUpright !== 0) for (let k = 0; k < count; k++) wander[k]! += byUpright * (upright[k]! - 128);
		return { wander, marks };
	};
}

function fillFilms(
	out: Uint16Array,
	count: number,
	depths: Float32Array,
	wander: Float32Array,
	perDepth: number,
	filmAt: Uint16Array
): void {
	for (let k = 0; k < count; k++) {
		const entry = ((depths[k]! + wander[k]!) * perDepth + 0.5) | 0;
		out[k] = filmAt[entry < 0 ? 0 : entry >= ENTRIES ? ENTRIES - 1 : entry]!;
	}
}

/** Every pixel under its film. */
function layFilms(rgb: Uint8Array, start: number, count: number, films: Uint16Array, tables: Uint8Array): void {
	for (let k = 0, at = start * 3; k < count; k++, at += 3) filmPixel(rgb, at, tables, films[k]! * TABLE);
}

function layShares(
	{ relief, gloss, wear }: { relief: Uint16Array; gloss: Uint8Array; wear: Uint8Array },
	start: number,
	count: number,
	films: Uint16Array,
	shares: Float32Array,
	coat: { readonly film: number; readonly gloss: number; readonly marks: Float32Array }
): void {
	const rough = (coat.film * MARKS) / 255;
	for (let k = 0, i = start; k < count; k++, i++) {
		const share = shares[films[k]!]!;
		relief[i]! += share * (coat.film + rough * coat.marks[k]!);
		if (share < BARE) continue;
		gloss[i] = coat.gloss;
		wear[i] = WEAR;
	}
}

interface Films {
	/** Of each film what every byte of its ground becomes, for red, green and blue: `TABLE` bytes. */
	readonly tables: Uint8Array;
	/** How much of its coat each film holds. */
	readonly shares: Float32Array;
}

/** The films of a zone: of each join in turn, film w is w / (WAYS - 1) of the way from one colour to the next, or to nothing. */
function mixFilms({ colours, zone }: Blend): Films {
	const ends = colours.map(({ paint, strength, cover }) => ({
		paint,
		strength,
		thickness: thicknessOf(paint, Math.min(cover, MOST_COVER)),
		share: 1
	}));
	const last = ends.at(-1)!;
	if (zone.leaves || ends.length === 1) ends.push({ ...last, ...(zone.leaves ? { thickness: 0, share: 0 } : {}) });
	const tables = new Uint8Array((ends.length - 1) * WAYS * TABLE);
	const shares = new Float32Array((ends.length - 1) * WAYS);
	for (let film = 0; film < shares.length; film++) {
		const [from, to] = [ends[Math.floor(film / WAYS)]!, ends[Math.floor(film / WAYS) + 1]!];
		const way = (film % WAYS) / (WAYS - 1);
		const between = (a: number, b: number) => (1 - way) * a + way * b;
		const paint = mixPaints([
			{ ...from, parts: 1 - way },
			{ ...to, parts: way }
		]);
		tables.set(tableOfFilm(paint, between(from.thickness, to.thickness)), film * TABLE);
		shares[film] = between(from.share, to.share);
	}
	return { tables, shares };
}

/** The film at each depth of one front: joins never overlap, so each depth is within one of them at most. */
function filmsByDepth(joins: readonly Join[], reach: number): Uint16Array {
	return Uint16Array.from({ length: ENTRIES }, (_, e) => {
		if (joins.length === 0) return 0;
		const depth = (e / (ENTRIES - 1)) * reach;
		let join = 0;
		while (join < joins.length - 1 && passJoin(joins[join]!, depth) === 1) join++;
		return join * WAYS + Math.round(passJoin(joins[join]!, depth) * (WAYS - 1));
	});
}
