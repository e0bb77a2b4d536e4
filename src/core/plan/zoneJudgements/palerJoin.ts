import { differColours, judgeJoin } from '../../colour';
import type { ZoneJudgement } from './types';

/** A join that comes out lighter than both its colours: the nearest colour of the stock with which it does not is offered in place of the lighter one. */
export const palerJoin: ZoneJudgement = ({ zone, pigmentOf, nameOf, stock }) =>
	zone.colours.slice(1).flatMap((second, i) => {
		const first = zone.colours[i]!;
		const [a, b] = [pigmentOf(first), pigmentOf(second)];
		if (!judgeJoin(a, b, []).paler) return [];
		const swap = stock
			.filter(({ id }) => !zone.colours.includes(id) && !judgeJoin(a, pigmentOf(id), []).paler)
			.sort((one, other) => differColours(one.hex, b.hex) - differColours(other.hex, b.hex))[0];
		return [
			{
				code: 'paler-join',
				part: null,
				says: `${nameOf(first)} and ${nameOf(second)} come out lighter than both where they meet.`,
				why: 'A light line would run along the join.',
				remedies: swap
					? [
							{
								says: `Take ${nameOf(swap.id)} in place of ${nameOf(second)}`,
								zone: { ...zone, colours: zone.colours.map((id, k) => (k === i + 1 ? swap.id : id)) }
							}
						]
					: []
			}
		];
	});
