import type { Minutes } from '../../units';
import type { OrderStep } from '../types';

/** Work is told to the half hour: its rates are starting figures. */
const HALF_HOUR: Minutes = 30;

/** From the first step to the last, minutes, and the work in it with the washing up, rounded up. */
export function sumOrder(order: readonly OrderStep[]): { readonly whole: Minutes; readonly work: Minutes } {
	const work = order.reduce((sum, step) => sum + step.work + step.washing, 0);
	return { whole: order.at(-1)?.doneAt ?? 0, work: HALF_HOUR * Math.ceil(Math.max(0, work / HALF_HOUR - 1e-9)) };
}
