import { convertHexToPaint, convertLinearToSrgb, convertPaintToLinear, mixPaints } from '../../colour';
import { joinsOf, passJoin, patternOf, type Join } from '../../layout';
import { bytesOfHex } from './coverTable';
import { fillCloudRow, fillStrokeRow, noiseTile } from '../grain';
import { eachSpan } from './eachSpan';
import type { Effect } from './types';

/** Colours of a field are looked up, never mixed per pixel. Source: methods 10. */
const ENTRIES = 1024;
/** A pixel that takes less than this of its colour keeps the sheen of what is under it. */
const BARE = 0.5;
const WEAR = 140;

/** The colours of a zone, each front by its own field, mixed as paint mixes. */
export const layBlend: Effect<'blend'> = (planes, layer, canvas) => {
	const { scale, scene } = canvas;
	const { zone, hexes, cover } = layer;
	const { field } = zone;
	const pattern = patternOf(field);
	const tile = noiseTile(scene.seed + 2);
	const { stroke, patch } = layer.hand;
	const gloss = Math.round(layer.sheen * 255);
	const { rgb, relief } = planes;
	/** What is left bare is as the last colour, thinning out to nothing. */
	const mixes = mixJoins(zone.leaves ? [...hexes, hexes.at(-1)!] : hexes);
	const marks = new Float32Array(planes.width);
	const clouds = new Float32Array(planes.width);
	for (const { box, laid, surfaces } of layer.regions) {
		const { region, flat } = laid;
		const reach = pattern.reach(field, region);
		const joins = joinsOf(zone, region);
		const { colours, covers } = lookUpByDepth(mixes, joins, reach, { hex: hexes[0]!, cover, leaves: zone.leaves });
		const widest = Math.max(0, ...joins.map((join) => join.half));
		const strokes = (stroke * widest) / 128;
		const patches = (patch * widest) / 128;
		const perDepth = (ENTRIES - 1) / reach;
		const film = layer.film;
		const rough = (film * 0.14) / 255;
		const lay = (start: number, count: number, x: number, y: number) => {
			fillStrokeRow(marks, count, tile, x, y, 6);
			fillCloudRow(clouds, count, tile, x, y, 5);
			const down = flat ?? (y + 0.5) / scale - box.y + laid.y;
			const left = laid.x - box.x;
			for (let k = 0, i = start, at = start * 3; k < count; k++, i++, at += 3) {
				const mark = marks[k]!;
				const wander = strokes * (mark - 128) + patches * (clouds[k]! - 128);
				const depth = pattern.depthAt(field, (x + k + 0.5) / scale + left, down, region) + wander;
				const entry = Math.max(0, Math.min(ENTRIES - 1, Math.round(depth * perDepth)));
				const laidOn = covers[entry]!;
				const bare = 1 - laidOn;
				rgb[at] = colours[entry * 3]! * laidOn + rgb[at]! * bare + 0.5;
				rgb[at + 1] = colours[entry * 3 + 1]! * laidOn + rgb[at + 1]! * bare + 0.5;
				rgb[at + 2] = colours[entry * 3 + 2]! * laidOn + rgb[at + 2]! * bare + 0.5;
				const share = laidOn / cover;
				relief[i]! += share * (film + rough * mark);
				if (share < BARE) continue;
				planes.gloss[i] = gloss;
				planes.wear[i] = WEAR;
			}
		};
		eachSpan(planes, surfaces, canvas, lay, box);
	}
};

/** Each join's colours, mixed once: entry e is e / 1023 of the way from one colour to the next. sRGB, 0 to 255. */
function mixJoins(hexes: readonly string[]): Float32Array[] {
	const paints = hexes.map(convertHexToPaint);
	return paints.slice(1).map((paint, i) => {
		const table = new Float32Array(ENTRIES * 3);
		for (let e = 0; e < ENTRIES; e++) {
			const parts = e / (ENTRIES - 1);
			const mixed = mixPaints([
				{ paint: paints[i]!, parts: 1 - parts },
				{ paint, parts }
			]);
			convertPaintToLinear(mixed).forEach((light, c) => (table[e * 3 + c] = 255 * convertLinearToSrgb(light)));
		}
		return table;
	});
}

interface Coat {
	readonly hex: string;
	readonly cover: number;
	readonly leaves: boolean;
}

/** Colour and cover by depth on one front, looked up in the joins: they never overlap, so each depth is within one of them at most. */
function lookUpByDepth(mixes: readonly Float32Array[], joins: readonly Join[], reach: number, { hex, cover, leaves }: Coat) {
	const colours = new Float32Array(ENTRIES * 3);
	const covers = new Float32Array(ENTRIES).fill(cover);
	const single = bytesOfHex(hex);
	for (let e = 0; e < ENTRIES; e++) {
		const depth = (e / (ENTRIES - 1)) * reach;
		if (joins.length === 0) {
			colours.set(single, e * 3);
			continue;
		}
		let join = 0;
		while (join < joins.length - 1 && passJoin(joins[join]!, depth) === 1) join++;
		const from = 3 * Math.round(passJoin(joins[join]!, depth) * (ENTRIES - 1));
		colours.set(mixes[join]!.subarray(from, from + 3), e * 3);
		if (leaves) covers[e] = cover * (1 - passJoin(joins.at(-1)!, depth));
	}
	return { colours, covers };
}
