import { kindOfCoat, whereOf, type Coat } from '../layers';
import { itemsOfRole, planLays, type ArrangementPlan, type LaysPlan, type LaysContext } from '../layout';
import { remember, rememberFields } from './remember';

/** How every coat that is worked sheet by sheet is laid, by its id; each is worked out again only where something of it has changed. */
export function createLaysPlanner() {
	const kept = new Map<string, ReturnType<typeof createStage>>();
	return (coats: readonly Coat[], laid: readonly ArrangementPlan[], setting: Omit<LaysContext, 'lies'>): ReadonlyMap<string, LaysPlan> =>
		new Map(
			coats.flatMap((coat) => {
				const wish = kindOfCoat(coat).lays(coat);
				const { through, role } = whereOf(coat);
				const plan = laid.find(({ arrangement }) => arrangement === through);
				if (wish === null || !plan) return [];
				if (!kept.has(coat.id)) kept.set(coat.id, createStage());
				return [[coat.id, kept.get(coat.id)!({ items: itemsOfRole(plan.items, role), ...wish, ...setting })]];
			})
		);
}

type Given = { readonly items: ArrangementPlan['items'] } & Parameters<typeof planLays>[1] & LaysContext;

function createStage() {
	const asBefore = rememberFields<Given>();
	const stage = remember(({ items, mode, cut, ...setting }: Given) => planLays(items, { mode, cut }, setting));
	return (given: Given) => stage(asBefore(given));
}
