import type { Rule } from '../findings';
import { newClear } from '../kinds/clear';
import { newWax } from '../kinds/wax';
import type { Remedy } from '../remedy';
import { bySchool } from '../schools';
import { layersOn, type Layer } from '../stackLayers';

/** So many coats of a standard clear coat do for a top that is worked on. */
const ENOUGH = 3;

/** A top that is worked on takes a tough coat, three standard ones, or clear coat and wax. Source: craft 12 and 13c. */
export const workedTop: Rule = {
	id: 'worked-top',
	risk: 'last',
	satisfiedBy: 'On a top that is worked on: a tough clear coat, three standard ones, or clear coat and wax; wax alone is a choice.',
	check: (stack) => {
		if (!stack.uses.has('worked')) return [];
		const weak = [...stack.tops].flatMap((surface) => {
			const there = layersOn(stack, surface);
			const seals = there
				.slice(1 + there.findLastIndex(({ traits }) => traits.paints || traits.distresses))
				.filter(({ traits }) => traits.protects);
			const isChosen = stack.schools.worked === 'wax' && seals.every(({ traits }) => traits.wax);
			return seals.length > 0 && !isChosen && !doesStand(seals) ? [{ surface, seals }] : [];
		});
		if (weak.length === 0) return [];
		const where = weak.map(({ surface }) => surface);
		const [{ seals }] = weak as [(typeof weak)[number]];
		const first = seals[0]!;
		const at = first.traits.wax ? first.at : seals.at(-1)!.at + 1;
		const on = stack.placesFor(where);
		const isWaxAlone = seals.every(({ traits }) => traits.wax);
		return [
			{
				kind: 'should' as const,
				what: isWaxAlone ? 'A top that is worked on has wax alone over its paint.' : 'A top that is worked on has too thin a seal.',
				coat: first.coat.id,
				where,
				why: 'Wet glasses, heat and elbows go through it within months; wax alone has to be laid anew each year.',
				remedies: bySchool<Remedy>(stack.schools.worked, {
					tough: {
						label: isWaxAlone ? 'A tough clear coat under the wax' : 'A tough clear coat over it',
						edits: [{ op: 'insert', at, coat: { ...newClear(on), material: 'tough-clear-coat' } }]
					},
					both: isWaxAlone
						? { label: 'Clear coats under the wax', edits: [{ op: 'insert', at, coat: newClear(on) }] }
						: { label: 'Wax over it', edits: [{ op: 'insert', at, coat: newWax(on) }] }
				})
			}
		];
	},
	examples: {
		bad: [
			['two standard coats', 'worked | base; clear x2!'],
			['wax alone', 'worked | base; wax!'],
			['one standard coat on a top that is glazed', 'worked | base; glaze; clear! x1']
		],
		good: [
			['a tough coat', 'worked | base; clear:tough-clear-coat'],
			['three standard ones', 'worked | base; clear x3'],
			['clear coat and wax', 'worked | base; clear x2; wax'],
			['wax alone, where this workshop does so', 'school=worked:wax worked | base; wax'],
			['nobody works on it', 'base; clear x2'],
			['left open: that is told elsewhere', 'worked | base']
		]
	}
};

function doesStand(seals: readonly Layer[]): boolean {
	const standard = seals.filter(({ traits }) => !traits.wax).reduce((sum, { coat }) => sum + ('times' in coat ? coat.times : 1), 0);
	return (
		seals.some(({ traits }) => traits.tough || traits.cracks === 'second') ||
		standard >= ENOUGH ||
		(standard > 0 && seals.some(({ traits }) => traits.wax))
	);
}
