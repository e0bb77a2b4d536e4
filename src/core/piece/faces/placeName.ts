import { isInsideOutline } from '../../geometry';
import type { Mm } from '../../units';
import type { Part } from './parts';

/** Lines that are tried down a part. */
const MOST_LINES = 60;

/**
 * Where the name of a part is written on it, letters `size` mm high: as far up and left as its outline leaves it room
 * (left end of its base line, from the left and the top of the part, mm); null where there is none.
 */
export function placeName({ name, width, height, outline }: Part, size: Mm): { readonly x: Mm; readonly y: Mm } | null {
	const long = name.length * size * 0.5;
	const margin = size * 0.6;
	for (let y = size * 1.4; y < height - margin; y += Math.max(size, height / MOST_LINES))
		for (let x = margin; x + long < width; x += Math.max(size, width / 12)) {
			const corners = [
				{ x, y },
				{ x, y: y - size },
				{ x: x + long, y },
				{ x: x + long, y: y - size }
			];
			if (corners.every((corner) => isInsideOutline(outline, corner))) return { x, y };
		}
	return null;
}
