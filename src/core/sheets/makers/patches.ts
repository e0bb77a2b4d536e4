import { formatPour, formatWait } from '../../units';
import { flowLines, type FlowLine } from '../flowLines';
import type { PageMaker } from './types';

/** Boards that are tried before the piece: what goes on each, when, and the words for its back. */
export const makePatches: PageMaker = {
	id: 'patches',
	word: 'Boards to try',
	pages(project, plan, paper) {
		if (plan.patches.length === 0) return [];
		const lines = plan.patches.flatMap(({ label, steps, whole, back }): FlowLine[] => [
			{ text: label, bold: true, size: 4.2, before: 5, keep: 20, right: `begin it ${formatWait(whole)} ahead` },
			...steps.flatMap(({ label: step, times, wait, takes }, i): FlowLine[] => [
				{
					text: `${i + 1}. ${step}${times > 1 ? `, ${times} coats` : ''}`,
					indent: 4,
					...(wait > 0 ? { right: `wait ${formatWait(wait)} first` } : {})
				},
				...takes.map(({ name, ml }): FlowLine => ({
					text: name,
					indent: 10,
					size: 3.1,
					right: formatPour(ml, project.workshop.volumes).text
				}))
			]),
			{ text: 'On its back:', indent: 4, before: 3, size: 3.1, ink: 'soft' },
			...back.map((text): FlowLine => ({ text, indent: 10, size: 3.1 })),
			{ text: 'Laid on ............ by ............   Kept, changed or dropped: ............', indent: 10, size: 3.1, before: 2 }
		]);
		return flowLines('Boards to try first', `${project.piece.name} · boards of 10 by 15 cm, primed as the piece is`, lines, paper);
	}
};
