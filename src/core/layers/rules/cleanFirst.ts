import { GROUNDS, type GroundId } from '../../piece';
import { newClean } from '../kinds/clean';
import { newDust } from '../kinds/dust';
import type { Rule } from '../findings';

/** Nothing sticks over grease or wax. Source: craft 12. */
export const cleanFirst: Rule = {
	id: 'clean-first',
	satisfiedBy:
		'Cleaned, or sanded bare, or bought new (or bare) and dusted off, before the first coat. A waxed or oiled ground is cleaned, whatever it was bought as.',
	check({ layers, surfaces, condition, groundOf }) {
		const isGreasy = (surface: string) => condition === 'finished' || GROUNDS[groundOf(surface) as GroundId].greasy === true;
		const dirty = surfaces.flatMap((surface) => {
			const here = layers.filter((layer) => layer.surfaces.has(surface));
			const first = here.find(({ traits }) => traits.wet);
			if (!first) return [];
			const clean = here.some(({ traits, at }) => at < first.at && (traits.cleans || traits.bares || (traits.dusts && !isGreasy(surface))));
			return clean ? [] : [{ surface, first }];
		});
		if (dirty.length === 0) return [];
		const where = dirty.map(({ surface }) => surface);
		const first = dirty.reduce((a, b) => (b.first.at < a.first.at ? b : a)).first;
		const on = where.length === surfaces.length ? 'all' : where;
		const late = layers.find(({ traits, at, surfaces: on }) => traits.cleans && at > first.at && where.every((surface) => on.has(surface)));
		const clean = late
			? { label: 'Move the cleaning before it', edits: [{ op: 'move' as const, coat: late.coat.id, to: first.at }] }
			: { label: 'Add cleaning before it', edits: [{ op: 'insert' as const, at: first.at, coat: newClean(on) }] };
		const dust = { label: 'Add dusting off before it', edits: [{ op: 'insert' as const, at: first.at, coat: newDust(on) }] };
		const greasy = where.filter(isGreasy);
		return [
			{
				kind: 'must',
				what:
					condition !== 'finished' && greasy.length > 0
						? 'The first coat goes on a waxed or oiled ground that has not been cleaned.'
						: 'The first coat goes on a surface that has not been cleaned.',
				coat: first.coat.id,
				where,
				why: 'Paint does not hold on grease, wax, polish or dust; it peels later, when all the work is on top of it.',
				remedies: greasy.length > 0 ? [clean] : [dust, clean]
			}
		];
	},
	examples: {
		bad: [
			['no cleaning', 'prime!; base'],
			['cleaning too late', 'prime!; clean; base'],
			['a new piece that nobody dusted', 'new | prime!; base'],
			['an old finish only dusted', 'dust; prime!; base'],
			['a waxed ground only dusted', 'bare ground=waxed | dust; base!'],
			['cleaned on the frame only', 'clean on=frame; prime!'],
			['scuffed, not cleaned', 'scuff; base!']
		],
		good: [
			['cleaned', 'clean; prime; base'],
			['sanded bare instead of cleaned', 'sand bare; prime'],
			['bought new and dusted off', 'new | dust; prime'],
			['a waxed ground that is cleaned', 'bare ground=waxed | clean; base'],
			['each surface cleaned before its own first coat', 'clean on=frame; prime on=frame; clean on=drawers; prime on=drawers']
		]
	}
};
