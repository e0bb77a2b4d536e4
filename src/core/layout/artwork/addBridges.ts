import { FLATNESS, subtractRings, type Ring } from '../../geometry';
import type { Mm } from '../../units';
import { measureMotif } from '../measureMotif';
import type { Motif } from '../motif';
import type { Bridge } from './proposeBridges';

/** A bridge goes so far into what it joins, as a share of its width: at a corner it would hang on by half of itself else. */
const INTO = 1;

/** A motif with bridges left uncut, each so wide (mm, at scale 1): its openings as one path of chords, less the bridges. Source: methods 6. Throws RangeError where the width is not more than 0. */
export function addBridges(motif: Motif, bridges: readonly Bridge[], width: Mm): Motif {
	if (!(width > 0)) throw new RangeError(`a bridge has a width above 0, got ${width}`);
	const rings = subtractRings(
		measureMotif(motif).rings,
		bridges.map((bridge) => stripOf(bridge, width))
	);
	return { ...motif, paths: [{ d: rings.map(writeRing).join(''), rule: 'evenodd' }] };
}

function stripOf({ from, to, length }: Bridge, width: Mm): Ring {
	const [ux, uy] = length > FLATNESS ? [(to.x - from.x) / length, (to.y - from.y) / length] : [1, 0];
	const [ax, ay] = [from.x - ux * width * INTO, from.y - uy * width * INTO];
	const [bx, by] = [to.x + ux * width * INTO, to.y + uy * width * INTO];
	const [nx, ny] = [(-uy * width) / 2, (ux * width) / 2];
	return [ax + nx, ay + ny, bx + nx, by + ny, bx - nx, by - ny, ax - nx, ay - ny];
}

function writeRing(ring: Ring): string {
	const points = Array.from({ length: ring.length / 2 }, (_, i) => `${figure(ring[2 * i]!)} ${figure(ring[2 * i + 1]!)}`);
	return `M${points.join('L')}Z`;
}

/** To a hundredth of a mm: finer than any sheet is cut. */
function figure(mm: Mm): string {
	return String(Math.round(mm * 100) / 100);
}
