import type { Coat, CoatParts } from './schema';

/** New steps as remedies and the interface add them. Ids are made free when they are inserted. */
export const newDust = (on: CoatParts): Coat => ({ kind: 'dust', id: 'dust', wait: null, on });
export const newClean = (on: CoatParts): Coat => ({ kind: 'clean', id: 'clean', wait: null, material: 'degreaser-no-rinse', on });
export const newPrime = (on: CoatParts): Coat => ({ ...filmOf('prime', 'water-primer', 1), kind: 'prime', on });
export const newBase = (on: CoatParts, colour: string, material: string): Coat => ({
	...filmOf('base', material, 1),
	kind: 'base',
	on,
	colour
});
export const newClear = (on: CoatParts): Coat => ({ ...filmOf('clear', 'clear-coat', 2), kind: 'clear', on });
export const newWax = (on: CoatParts): Coat => ({ ...filmOf('wax', 'clear-wax', 1), kind: 'wax', on, applicator: 'cloth' });
export const newHardwareOn = (): Coat => ({ kind: 'hardware-on', id: 'hardware-on', wait: null });

function filmOf(id: string, material: string, times: number) {
	return { id, wait: null, material, times, thickness: 1, applicator: 'brush' as const };
}
