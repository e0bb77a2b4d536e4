import { namePlace, wordLay, wordSheetOffer, type Plan } from '../../plan';
import type { Project } from '../../project';
import { formatWait } from '../../units';
import { drawLays } from '../drawLays';
import { flowLines, type FlowLine } from '../flowLines';
import type { PageMaker } from './types';

const HOW = {
	chain: 'each lay over the last one, dry',
	middle: 'from the middle to both sides, each over one that is dry',
	marks: 'each by its own marks'
} as const;

/** The lays of raised work, round by round: where the first mark of the sheet goes, how it is turned, what it fills and what is masked. Source: methods 4. */
export const makeLays: PageMaker = {
	id: 'lays',
	word: 'Lays',
	pages(project, plan, paper) {
		const worked = plan.lays.filter(({ lays }) => lays.length > 0);
		if (worked.length === 0) return [];
		return [
			...worked.flatMap((one) => drawLays(one, plan, project, paper)),
			...flowLines(
				'Lays',
				`${project.piece.name} · marks are the corners of the design · numbers as on the pages of the parts`,
				worked.flatMap((one) => linesOf(one, plan, project)),
				paper
			)
		];
	}
};

function linesOf({ coat, mode, lays, choices, offer }: Plan['lays'][number], plan: Plan, project: Project): FlowLine[] {
	const step = plan.order.find((one) => one.coat === coat)!;
	const rounds = Math.max(...lays.map(({ round }) => round));
	const { least } = choices.find((choice) => choice.mode === mode)!;
	const wait = rounds > 1 ? `; ${formatWait(step.between)} between two rounds` : '';
	return [
		{
			text: step.label,
			bold: true,
			size: 4.2,
			before: 5,
			keep: 24,
			right: `${lays.length} lays, ${rounds} round${rounds === 1 ? '' : 's'}`
		},
		{
			text: `Worked ${HOW[mode]}${wait}.${least < rounds ? ` At least ${least} rounds: the best that was found.` : ''}`,
			size: 3.1,
			indent: 6
		},
		...(offer === null ? [] : [{ text: wordSheetOffer(project, offer), size: 3.1, indent: 6 }]),
		...Array.from({ length: rounds }, (_, round) => round + 1).flatMap((round): FlowLine[] => [
			{ text: `Round ${round}`, bold: true, before: 2.5, keep: 14 },
			...lays
				.filter((lay) => lay.round === round)
				.map((lay) => {
					const { where, fills } = wordLay(project, plan, lay);
					return {
						text: `${lay.number}. ${namePlace(plan, lay.part)}: ${where}${wordTurn(lay.turn)}; ${fills}`,
						indent: 6,
						size: 3.1,
						...(lay.masked > 0 ? { right: `${lay.masked} masked` } : {})
					};
				})
		])
	];
}

/** Once rounded, from 0 up to 360. */
function wordTurn(turn: number): string {
	const degrees = (((Math.round(turn * 10) / 10) % 360) + 360) % 360;
	return degrees === 0 ? '' : `, turned ${Math.round(degrees * 10) / 10} degrees clockwise`;
}
