import type { Mm } from '../../../../units';
import type { RunWish } from '../types';

/** What is left of a run between its margins, mm. */
export function clearLength(wish: RunWish): Mm {
	return wish.length - 2 * wish.margin;
}
