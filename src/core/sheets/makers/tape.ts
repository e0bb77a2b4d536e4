import { metresOfTape, type Taping } from '../../layout';
import { datumOf, isBoxOutline, partOfPiece } from '../../piece';
import { datumWords, namePlace, type Plan } from '../../plan';
import type { Project } from '../../project';
import { formatLength, formatRun, nameTape, type LengthUnit, type Mm } from '../../units';
import { flowLines, type FlowLine } from '../flowLines';
import type { PageMaker } from './types';

/** Where the tapes go: every edge from the edge of its part, the order of laying, masks and spacers, and metres of each. Source: methods 5. */
export const makeTape: PageMaker = {
	id: 'tape',
	word: 'Tape',
	pages(project, plan, paper) {
		const taped = plan.arrangements.filter(({ taping }) => taping.some(({ strips }) => strips.length > 0));
		if (taped.length === 0) return [];
		const lines = taped.flatMap(({ arrangement: id, taping }): FlowLine[] => {
			const { name } = project.layout.arrangements.find((one) => one.id === id)!;
			return [
				{
					text: name,
					bold: true,
					size: 4.2,
					before: 5,
					keep: 24,
					right: metresIn(
						taping.flatMap(({ strips }) => strips),
						project
					)
				},
				...likeParts(taping, plan).flatMap(({ parts, taping: one }) => tapeLines(parts, one, plan, project))
			];
		});
		return flowLines(
			'Tape',
			`${project.piece.name} · figures from the edge that is named · press every edge down · pull it while the paint is wet`,
			lines,
			paper
		);
	}
};

/** Parts that are taped alike are told once. */
function likeParts(taping: readonly Taping[], plan: Plan): { readonly parts: string; readonly taping: Taping }[] {
	const likes = new Map<string, { readonly names: string[]; readonly taping: Taping }>();
	for (const { part, ...rest } of taping) {
		const shape = partOfPiece(plan.faces, part);
		const key = JSON.stringify({ ...rest, datum: datumOf(shape) }, (_, value: unknown) =>
			typeof value === 'number' ? value.toFixed(3) : value
		);
		const known = likes.get(key) ?? { names: [], taping: { part, ...rest } };
		if (!known.names.includes(namePlace(plan, part))) known.names.push(namePlace(plan, part));
		likes.set(key, known);
	}
	return [...likes.values()].map(({ names, taping: one }) => ({ parts: names.join(', '), taping: one }));
}

/** Where the figures of a part are told from, and how one is written. */
function figuresOf(
	{ part: id, from, along, middle }: Taping,
	plan: Plan,
	unit: LengthUnit
): { readonly from: string; readonly write: (mm: Mm) => string } {
	const write = (mm: Mm) => formatLength(mm, unit).text;
	const part = partOfPiece(plan.faces, id);
	const words = datumWords(part, unit);
	if (along === 'slanted' && middle !== undefined && !isBoxOutline(part.outline)) {
		const off = (mm: Mm) => (Math.abs(mm - middle) < 0.25 ? 'on it' : `${write(Math.abs(mm - middle))} ${mm < middle ? 'before' : 'past'}`);
		return { from: 'from a line through its middle at that angle, which is drawn first', write: off };
	}
	if (along === 'slanted') return { from: 'from its first corner', write };
	const own = from === 'left' ? words.datum.across : from === 'top' ? words.datum.down : from;
	const figure = from === 'left' ? words.acrossFigure : from === 'top' ? words.downFigure : write;
	if (own === 'centre')
		return { from: `from its ${from === 'left' ? 'upright' : 'level'} centre line, which is drawn first`, write: figure };
	return { from: own === 'outline' ? 'from its edge inwards' : `from its ${own} edge`, write: figure };
}

const ALONG: Readonly<Record<Taping['along'], string>> = {
	level: 'tapes run level',
	upright: 'tapes run upright',
	slanted: 'tapes run at the angle, figures square to them',
	round: 'tapes run round it',
	edge: 'tapes follow its edge'
};

function tapeLines(parts: string, taping: Taping, plan: Plan, project: Project): FlowLine[] {
	const { along, side, edges, strips } = taping;
	const { from, write } = figuresOf(taping, plan, project.units);
	const text = strips.map(({ from: a, to: b, use, tapes }, i) => {
		const made = tapes.length === 0 ? '' : ` (${tapes.map((tape) => nameTape(tape, project.units)).join(' + ')})`;
		return `${i + 1}. ${use} ${write(a)} to ${write(b)}${made}`;
	});
	return [
		{ text: parts, bold: true, before: 2.5, keep: 14 },
		{
			text: `Edges of paint, ${from}; ${side ? `tapes follow it at its ${side}` : ALONG[along]}: ${edges.map(write).join(' · ')}.`,
			indent: 6,
			size: 3.1
		},
		{ text: `Lay, in this order: ${text.join('; ')}.`, indent: 6, size: 3.1 },
		...(strips.some(({ use }) => use === 'spacer')
			? [
					{
						text: 'Spacers are pulled before painting; masks stay until the paint is on, and come off while it is wet.',
						indent: 6,
						size: 3.1,
						ink: 'soft' as const
					}
				]
			: [])
	];
}

function metresIn(strips: Taping['strips'], project: Project): string {
	return metresOfTape(strips)
		.map(({ tape, metres }) => `${formatRun(metres * 1000, project.units)} of ${nameTape(tape, project.units)}`)
		.join(', ');
}
