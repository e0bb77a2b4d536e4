import { partsOnFace, type MeasuredFace, type Part } from '../../piece';
import { datumWords, nameParts, type Plan } from '../../plan';
import type { Project } from '../../project';
import { formatFine } from '../../units';
import { flowLines, type FlowLine } from '../flowLines';
import type { Page } from '../page';

/** Where the holes of hardware are drilled, or are, and which old ones are filled: centres on each part of a face, from edges that a tape can be hooked on. None where there are none. */
export function describeHoles(project: Project, plan: Plan, face: MeasuredFace, paper: Project['paper']): Page[] {
	const likes = new Map<string, { readonly parts: Part[]; readonly lines: readonly string[] }>();
	for (const part of partsOnFace(face).filter(({ role }) => role !== 'frame')) {
		/** What is fixed to a part is told on it, not on its face again. */
		const lines = part.role === 'face' ? ownLines(face, project) : linesOf(part, part.hardware, part.filled, project);
		if (lines.length === 0) continue;
		const key = lines.join('\n');
		likes.set(key, { parts: [...(likes.get(key)?.parts ?? []), part], lines });
	}
	if (likes.size === 0) return [];
	const lines = [...likes.values()].flatMap(({ parts, lines: own }): FlowLine[] => [
		{ text: nameParts(parts, plan), bold: true, before: 3, keep: 14 },
		{ text: `${datumWords(parts[0]!, project.units).first}.`, indent: 6, size: 3.1, ink: 'soft' },
		...own.map((text) => ({ text, indent: 6, size: 3.1 }))
	]);
	return flowLines(`Hole centres: ${face.name}`, `${project.piece.name} · try each on the hardware itself before you drill`, lines, paper);
}

/** Of the face itself, without what is fixed to its parts. */
function ownLines(face: MeasuredFace, project: Project): string[] {
	const isOnPart = ({ x, y }: { readonly x: number; readonly y: number }) =>
		face.parts.some((part) =>
			[...part.hardware.flatMap(({ holes }) => holes), ...part.filled].some(
				(hole) => Math.hypot(part.x + hole.x - x, part.y + hole.y - y) < 0.01
			)
		);
	const hardware = face.whole.hardware.map((one) => ({ ...one, holes: one.holes.filter((hole) => !isOnPart(hole)) }));
	return linesOf(
		face.whole,
		hardware,
		face.whole.filled.filter((hole) => !isOnPart(hole)),
		project
	);
}

function linesOf(part: Part, hardware: Part['hardware'], filled: Part['filled'], { units }: Project): string[] {
	const words = datumWords(part, units);
	const say = ({ x, y, diameter }: Part['filled'][0]) =>
		`${formatFine(diameter, units).text} wide, its centre ${words.across(x)}, ${words.down(y)}`;
	return [
		...hardware.flatMap(({ holes }) => holes.map((hole) => `Hole ${say(hole)}.`)),
		...filled.map((hole) => `Old hole to fill, ${say(hole)}.`)
	];
}
