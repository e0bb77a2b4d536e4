import { gatherMaterials, listTools, wordPaint } from '../../materials';
import { formatArea, formatLength, formatPour, formatRun, formatVolume, nameTape } from '../../units';
import { flowLines, type FlowLine } from '../flowLines';
import type { PageMaker } from './types';

/** What to pour, to buy and to lay out before work begins. */
export const makeShopping: PageMaker = {
	id: 'shopping',
	word: 'To buy',
	pages(project, plan, paper) {
		const { paints, products, jars, tools, keptBack } = plan.quantities;
		const { supplies, unmeasured: left } = plan;
		if (paints.length + products.length === 0 && left === null) return [];
		const materials = gatherMaterials(project.materials);
		const colourOf = (id: string) => project.palette.find((colour) => colour.id === id)?.name ?? id;
		const volumeOf = (ml: number) => formatVolume(ml, project.workshop.volumes);
		const pourOf = (ml: number) => formatPour(ml, project.workshop.volumes);
		const amount = (ml: number) => `${pourOf(ml).text} (${pourOf(ml).spoons})`;
		const head = (text: string): FlowLine => ({ text, bold: true, size: 4.2, before: 5, keep: 16 });
		const lines: FlowLine[] = [
			head('Pour'),
			...paints.map(({ colour, material, area, ml }): FlowLine => ({
				text: `${colourOf(colour)}, ${wordPaint(materials.get(material)).toLowerCase()}, ${formatArea(area, project.units)}`,
				right: amount(ml)
			})),
			...keptBack.map(({ colour, ml }): FlowLine => ({
				text: `Of ${colourOf(colour)}, a mix, more to keep back: closed, named and dated, for touching up`,
				indent: 6,
				right: pourOf(ml).text
			})),
			...products.map(({ material, area, ml }): FlowLine => ({
				text: [materials.get(material)?.name ?? material, area > 0 ? `${formatArea(area, project.units)}` : ''].filter(Boolean).join(', '),
				right: amount(ml)
			})),
			...products.flatMap(({ material, mixed }): FlowLine[] =>
				mixed.length === 0
					? []
					: [
							{
								text: `${materials.get(material)?.name ?? material} is mixed of ${mixed.map((one) => `${volumeOf(one.ml).text} of ${one.of}`).join(' and ')}.`,
								indent: 6,
								size: 3.1
							}
						]
			),
			...(jars.length > 0 ? [head('Jars')] : []),
			...jars.map(({ colour, ml, left: rest, size, toBuy }): FlowLine => ({
				text: `${colourOf(colour)}: takes ${pourOf(ml).text}`,
				right:
					toBuy === null || rest === null || size === null
						? 'see what is left in the jar'
						: toBuy > 0
							? `buy ${toBuy} of ${volumeOf(size).text}`
							: `enough, ${volumeOf(rest).text} left`
			})),
			...(supplies.tapes.length + supplies.moulds.length + supplies.pieces.length + supplies.sheets.length > 0
				? [head('Tape, glue, moulds, sheets, ornaments')]
				: []),
			...supplies.tapes.map(({ width, length }): FlowLine => ({
				text: `Tape, ${nameTape(width, project.units)}`,
				right: formatRun(length, project.units)
			})),
			...(supplies.glue > 0 ? [{ text: 'Wood glue', right: amount(supplies.glue) }] : []),
			...supplies.moulds.map(({ name, casts }): FlowLine => ({
				text: `Mould, ${name}`,
				right: `${casts} cast${casts === 1 ? '' : 's'}`
			})),
			...supplies.sheets.map(({ name, count, width, height }): FlowLine => ({
				text: `${name}, ${formatLength(width, project.units).text} × ${formatLength(height, project.units).text}`,
				right: `${count} sheet${count === 1 ? '' : 's'}`
			})),
			...supplies.pieces.map(({ name, count }): FlowLine => ({
				text: `Ornament, ${name}`,
				right: `${count} piece${count === 1 ? '' : 's'}`
			})),
			...(left === null
				? []
				: [
						head('Not counted, because not measured'),
						{
							text: `${left.faces.map(({ name }) => name).join(', ')}: as large as such faces mostly are, they would take about`,
							size: 3.1
						},
						...left.paints.map(({ colour, ml }): FlowLine => ({ text: colourOf(colour), indent: 6, right: `${pourOf(ml).text} more` })),
						...left.products.map(({ material, ml }): FlowLine => ({
							text: materials.get(material)?.name ?? material,
							indent: 6,
							right: `${pourOf(ml).text} more`
						}))
					]),
			...(tools.length > 0 ? [head('Lay out')] : []),
			...listTools(tools, new Map(plan.order.map(({ coat, beginsAt }) => [coat, beginsAt]))).map(({ tool, count, wrap }): FlowLine => ({
				text: wrap ? `${tool}; wrap it between uses, it serves again` : tool,
				right: String(count)
			})),
			{ text: 'Cloths, gloves, a mask against dust and spray, and water for the tools.', size: 3.1, ink: 'soft', before: 3 }
		];
		return flowLines('To buy and lay out', `${project.piece.name} · with what brush and tray keep`, lines, paper);
	}
};
