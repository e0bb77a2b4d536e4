import { depthInBox, depthInOutline, roundedDepthInBox } from '../../geometry';
import type { Mm } from '../../units';
import type { Region } from './types';

/** Distance to the edge of a region, mm. */
export function depthInRegion(x: Mm, y: Mm, { width, height, outline }: Region, corners: 'square' | 'round'): Mm {
	if (outline !== null) return depthInOutline(outline, { x, y });
	return corners === 'round' ? roundedDepthInBox(x, y, width, height) : depthInBox(x, y, width, height);
}
