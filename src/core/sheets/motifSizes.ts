import type { Motif } from '../layout';
import type { Plan } from '../plan';
import type { Project } from '../project';

/** Every motif that lies on the piece, in every scale in which it is laid, once each. */
export function motifSizes(
	{ layout }: Pick<Project, 'layout'>,
	plan: Pick<Plan, 'items'>
): { readonly motif: Motif; readonly scale: number }[] {
	const sizes = new Map(
		plan.items.flatMap(({ motif, scale }) => (motif === null ? [] : [[`${motif} ${scale.toFixed(4)}`, { motif, scale }] as const]))
	);
	return [...sizes.values()].flatMap(({ motif: id, scale }) => {
		const motif = layout.motifs.find((other) => other.id === id);
		return motif ? [{ motif, scale }] : [];
	});
}
