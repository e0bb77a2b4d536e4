import { setOut, type SetOutWay } from '../../layout';
import { partOfPiece } from '../../piece';
import type { ItemRow, Plan } from '../types';

/** How the places of one role of an arrangement are found on a part; items by their numbers. */
export interface SettingOutRow {
	readonly arrangement: string;
	readonly part: string;
	readonly role: string;
	readonly ways: readonly WayRow[];
	/** Found each by its own figures. */
	readonly apart: readonly number[];
}

type WithNumbers<W> = W extends SetOutWay ? Omit<W, 'items'> & { readonly numbers: readonly number[] } : never;
export type WayRow = WithNumbers<SetOutWay>;

/** Of every motif of a plan, arrangement by arrangement and part by part. Source: methods 3. */
export function listSettingOut(plan: Pick<Plan, 'items' | 'faces'>): SettingOutRow[] {
	const groups = new Map<string, ItemRow[]>();
	for (const item of plan.items.filter(({ motif }) => motif !== null)) {
		const key = JSON.stringify([item.arrangement, item.part, item.role]);
		groups.set(key, [...(groups.get(key) ?? []), item]);
	}
	return [...groups.values()].map((items) => {
		const [{ arrangement, part, role }] = items as [ItemRow];
		const sorted = [...items].sort((a, b) => a.number - b.number);
		const numbers = new Map<object, number>(sorted.map((item) => [item, item.number]));
		const { ways, apart } = setOut(partOfPiece(plan.faces, part), sorted);
		return {
			arrangement,
			part,
			role,
			ways: ways.map(({ items: own, ...way }) => ({ ...way, numbers: own.map((item) => numbers.get(item)!) }) as WayRow),
			apart: apart.map((item) => numbers.get(item)!)
		};
	});
}
