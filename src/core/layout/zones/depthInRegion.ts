import {
	depthInBox,
	depthInOutline,
	flattenOutline,
	levelInBox,
	offsetInwards,
	roundedDepthInBox,
	roundedLevelInBox,
	type Ring
} from '../../geometry';
import type { Mm } from '../../units';
import type { Level, Region } from './types';

/** Distance to the edge of a region, mm. */
export function depthInRegion(x: Mm, y: Mm, { width, height, outline }: Region, corners: 'square' | 'round'): Mm {
	if (outline !== null) return depthInOutline(outline, { x, y });
	return corners === 'round' ? roundedDepthInBox(x, y, width, height) : depthInBox(x, y, width, height);
}

/** What lies nearer to the edge of a region than a depth, mm. */
export function levelInRegion(depth: Mm, { width, height, outline }: Region, corners: 'square' | 'round'): Level {
	const inner = outline === null ? boxLevel(depth, width, height, corners) : depth <= 0 ? [] : offsetInwards(outline, depth, FLATNESS);
	const edge = outline === null ? [0, 0, width, 0, width, height, 0, height] : flattenOutline(outline, FLATNESS);
	return depth <= 0
		? { within: [], line: [{ points: edge, closed: true }], nested: true }
		: { within: [edge, ...inner], line: inner.map((points) => ({ points, closed: true })), nested: true };
}

/** Edge and level line in chords that stray as far, mm: what lies between them is right to a ten-thousandth all the same. */
const FLATNESS = 0.02;

function boxLevel(depth: Mm, width: Mm, height: Mm, corners: 'square' | 'round'): Ring[] {
	const ring = corners === 'round' ? roundedLevelInBox(depth, width, height) : levelInBox(depth, width, height);
	return ring === null ? [] : [ring];
}
