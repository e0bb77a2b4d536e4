import type { Mm } from '../../units';
import { clampTo, meetFrom } from './joins';
import type { Pattern } from './types';

/** Beyond so many times its width no colour of a recess is thought of. */
const FAR = 4;

/** Colour in hollows and grooves only, wiped off the highs: the field is the distance to the nearest foot of a step. Source: craft 4. */
export const recess: Pattern<'recess'> = {
	id: 'recess',
	name: 'Recess colour',
	ends: () => ['in the hollows', 'on the highs'],
	reach: ({ width }) => Math.max(1, FAR * width),
	depthAt(field, x, y, { hollows }) {
		let nearest = recess.reach(field, NOWHERE);
		for (const ring of hollows)
			for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2)
				nearest = Math.min(nearest, distanceToSegment(x, y, ring[j]!, ring[j + 1]!, ring[i]!, ring[i + 1]!));
		return nearest;
	},
	meets: (field, colours) => meetFrom(field.width, colours, recess.reach(field, NOWHERE)),
	start: () => ({ pattern: 'recess', width: 6 }),
	grips: (field, { hollows }) =>
		hollows.slice(0, 1).map((ring) => {
			const [x, y] = [(ring[0]! + ring[2]!) / 2, (ring[1]! + ring[3]!) / 2];
			return {
				id: 'width',
				name: 'How far out of the hollow',
				x,
				y: y + field.width,
				along: 'down',
				value: field.width,
				moveTo: (_, to) => ({ ...field, width: clampTo(Math.round(2 * (to - y)) / 2, 0.5, 200) })
			};
		})
};

/** The reach of a recess does not hang on where it lies. */
const NOWHERE = { width: 0, height: 0, outline: null, deepest: 0, salt: 0, hollows: [], touched: [] };

function distanceToSegment(x: Mm, y: Mm, x0: Mm, y0: Mm, x1: Mm, y1: Mm): Mm {
	const [dx, dy] = [x1 - x0, y1 - y0];
	const square = dx * dx + dy * dy;
	const t = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - x0) * dx + (y - y0) * dy) / square));
	return Math.hypot(x - x0 - t * dx, y - y0 - t * dy);
}
