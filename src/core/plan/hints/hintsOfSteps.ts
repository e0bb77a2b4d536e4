import { openingsOn, type ArrangementPlan, type LaidItem } from '../../layout';
import { doesMove, isOwnSurface, type MeasuredPiece } from '../../piece';
import type { Project } from '../../project';
import type { Issue, Mm } from '../../units';
import { pathOf } from './itemsOfLayer';

/** What stands off by less than that a sheet follows, pressed down, mm. */
const STEP: Mm = 1.5;

/**
 * Motifs across the edge of what stands back or forward on its face: a sheet does not lie flat there, an inlay is seen to jump. What moves is
 * told by its gaps. Source: craft 5 and 8.
 */
export function hintsOfSteps(project: Project, laid: readonly ArrangementPlan[], piece: Pick<MeasuredPiece, 'faces'>): Issue[] {
	const steps = piece.faces.flatMap((face) =>
		face.parts
			.filter((part) => isOwnSurface(part) && !doesMove(part) && Math.abs(part.setOff) >= STEP)
			.map((part) => ({ part, beside: part.on ?? face.id }))
	);
	if (steps.length === 0) return [];
	return laid.flatMap(({ arrangement, items }): Issue[] => {
		const openings = openingsOn(items, piece);
		const across = new Set<LaidItem>();
		const met = steps.filter(({ part, beside }) => {
			const around = new Set((openings.get(beside) ?? []).map(({ item }) => item));
			const both = (openings.get(part.id) ?? []).filter(({ item }) => item.motif !== null && around.has(item));
			for (const { item } of both) across.add(item);
			return both.length > 0;
		});
		if (met.length === 0) return [];
		const [{ part }] = met as [(typeof met)[0]];
		const values = { count: across.size, part: part.name, by: Math.abs(part.setOff), back: part.setOff < 0 ? 1 : 0 };
		return [{ code: 'layout.over-step', path: pathOf(project, arrangement), values }];
	});
}
