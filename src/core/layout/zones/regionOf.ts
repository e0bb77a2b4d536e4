import { deepestPoint } from '../../geometry';
import { isBoxOutline, type Part } from '../../piece';
import type { Region } from './types';

/** A part as a region for patterns. */
export function regionOf({ width, height, outline }: Pick<Part, 'width' | 'height' | 'outline'>): Region {
	if (isBoxOutline(outline)) return { width, height, outline: null, deepest: Math.min(width, height) / 2 };
	return { width, height, outline, deepest: deepestPoint(outline).depth };
}
