import { nameSurface } from '../../plan';
import { gatherMaterials } from '../../materials';
import { formatDuration } from '../../units';
import { flowLines, type FlowLine } from '../flowLines';
import type { PageMaker } from './types';

/** Stands in the heading once, for every step. */
const SAID_ABOVE = 'The label on the tin comes first.';

/** The coats in their order: on what, how often, how long to wait and what ready looks like, with the cautions at the step. */
export const makeOrder: PageMaker = {
	id: 'order',
	pages(project, plan, paper) {
		if (plan.order.length === 0) return [];
		const materials = gatherMaterials(project.materials);
		const all = plan.quantities.surfaces.length;
		const lines = plan.order.flatMap((step): FlowLine[] => {
			const coat = project.finish.coats.find(({ id }) => id === step.coat)!;
			const colour = 'colour' in coat ? project.palette.find(({ id }) => id === coat.colour)?.name : undefined;
			const material = step.material === null ? '' : (materials.get(step.material)?.name ?? '');
			const through = coat.kind === 'stencil' ? project.layout.arrangements.find(({ id }) => id === coat.arrangement)?.name : undefined;
			const what = [through, colour, material, step.times > 1 ? `${step.times} coats` : ''].filter(Boolean).join(', ');
			const wait = step.waitBefore > 0 ? `wait ${formatDuration(step.waitBefore)} first` : undefined;
			return [
				{
					text: `${step.at + 1}. ${step.title}${what ? `: ${what}` : ''}`,
					bold: true,
					before: 3,
					keep: 14,
					...(wait ? { right: wait } : {})
				},
				...(step.surfaces.length > 0
					? [
							{
								text: `On ${step.surfaces.length === all ? 'all of it' : step.surfaces.map((surface) => nameSurface(plan, surface)).join(', ')}.`,
								indent: 6,
								size: 3.1,
								ink: 'soft' as const
							}
						]
					: []),
				...(step.times > 1 && step.recoat > 0 ? [{ text: `Between its coats ${formatDuration(step.recoat)}.`, indent: 6, size: 3.1 }] : []),
				...(step.ready ? [{ text: `Ready looks like: ${step.ready}`, indent: 6, size: 3.1 }] : []),
				...step.cautions
					.filter((text) => text !== SAID_ABOVE)
					.map((text): FlowLine => ({ text: `! ${text}`, indent: 6, size: 3.1, ink: 'ember' }))
			];
		});
		const { temperature, humidity } = project.workshop;
		return flowLines(
			'The order of the coats',
			`${project.piece.name} · waits for ${temperature} °C and ${humidity} % humidity · the labels of your own tins come first`,
			lines,
			paper
		);
	}
};
