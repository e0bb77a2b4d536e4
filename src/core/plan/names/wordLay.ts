import { markOf, type Lay } from '../../layout';
import { partOfPiece } from '../../piece';
import type { Project } from '../../project';
import { labelsOn } from '../laid/listDecoration';
import type { Plan } from '../types';
import { datumWords } from './datumWords';

/** One lay of a sheet in words: what is laid where, and which numbers are filled through it. */
export interface LayWords {
	/** `its top left mark 70 mm from the left, 35 mm from the top`; in a chain `its first column on numbers 4 and 12`. */
	readonly where: string;
	/** `fills 1 to 4, 9 to 12`. */
	readonly fills: string;
}

export function wordLay({ layout, units }: Pick<Project, 'layout' | 'units'>, plan: Pick<Plan, 'items' | 'faces'>, lay: Lay): LayWords {
	const part = partOfPiece(plan.faces, lay.part);
	const { which, x, y } = markOf(lay, part);
	const words = datumWords(part, units);
	const labelOf = labelsOn(layout, plan, lay.part);
	const numbersOf = (keys: readonly string[]) => {
		const own = new Set(keys);
		const items = plan.items.filter((item) => own.has(item.key) && item.part === lay.part);
		const before = items[0] ? labelOf(items[0]).slice(0, -String(items[0].number).length) : '';
		return joinNumbers(
			items.map(({ number }) => number),
			before
		);
	};
	const where =
		lay.dry.keys.length > 0
			? `its ${lay.dry.column} column over ${numbersOf(lay.dry.keys)}, which ${lay.dry.keys.length === 1 ? 'is' : 'are'} dry`
			: `its ${which}${which === 'middle' ? '' : ' mark'} ${words.across(x)}, ${words.down(y)}`;
	return { where, fills: `fills ${numbersOf(lay.items)}` };
}

/** `1 to 4, 9 and 12`; with what stands before each. */
function joinNumbers(numbers: readonly number[], before: string): string {
	const sorted = [...new Set(numbers)].sort((a, b) => a - b);
	const runs: [number, number][] = [];
	for (const number of sorted) {
		const last = runs.at(-1);
		if (last && number === last[1] + 1) last[1] = number;
		else runs.push([number, number]);
	}
	const texts = runs.flatMap(([from, to]) =>
		to - from > 1 ? [`${before}${from} to ${before}${to}`] : from === to ? [`${before}${from}`] : [`${before}${from}`, `${before}${to}`]
	);
	return texts.length < 2 ? texts.join('') : `${texts.slice(0, -1).join(', ')} and ${texts.at(-1)}`;
}
