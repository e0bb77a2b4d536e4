import { crossesGap, dryOf, listCasts, type LaidItem } from '../../layout';
import { gatherMaterials } from '../../materials';
import { materialOf, whereOf, type Coat } from '../../layers';
import { namePlace, type Plan } from '../../plan';
import type { Project } from '../../project';
import { formatFine, formatLength, formatPour, formatWork, type Mm } from '../../units';
import { flowLines, type FlowLine } from '../flowLines';
import type { PageMaker } from './types';

/** What is cast and glued: how many of each mould, the clay, the trims of each run, cuts along gaps, and the time at the bench before any glue. Source: methods 8. */
export const makeCastings: PageMaker = {
	id: 'castings',
	pages(project, plan, paper) {
		const glued = new Set(plan.order.flatMap(({ coat, traits }) => (traits.glued ? [coat] : [])));
		const lines = project.finish.coats.filter(({ id }) => glued.has(id)).flatMap((coat) => linesOf(coat, plan, project));
		if (lines.length === 0) return [];
		return flowLines('Castings', `${project.piece.name} · lay all of it out dry before anything is glued`, lines, paper);
	}
};

function linesOf(coat: Coat, plan: Plan, project: Project): FlowLine[] {
	const where = whereOf(coat);
	const material = materialOf(coat, gatherMaterials(project.materials));
	const { casts, motifs } = listCasts(plan.items, project.layout.motifs, where, material?.casting?.density);
	const step = plan.order.find((one) => one.coat === coat.id);
	if (casts.length === 0 || !step) return [];
	const write = (mm: Mm) => formatLength(mm, project.units).text;
	const notes = plan.arrangements.find(({ arrangement }) => arrangement === where.through)?.notes ?? [];
	const crossing = casts.filter(crossesGap);
	return [
		{
			text: step.label,
			bold: true,
			size: 4.2,
			before: 5,
			keep: 24,
			right: `${casts.length} casts: ${formatWork(step.bench)} at the bench, then ${formatWork(step.work - step.bench)} to glue`
		},
		...motifs.map(({ motif, count, clay, grams }): FlowLine => {
			const { mould } = motif;
			const dry = `${write(motif.width * dryOf(motif))} by ${write(motif.height * dryOf(motif))}`;
			const high = mould ? `, ${formatFine(mould.height, project.units).text} high` : '';
			const heavy = grams === null ? '' : `, about ${Math.round(grams)} g each`;
			return {
				text: `${count} of ${motif.name}: ${dry} when dry${high}${heavy}`,
				indent: 6,
				right: mould ? formatPour(clay, project.workshop.volumes).text : ''
			};
		}),
		...notes.map(({ part, text }): FlowLine => ({ text: `${namePlace(plan, part)}: ${text}.`, indent: 6, size: 3.1 })),
		...(crossing.length > 0
			? [
					{
						text: `Across gaps, to be cut when the glue is dry: ${crossing.map((pieces) => placeOf(pieces, plan, write)).join('; ')}.`,
						indent: 6,
						size: 3.1,
						before: 1.5
					}
				]
			: [])
	];
}

function placeOf(pieces: readonly LaidItem[], plan: Plan, write: (mm: Mm) => string): string {
	const { index, left, top, part } = pieces[0]!;
	const on = pieces.map((piece) => namePlace(plan, piece.part)).join(' and ');
	const from = pieces.length > 1 ? ` of ${namePlace(plan, part)}` : '';
	return `number ${index + 1} on ${on} (${write(left)} from the left${from}, ${write(top)} from the top)`;
}
