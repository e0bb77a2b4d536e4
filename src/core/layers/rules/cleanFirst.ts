import { newClean, newDust } from '../starters';
import { isFilm } from '../schema';
import type { Rule } from '../findings';

/** Nothing sticks over grease or wax. */
export const cleanFirst: Rule = {
	id: 'clean-first',
	satisfiedBy: 'Cleaned, or sanded bare, or bought new (or bare) and dusted off, before the first coat.',
	check({ layers, surfaces, condition }) {
		const dirty = surfaces.flatMap((surface) => {
			const here = layers.filter((layer) => layer.surfaces.has(surface));
			const first = here.find((layer) => isFilm(layer.coat));
			if (!first) return [];
			const clean = here.some(
				({ coat, at }) =>
					at < first.at &&
					(coat.kind === 'clean' || (coat.kind === 'sand' && coat.bare) || (coat.kind === 'dust' && condition !== 'finished'))
			);
			return clean ? [] : [{ surface, first }];
		});
		if (dirty.length === 0) return [];
		const where = dirty.map(({ surface }) => surface);
		const first = dirty.reduce((a, b) => (b.first.at < a.first.at ? b : a)).first;
		const on = where.length === surfaces.length ? 'all' : where;
		const late = layers.find(({ coat, at }) => coat.kind === 'clean' && at > first.at);
		const clean = late
			? { label: 'Move the cleaning before it', edits: [{ op: 'move' as const, coat: late.coat.id, to: first.at }] }
			: { label: 'Add cleaning before it', edits: [{ op: 'insert' as const, at: first.at, coat: newClean(on) }] };
		const dust = { label: 'Add dusting off before it', edits: [{ op: 'insert' as const, at: first.at, coat: newDust(on) }] };
		return [
			{
				kind: 'must',
				what: 'The first coat goes on a surface that has not been cleaned.',
				coat: first.coat.id,
				where,
				why: 'Paint does not hold on grease, polish or dust; it peels later, when all the work is on top of it.',
				remedies: condition === 'finished' ? [clean] : [dust, clean]
			}
		];
	}
};
