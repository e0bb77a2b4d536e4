import { deepestPoint, flattenOutline } from '../../geometry';
import { holesIn, isBoxOutline, isOwnSurface, type MeasuredFace, type Part } from '../../piece';
import type { Mm } from '../../units';
import type { Hollow, Region } from './types';

/** Of outlines that were asked for before: it is searched for. */
const DEEPEST = new WeakMap<Part['outline'], Mm>();

/** A part as a region for patterns; with the face that it is on, the holes of the face in it, and its hollows where they are asked for. */
export function regionOf(part: Part, face?: Pick<MeasuredFace, 'parts' | 'gaps'>, withHollows = false): Region {
	const { id, width, height, outline } = part;
	const common = {
		width,
		height,
		salt: saltOf(id),
		holes: face ? holesIn(part, face) : [],
		hollows: face && withHollows ? hollowsOn(part, face) : [],
		touched: []
	};
	if (isBoxOutline(outline)) return { ...common, outline: null, deepest: Math.min(width, height) / 2 };
	const deepest = DEEPEST.get(outline) ?? deepestPoint(outline).depth;
	DEEPEST.set(outline, deepest);
	return { ...common, outline, deepest };
}

/** The outline of whatever on a part stands before or behind what it lies on; of the part too, where it lies behind. From the left and top edge of the part. */
function hollowsOn(part: Part, { parts }: Pick<MeasuredFace, 'parts'>): Hollow[] {
	const isOn = ({ on }: Part): boolean => {
		if (part.role === 'face' || (part.within && part.id.startsWith(`${part.face}/`)) || on === part.id) return true;
		const under = parts.find(({ id }) => id === on);
		return under !== undefined && isOn(under);
	};
	const steps = parts.filter((other) => isOwnSurface(other) && other.setOff !== 0 && isOn(other));
	return [...(part.setOff < 0 ? [part] : []), ...steps].map((step) => ({
		ring: flattenOutline(step.outline).map((value, i) => value + (i % 2 === 0 ? step.x - part.x : step.y - part.y)),
		low: step.setOff < 0 ? 'inside' : 'outside'
	}));
}

function saltOf(id: string): number {
	return [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 999_983, 7);
}
