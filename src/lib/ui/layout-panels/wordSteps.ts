import type { Plan } from '$core/plan';

/** The coats that something lies in, by their places in the order: `stencil (6), stencil (7)`; '' where there is none yet. */
export function wordSteps({ order }: Pick<Plan, 'order'>, steps: readonly number[]): string {
	return steps.map((at) => `${order[at]!.title.toLowerCase()} (${at + 1})`).join(', ');
}
