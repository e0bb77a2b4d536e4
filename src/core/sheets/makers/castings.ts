import { crossesGap, dryOf, listCasts } from '../../layout';
import { gatherMaterials } from '../../materials';
import { materialOf, whereOf, type Coat } from '../../layers';
import { partOfPiece } from '../../piece';
import { datumWords, labelsOn, namePlace, type ItemRow, type Plan } from '../../plan';
import type { Project } from '../../project';
import { formatFine, formatLength, formatPour, formatWork, type Mm } from '../../units';
import { flowLines, type FlowLine } from '../flowLines';
import type { PageMaker } from './types';

/** What is cast and glued: how many of each mould, the clay, the trims of each run, cuts along gaps, and the time at the bench before any glue. Source: methods 8. */
export const makeCastings: PageMaker = {
	id: 'castings',
	word: 'Castings',
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
	const { casts, motifs } = listCasts(plan.items, project.layout.motifs, where, material?.casting);
	const isPiece = material?.casting?.piece ?? false;
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
			right: `${casts.length} ${isPiece ? 'ornaments' : 'casts'}: ${formatWork(step.bench)} at the bench, then ${formatWork(step.work - step.bench)} to glue`
		},
		...motifs.map(({ motif, count, clay, grams }): FlowLine => {
			const { mould } = motif;
			const dry = isPiece ? 1 : dryOf(motif);
			const size = `${write(motif.width * dry)} by ${write(motif.height * dry)}${isPiece ? '' : ' when dry'}`;
			const high = mould ? `, ${formatFine(mould.height, project.units).text} high` : '';
			const heavy = grams === null ? '' : `, about ${Math.round(grams)} g each`;
			return {
				text: `${count} of ${motif.name}: ${size}${high}${heavy}`,
				indent: 6,
				...(mould && !isPiece ? { right: formatPour(clay, project.workshop.volumes).text } : {})
			};
		}),
		...notes.map(({ part, text }): FlowLine => ({ text: `${namePlace(plan, part)}: ${text}.`, indent: 6, size: 3.1 })),
		...(crossing.length > 0
			? [
					{
						text: `Across gaps, to be cut when the glue is dry: ${crossing.map((pieces) => placeOf(pieces, plan, project)).join('; ')}.`,
						indent: 6,
						size: 3.1,
						before: 1.5
					}
				]
			: [])
	];
}

function placeOf(pieces: readonly ItemRow[], plan: Plan, { layout, units }: Project): string {
	const { centre, part: id } = pieces[0]!;
	const part = partOfPiece(plan.faces, id);
	const words = datumWords(part, units);
	const on = pieces.map((piece) => namePlace(plan, piece.part)).join(' and ');
	const of = pieces.length > 1 ? ` of ${namePlace(plan, id)}` : '';
	return `number ${labelsOn(layout, plan, id)(pieces[0]!)} on ${on} (its centre ${words.across(centre.x)}${of}, ${words.down(centre.y)})`;
}
