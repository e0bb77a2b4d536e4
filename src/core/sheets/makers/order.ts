import { nameSurface, type OrderStep } from '../../plan';
import { colourOf } from '../../layers';
import { gatherMaterials } from '../../materials';
import { formatWait, formatWork } from '../../units';
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
			const source = colourOf(coat);
			const colour = typeof source === 'string' ? project.palette.find(({ id }) => id === source)?.name : undefined;
			const zone =
				source !== null && typeof source !== 'string' ? project.layout.zones.find(({ id }) => id === source.zone)?.name : undefined;
			const material = step.material === null ? '' : (materials.get(step.material)?.name ?? '');
			const through = project.layout.arrangements.find(({ id }) => id === step.through)?.name;
			const what = [step.detail, through, colour ?? zone, material, step.times > 1 ? `${step.times} coats` : ''].filter(Boolean).join(', ');
			const waitFor = plan.order.find(({ coat: id }) => id === step.waitFor);
			const why = waitFor && waitFor.at !== step.at - 1 ? ` after step ${waitFor.at + 1}` : '';
			const wait = step.waitBefore > 0 ? `wait ${formatWait(step.waitBefore)} first${why}` : undefined;
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
				...workOf(step),
				...step.how.map((text): FlowLine => ({ text: `· ${text}`, indent: 6, size: 3.1 })),
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

function workOf({ work, between }: OrderStep): FlowLine[] {
	const text = [
		work >= 1 ? `About ${formatWork(work)} of work.` : '',
		between > 0 ? `Between its coats ${formatWait(between)}.` : ''
	].filter(Boolean);
	return text.length > 0 ? [{ text: text.join(' '), indent: 6, size: 3.1 }] : [];
}
