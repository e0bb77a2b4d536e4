import { offsetRing, uniteRings, type Ring } from '../../geometry';
import type { Mm } from '../../units';
import { clampTo, meetFrom } from './joins';
import type { Pattern } from './types';

/** Beyond so many times its width no colour of a recess is thought of. */
const FAR = 4;

/** On the high side of a step it is wiped off: there it thins out so many times as fast. */
const WIPED = 5;

/** Colour in hollows and grooves only, wiped off the highs: the field is the distance to the nearest foot of a step. Source: craft 4. */
export const recess: Pattern<'recess'> = {
	id: 'recess',
	name: 'Recess colour',
	ends: () => ['in the hollows', 'on the highs'],
	reach: ({ width }) => Math.max(1, FAR * width),
	depthAt(field, x, y, { hollows }) {
		let nearest = recess.reach(field, NOWHERE);
		for (const { ring, low } of hollows) {
			const { distance, inside } = distanceToRing(x, y, ring);
			nearest = Math.min(nearest, inside === (low === 'inside') ? distance : distance * WIPED);
		}
		return nearest;
	},
	level(field, depth, { width, height, hollows }) {
		const all: Ring = [0, 0, width, 0, width, height, 0, height];
		if (depth <= 0) return { within: [], line: hollows.map(({ ring }) => ({ points: ring, closed: true })) };
		if (depth > recess.reach(field, NOWHERE)) return { within: [all], line: [] };
		const beside = hollows.map(({ ring, low }) => {
			const [inwards, outwards] = low === 'inside' ? [depth, depth / WIPED] : [depth / WIPED, depth];
			return [...offsetRing(ring, outwards), ...offsetRing(ring, -inwards)];
		});
		const within = uniteRings(beside);
		return { within, line: within.map((points) => ({ points, closed: true })) };
	},
	meets: (field, colours) => meetFrom(field.width, colours, recess.reach(field, NOWHERE)),
	start: (_, round) => ({ pattern: 'recess', width: round(6) }),
	grips: (field, { hollows }) =>
		hollows.slice(0, 1).map(({ ring, low }) => {
			const [x, y] = [(ring[0]! + ring[2]!) / 2, (ring[1]! + ring[3]!) / 2];
			/** The first side of a ring is its top. */
			const down = low === 'inside' ? 1 : -1;
			return {
				id: 'width',
				name: 'How far out of the hollow',
				x,
				y: y + down * field.width,
				along: 'down',
				value: field.width,
				moveTo: (_, to) => ({ ...field, width: clampTo(Math.round(2 * down * (to - y)) / 2, 0.5, 200) })
			};
		})
};

/** The reach of a recess does not hang on where it lies. */
const NOWHERE = { width: 0, height: 0, outline: null, deepest: 0, salt: 0, holes: [], hollows: [], touched: [] };

/** From a point to the nearest side of a ring, and on which side of it the point lies. */
function distanceToRing(x: Mm, y: Mm, ring: Ring): { readonly distance: Mm; readonly inside: boolean } {
	let square = Infinity;
	let inside = false;
	for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
		const [x0, y0, dx, dy] = [ring[j]!, ring[j + 1]!, ring[i]! - ring[j]!, ring[i + 1]! - ring[j + 1]!];
		const length = dx * dx + dy * dy;
		const t = length === 0 ? 0 : Math.min(1, Math.max(0, ((x - x0) * dx + (y - y0) * dy) / length));
		const [offX, offY] = [x - x0 - t * dx, y - y0 - t * dy];
		square = Math.min(square, offX * offX + offY * offY);
		if (y0 > y !== y0 + dy > y && x < x0 + ((y - y0) / dy) * dx) inside = !inside;
	}
	return { distance: Math.sqrt(square), inside };
}
