import { nameSurfaces, wordSection, type OrderStep, type Plan } from '../../plan';
import { colourOf, isFilm, type Coat } from '../../layers';
import { gatherMaterials } from '../../materials';
import { formatFilm, formatLatest, formatWait, formatWork, toDegrees, type LengthUnit } from '../../units';
import { flowLines, type FlowLine } from '../flowLines';
import type { PageMaker } from './types';

/** Stands in the heading once, for every step. */
const SAID_ABOVE = 'The label on the tin comes first.';

/** The coats in their order: on what, how often, how long to wait and what ready looks like, with the cautions at the step. */
export const makeOrder: PageMaker = {
	id: 'order',
	word: 'Order of coats',
	pages(project, plan, paper) {
		if (plan.order.length === 0) return [];
		const materials = gatherMaterials(project.materials);
		const lines = plan.order.flatMap((step): FlowLine[] => {
			const coat = project.finish.coats.find(({ id }) => id === step.coat)!;
			const source = colourOf(coat);
			const colour = typeof source === 'string' ? project.palette.find(({ id }) => id === source)?.name : undefined;
			const zone =
				source !== null && typeof source !== 'string' ? project.layout.zones.find(({ id }) => id === source.zone)?.name : undefined;
			const material = step.material === null ? '' : (materials.get(step.material)?.name ?? '');
			const through = project.layout.arrangements.find(({ id }) => id === step.through)?.name;
			const what = [
				step.detail,
				through,
				colour ?? zone,
				material,
				step.times > 1 ? `${step.times} coats` : '',
				thicknessOf(coat, step, project.units)
			]
				.filter(Boolean)
				.join(', ');
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
								text: `On ${nameSurfaces(step.surfaces, plan)}.`,
								indent: 6,
								size: 3.1,
								ink: 'soft' as const
							}
						]
					: []),
				...workOf(step),
				...step.how.map((text): FlowLine => ({ text: `· ${text}`, indent: 6, size: 3.1 })),
				...sectionsOf(step, plan, project.units),
				...overruledAt(step, plan),
				...notesAt(step, plan),
				...(step.ready
					? [{ text: `Ready looks like: ${[step.ready, step.misleads].filter(Boolean).join(' ')}`, indent: 6, size: 3.1 }]
					: []),
				...step.cautions
					.filter((text) => text !== SAID_ABOVE)
					.map((text): FlowLine => ({ text: `! ${text}`, indent: 6, size: 3.1, ink: 'ember' }))
			];
		});
		const { temperature, humidity, degrees = 'C' } = project.workshop;
		return flowLines(
			'The order of the coats',
			`${project.piece.name} · waits for ${Math.round(toDegrees(temperature, degrees))} °${degrees} and ${humidity} % humidity · the labels of your own tins come first`,
			lines,
			paper
		);
	}
};

/** Where it is laid thinner or heavier than plain: two coats of one paint are told from each other by it. */
function thicknessOf(coat: Coat, { traits, film, times }: OrderStep, unit: LengthUnit): string {
	if (!isFilm(coat) || traits.raised || coat.thickness === 1) return '';
	return `${coat.thickness < 1 ? 'thin' : coat.thickness < 2 ? 'thick' : 'heavy'}: ${formatFilm(film / times, unit)} each when dry`;
}

function workOf({ work, between }: OrderStep): FlowLine[] {
	const text = [
		work >= 1 ? `About ${formatWork(work)} of work.` : '',
		between > 0 ? `Between its coats ${formatWait(between)}.` : ''
	].filter(Boolean);
	return text.length > 0 ? [{ text: text.join(' '), indent: 6, size: 3.1 }] : [];
}

/** What the painter decided otherwise stands at its step. */
function overruledAt({ coat }: OrderStep, { findings }: Plan): FlowLine[] {
	return findings.flatMap((finding) =>
		finding.coat === coat && finding.overruled !== null
			? [{ text: `Decided: ${finding.overruled}. (${finding.what})`, indent: 6, size: 3.1, ink: 'soft' as const }]
			: []
	);
}

/** Cautions of the rules at this step. */
function notesAt({ coat }: OrderStep, { findings }: Plan): FlowLine[] {
	return findings.flatMap((finding) =>
		finding.coat === coat && finding.kind === 'note' && finding.overruled === null
			? [{ text: `! ${finding.what} ${finding.why}`, indent: 6, size: 3.1, ink: 'ember' as const }]
			: []
	);
}

/** What is worked in sections: which they are, and how long each may take. Of coats that are worked one into the other with the last of them. */
function sectionsOf({ coat }: OrderStep, plan: Plan, unit: LengthUnit): FlowLine[] {
	return plan.wetWork.flatMap(({ coats, open, sections }): FlowLine[] => {
		if (coats.at(-1) !== coat || open === null || sections.length < 2) return [];
		const together = coats.length > 1 ? 'All that is worked together in sections' : 'In sections';
		return [
			{ text: `${together}, each done within ${formatLatest(open)}:`, indent: 6, size: 3.1, keep: 10 },
			...sections.map((section, i): FlowLine => ({
				text: `Section ${i + 1}: ${wordSection(plan, section, unit)}`,
				right: `about ${formatWork(section.minutes)}${section.mists > 0 ? `, misted ${section.mists === 1 ? 'once' : 'twice'}` : ''}`,
				indent: 10,
				size: 3.1
			}))
		];
	});
}
