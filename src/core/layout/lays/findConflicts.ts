import { areaInCommon, boundsOfRings, type Ring, type RingBounds } from '../../geometry';
import { doesMove, type Part } from '../../piece';
import type { Mm, Mm2 } from '../../units';
import type { PlacedLay } from './placeLays';
import type { LaysSetting } from './types';

/** Room that hands need about a sheet, mm. */
export const CLEARANCE: Mm = 10;
/** Less than this is a touch, and no conflict, mm2. */
const A_TOUCH: Mm2 = 0.01;

/** A point that lies further in than this is no touch, mm. */
const WELL: Mm = 0.1;

/** What a lay covers and what it leaves wet, from the left and the top edge of the face that its part is of. */
interface OnFace {
	readonly face: string;
	readonly cover: Ring;
	readonly coverBox: RingBounds;
	readonly wet: readonly { readonly rings: readonly Ring[]; readonly box: RingBounds }[];
}

/**
 * Which lays cannot be wet together: where the sheet of one, grown by the clearance of a hand, would lie on the wet openings of the other. Each
 * against the true outlines of its openings; outlines that only touch are no conflict, nor is what lies on a part that is taken out, for what lies beside it. Source: methods 4.
 */
export function findConflicts(
	lays: readonly PlacedLay[],
	partOf: (id: string) => Part,
	{ clearance = CLEARANCE, lies = 'upright' }: { readonly clearance?: Mm; readonly lies?: LaysSetting['lies'] } = {}
): number[][] {
	/** What is taken out and laid down by itself is in nobody's way. */
	const areApart = (a: PlacedLay, b: PlacedLay) =>
		lies === 'apart' && a.part !== b.part && (doesMove(partOf(a.part)) || doesMove(partOf(b.part)));
	const on = lays.map((lay) => toFace(lay, partOf(lay.part), clearance));
	const near: number[][] = lays.map(() => []);
	for (let i = 0; i < on.length; i++)
		for (let j = i + 1; j < on.length; j++) {
			const [a, b] = [on[i]!, on[j]!];
			if (a.face !== b.face || areApart(lays[i]!, lays[j]!) || (!lands(a, b) && !lands(b, a))) continue;
			near[i]!.push(j);
			near[j]!.push(i);
		}
	return near;
}

function toFace({ sheet, wet }: PlacedLay, part: Part, clearance: Mm): OnFace {
	const cover = move(growSheet(sheet, clearance), part);
	return {
		face: part.face,
		cover,
		coverBox: boundsOfRings([cover]),
		wet: wet.map(({ rings: own }) => {
			const rings = own.map((ring) => move(ring, part));
			return { rings, box: boundsOfRings(rings) };
		})
	};
}

function lands({ cover, coverBox }: OnFace, { wet }: OnFace): boolean {
	return wet.some(
		({ rings, box }) =>
			coverBox.left < box.right &&
			box.left < coverBox.right &&
			coverBox.top < box.bottom &&
			box.top < coverBox.bottom &&
			(reachesInto(rings, cover) || areaInCommon(rings, [cover]) > A_TOUCH)
	);
}

/** Whether a corner of an opening lies well inside a sheet: what mostly is so, and asked in a moment. */
function reachesInto(rings: readonly Ring[], [ax, ay, bx, by, , , dx, dy]: Ring): boolean {
	const [ux, uy, vx, vy] = [bx! - ax!, by! - ay!, dx! - ax!, dy! - ay!];
	const [w, h] = [Math.hypot(ux, uy), Math.hypot(vx, vy)];
	for (const ring of rings)
		for (let i = 0; i < ring.length; i += 2) {
			const [x, y] = [ring[i]! - ax!, ring[i + 1]! - ay!];
			const [u, v] = [(x * ux + y * uy) / w, (x * vx + y * vy) / h];
			if (u > WELL && u < w - WELL && v > WELL && v < h - WELL) return true;
		}
	return false;
}

const move = (ring: Ring, { x, y }: Part): Ring => (x === 0 && y === 0 ? ring : ring.map((value, i) => value + (i % 2 === 0 ? x : y)));

/** A sheet (four corners in turn) with so much more on each side. */
function growSheet(sheet: Ring, by: Mm): Ring {
	const [ax, ay, bx, by_, , , dx, dy] = sheet as [number, number, number, number, number, number, number, number];
	const unit = (x: number, y: number) => {
		const length = Math.hypot(x, y) || 1;
		return [(x / length) * by, (y / length) * by] as const;
	};
	const [ux, uy] = unit(bx - ax, by_ - ay);
	const [vx, vy] = unit(dx - ax, dy - ay);
	const signs = [
		[-1, -1],
		[1, -1],
		[1, 1],
		[-1, 1]
	] as const;
	return signs.flatMap(([u, v], i) => [sheet[i * 2]! + u * ux + v * vx, sheet[i * 2 + 1]! + u * uy + v * vy]);
}
