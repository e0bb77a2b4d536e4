import type { Plan } from '../types';

export type Stage = 'measuring' | 'laying-out' | 'ordering' | 'ready';

/** How far a piece has come: the first thing on the way to the bench that is still open. */
export function stageOf(plan: Plan): Stage {
	if (plan.errors.some(({ path }) => path.startsWith('piece'))) return 'measuring';
	if (plan.errors.length > 0 || (plan.zones.length === 0 && plan.items.length === 0)) return 'laying-out';
	if (plan.findings.some(({ overruled, kind }) => overruled === null && kind !== 'note')) return 'ordering';
	return 'ready';
}
