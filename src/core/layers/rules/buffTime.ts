import type { Readiness } from '../arcs';
import type { Rule } from '../findings';
import { nameCoat } from '../kinds';
import type { Buff } from '../kinds/buff';
import { newWax } from '../kinds/wax';
import { layersUnder } from '../stackLayers';

const A_DAY = 1440;
const WINDOWS: Readonly<Record<Buff['when'], readonly [least: Readiness, most: Readiness | null]>> = {
	'at-once': ['laid', 'tack-lost'],
	tack: ['tacky', 'wax-hard'],
	'next-day': [A_DAY, null]
};

/** Wax is buffed when its school says: at once, at the tack, or next day. Source: craft 3 and 13c. */
export const buffTime: Rule = {
	id: 'buff-time',
	risk: 'dry',
	satisfiedBy: 'Buffing when this workshop does it: at once, at the tack, or next day; and only where there is wax.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.buffs)
			.flatMap((layer) => {
				const waxed = new Set(layersUnder(stack, layer).flatMap(({ layer: { traits }, where }) => (traits.wax ? where : [])));
				const where = [...layer.surfaces].filter((surface) => !waxed.has(surface));
				if (where.length === 0) return [];
				return [
					{
						kind: 'should' as const,
						what: 'There is no wax to buff.',
						coat: layer.coat.id,
						where,
						why: 'A cloth on dry paint only polishes it in patches.',
						remedies: [
							{
								label: 'Clear wax before it',
								edits: [
									{ op: 'insert', at: layer.at, coat: newWax(stack.placesFor(where)) },
									{ op: 'wait', coat: layer.coat.id, wait: null }
								]
							}
						]
					}
				];
			}),
	arcs: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.buffs)
			.flatMap((after) =>
				layersUnder(stack, after)
					.filter(({ layer }) => layer.traits.wax)
					.slice(-1)
					.map(({ layer: before, where }) => {
						const [least, most] = WINDOWS[(after.coat as Buff).when];
						return {
							rule: 'buff-time',
							before,
							after,
							where,
							least,
							asks: least,
							most,
							kind: 'should' as const,
							ifLate: [
								{ label: 'Buff it as the wax goes on, without a step of its own', edits: [{ op: 'drop' as const, coat: after.coat.id }] },
								{
									label: 'Buff it next day',
									edits: [
										{
											op: 'replace' as const,
											coat: after.coat.id,
											with: { ...(after.coat as Buff), when: 'next-day' as const, wait: null }
										}
									]
								}
							],
							what: (took: string, needs: string, isLate: boolean) =>
								isLate
									? `It is buffed ${took} after ${nameCoat(before.coat, before.material)}; this way of buffing is over after ${needs}.`
									: `It is buffed ${took} after ${nameCoat(before.coat, before.material)}; this way of buffing waits ${needs}.`,
							why: 'Wax that is too soft comes off on the cloth; wax that is too hard takes hours to shine.'
						};
					})
			),
	examples: {
		bad: [
			['at the tack, but too soon', 'base; wax; buff wait=2!'],
			['next day, but the same evening', 'base; wax; buff when=next-day wait=300!'],
			['no wax', 'base; clear; buff!']
		],
		good: [
			['left to the plan', 'base; wax; buff'],
			['next day', 'base; wax; buff when=next-day'],
			['at once', 'base on=drawer-1; wax on=drawer-1; buff on=drawer-1 when=at-once wait=0']
		]
	}
};
