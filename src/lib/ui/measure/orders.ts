import type { Target } from './targets';

/** An order in which a list of bare readings can have been taken. */
export interface Order {
	readonly id: 'all' | 'whole-and-chain' | 'chain' | 'open';
	readonly text: string;
	readonly targets: readonly Target[];
}

/** Each that differs from those before it: all, width and height with the links, the links alone, what is open. */
export function listOrders(targets: readonly Target[], links: ReadonlySet<string>): Order[] {
	const whole = targets.filter(({ id }) => id === 'width' || id === 'height');
	const chain = targets.filter(({ id }) => links.has(id));
	const orders: readonly Order[] = [
		{ id: 'all', text: 'every reading, in the order of the tape', targets },
		{
			id: 'whole-and-chain',
			text: `${whole.map(({ name }) => name.toLowerCase()).join(', ')}, then the links`,
			targets: [...whole, ...chain]
		},
		{ id: 'chain', text: 'the chain alone', targets: chain },
		{ id: 'open', text: 'those that are open', targets: targets.filter(({ value }) => value === '') }
	];
	const ids = (order: Order) => order.targets.map(({ id }) => id).join(' ');
	return orders.filter((order, i) => order.targets.length > 0 && orders.slice(0, i).every((before) => ids(before) !== ids(order)));
}

/** The one that is just as long as the list; else the first with room in which nothing that is read already is replaced, or the first with room. Null: there are more readings than fields. */
export function orderFor(count: number, orders: readonly Order[]): Order | null {
	const withRoom = orders.filter(({ targets }) => targets.length >= count);
	const isOpen = ({ targets }: Order) => targets.slice(0, count).every(({ value }) => value === '');
	return withRoom.find(({ targets }) => targets.length === count) ?? withRoom.find(isOpen) ?? withRoom[0] ?? null;
}
