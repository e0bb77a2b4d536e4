import { kindOfCoat, whereOf, type Coat } from '../../layers';
import {
	colourRounds,
	findLays,
	itemsOfRole,
	offerSheet,
	planLays,
	QUICK,
	type ArrangementPlan,
	type LaysContext,
	type LaysPlan,
	type LaysWish,
	type Rounds,
	type SheetOffer
} from '../../layout';
import { remember, rememberFields } from '../memory/remember';
import { fewestRounds, type Ask, type RoundsWanted } from '../slow';

/** How a coat is laid, and the sheet that would save rounds; null where none would. */
export type LaysOfCoat = LaysPlan & { readonly offer: SheetOffer | null };

/** How every coat that is worked sheet by sheet is laid, by its id; each is worked out again only where something of it has changed. */
export function createLaysPlanner() {
	const kept = new Map<string, ReturnType<typeof createStage>>();
	return (
		coats: readonly Coat[],
		laid: readonly ArrangementPlan[],
		setting: Omit<LaysContext, 'lies'>,
		ask: Ask
	): ReadonlyMap<string, LaysOfCoat> => {
		const given = coats.flatMap((coat): { readonly coat: string; readonly given: Given }[] => {
			const wish = kindOfCoat(coat).lays(coat);
			const { through, role } = whereOf(coat);
			const plan = laid.find(({ arrangement }) => arrangement === through);
			return wish === null || !plan || (wish.isDry && !hasRepeats(plan.items, setting.motifs))
				? []
				: [{ coat: coat.id, given: { items: itemsOfRole(plan.items, role), ...wish, ...setting } }];
		});
		const planned = given.map((one): readonly [string, LaysOfCoat, Given] => {
			if (!kept.has(one.coat)) kept.set(one.coat, createStage());
			return [one.coat, kept.get(one.coat)!(one.given, given.length, ask), one.given];
		});
		return new Map(planned.filter(([, plan, { isDry }]) => !isDry || savesLays(plan)).map(([coat, plan]) => [coat, plan]));
	};
}

/** Whether a sheet of any of its motifs lays more than one at once. */
function hasRepeats(items: ArrangementPlan['items'], motifs: LaysContext['motifs']): boolean {
	const used = new Set(items.map(({ motif }) => motif));
	return [...used].some((id) => {
		const sheet = id === null ? undefined : motifs.get(id)?.motif.sheet;
		return sheet !== undefined && sheet.across * sheet.down > 1;
	});
}

/** A print through a sheet of one motif is laid motif by motif, in the order of placing: only what is laid by several has lays of its own. */
const savesLays = ({ lays }: LaysPlan) => lays.some(({ items }) => items.length > 1);

type Given = { readonly items: ArrangementPlan['items'] } & LaysWish & LaysContext;

/** Which lays are in each other's way is kept while better rounds for them are looked for. */
function createStage() {
	const asBefore = rememberFields<Given>();
	const ways = remember((given: Given) => findLays(given.items, given, given));
	const stage = remember((found: ReturnType<typeof findLays>, given: Given, among: number, ask: Ask) =>
		planLays(found, given, given, (conflicts) => roundsOf({ conflicts, among }, ask))
	);
	const offered = remember((given: Given) => offerSheet(given.items, given, given));
	const withOffer = remember((plan: LaysPlan, offer: SheetOffer | null): LaysOfCoat => ({ ...plan, offer }));
	return (now: Given, among: number, ask: Ask) => {
		const given = asBefore(now);
		const plan = stage(ways(given), given, among, ask);
		const rounds = Math.max(0, ...plan.lays.map(({ round }) => round));
		const offer = rounds > 1 ? offered(given) : null;
		return withOffer(plan, offer !== null && offer.rounds < rounds ? offer : null);
	};
}

/** Those that a quick search proves; else the answer of one that goes on, as soon as it is known. */
export function roundsOf(wanted: RoundsWanted, ask: Ask): Rounds {
	const quick = colourRounds(wanted.conflicts, QUICK);
	return quick.count === quick.least ? quick : (ask(fewestRounds, wanted) ?? quick);
}
