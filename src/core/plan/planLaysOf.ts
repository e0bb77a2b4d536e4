import { kindOfCoat, whereOf, type Coat } from '../layers';
import { itemsOfRole, planLays, type ArrangementPlan, type LaysPlan, type LaysSetting, type MotifInUse } from '../layout';
import type { MeasuredPiece } from '../piece';
import { remember } from './remember';

/** How every coat that is worked sheet by sheet is laid, by its id; each is worked out again only where something of it has changed. */
export function createLaysPlanner() {
	const kept = new Map<string, ReturnType<typeof newStep>>();
	return (
		coats: readonly Coat[],
		laid: readonly ArrangementPlan[],
		faces: MeasuredPiece['faces'],
		motifs: ReadonlyMap<string, MotifInUse>,
		hand: LaysSetting['hand']
	): ReadonlyMap<string, LaysPlan> =>
		new Map(
			coats.flatMap((coat) => {
				const wish = kindOfCoat(coat).lays(coat);
				const { through, role } = whereOf(coat);
				const plan = laid.find(({ arrangement }) => arrangement === through);
				if (wish === null || !plan) return [];
				if (!kept.has(coat.id)) kept.set(coat.id, newStep());
				return [[coat.id, kept.get(coat.id)!(itemsOfRole(plan.items, role), wish.mode, wish.cut, wish.lies, hand, faces, motifs)]];
			})
		);
}

function newStep() {
	return remember(
		(
			items: ArrangementPlan['items'],
			mode: Parameters<typeof planLays>[1]['mode'],
			cut: boolean,
			lies: LaysSetting['lies'],
			hand: LaysSetting['hand'],
			faces: MeasuredPiece['faces'],
			motifs: ReadonlyMap<string, MotifInUse>
		) => planLays(items, { mode, cut }, { lies, hand, faces, motifs })
	);
}
