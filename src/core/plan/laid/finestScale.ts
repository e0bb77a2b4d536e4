import { leastScale } from '../../layout';
import type { Project } from '../../project';
import type { Plan } from '../types';

/**
 * The least scale at which the sheets of an arrangement can be cut and let through what goes through them; 0 for what needs no sheet, and while the
 * figures of its motifs are not known. Source: methods 6.
 */
export function finestScale({ layout }: Pick<Project, 'layout'>, plan: Pick<Plan, 'arrangements' | 'motifs'>, arrangement: string): number {
	const one = plan.arrangements.find((other) => other.arrangement === arrangement);
	const figures = plan.motifs.find(({ motif }) => motif === one?.motif);
	const isCast = layout.motifs.some(({ id, mould }) => id === one?.motif && mould !== undefined);
	return one && figures && !isCast ? leastScale(figures.artwork, one.limits) : 0;
}
