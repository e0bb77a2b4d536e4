import { tapeStep, type LengthUnit } from '$core/units';

const ARROWS: Readonly<Record<string, readonly [number, number]>> = {
	ArrowLeft: [-1, 0],
	ArrowRight: [1, 0],
	ArrowUp: [0, -1],
	ArrowDown: [0, 1]
};
/** So many steps of the tape with Shift: 10 mm, or half an inch. */
const FAR = { mm: 10, in: 8 } as const;

/** Which way an arrow key points, in steps across and down; null for another key. */
export function arrowWay(key: string): readonly [number, number] | null {
	return ARROWS[key] ?? null;
}

/** One step of an arrow key, mm. */
export function arrowStep(unit: LengthUnit, isFar: boolean): number {
	return tapeStep(unit) * (isFar ? FAR[unit] : 1);
}
