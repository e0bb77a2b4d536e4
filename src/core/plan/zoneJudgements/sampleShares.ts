import { depthOnPart, joinsOf, sharesAtDepth, type LaidField, type Zone } from '../../layout';
import type { Box } from '../../piece';

const GRID = 6;

/** Mean share of each stretch of a zone within a box of a part (mm from its left and top edge), from a few points of the field. */
export function sampleShares(zone: Zone, laid: LaidField, box: Box): number[] {
	const joins = joinsOf(zone, laid.region);
	const sums = new Array<number>(joins.length + 1).fill(0);
	for (let row = 0; row < GRID; row++)
		for (let column = 0; column < GRID; column++) {
			const [x, y] = [box.x + ((column + 0.5) * box.width) / GRID, box.y + ((row + 0.5) * box.height) / GRID];
			sharesAtDepth(joins, depthOnPart(zone.field, laid, x, y)).forEach((share, i) => (sums[i]! += share));
		}
	return sums.map((sum) => sum / GRID ** 2);
}
