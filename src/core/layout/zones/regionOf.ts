import { deepestPoint } from '../../geometry';
import { isBoxOutline, type Part } from '../../piece';
import type { Region } from './types';

/** A part as a region for patterns. */
export function regionOf({ id, width, height, outline }: Pick<Part, 'id' | 'width' | 'height' | 'outline'>): Region {
	const salt = saltOf(id);
	if (isBoxOutline(outline)) return { width, height, outline: null, deepest: Math.min(width, height) / 2, salt };
	return { width, height, outline, deepest: deepestPoint(outline).depth, salt };
}

function saltOf(id: string): number {
	return [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 999_983, 7);
}
