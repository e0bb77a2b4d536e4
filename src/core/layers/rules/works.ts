import type { Rule } from '../findings';
import { HARDWARE_SURFACE } from '../../piece';

/** Lock, hinge and catch take no film. Source: craft 2 and 12. */
export const works: Rule = {
	id: 'works',
	risk: 'piece',
	satisfiedBy: 'Paint on knobs, pulls and plates alone: what has to turn, slide or lock stays bare.',
	check: (stack) =>
		stack.layers
			.filter(({ traits, surfaces }) => traits.film && surfaces.has(HARDWARE_SURFACE) && !stack.hasPaintedHardware)
			.map(({ coat, surfaces }) => ({
				kind: 'must' as const,
				what: 'All hardware that comes off this piece has to work, and a coat goes over it.',
				coat: coat.id,
				where: [HARDWARE_SURFACE],
				why: 'A film in a hinge or a lock binds it, and rubs off on the first day.',
				remedies:
					surfaces.size === 1
						? [{ label: 'Leave it bare', edits: [{ op: 'drop' as const, coat: coat.id }] }]
						: [
								{
									label: 'Leave it bare',
									edits: [
										{
											op: 'replace' as const,
											coat: coat.id,
											with: { ...coat, on: stack.placesFor([...surfaces].filter((id) => id !== HARDWARE_SURFACE)) } as typeof coat
										}
									]
								}
							]
			})),
	examples: {
		bad: [
			['paint on hinges alone', 'hinges | hardware-off; clean on=hardware; base on=hardware!; hardware-on'],
			['gilding wax on hinges', 'hinges | hardware-off; gilding-wax on=hardware!; hardware-on']
		],
		good: [
			['paint on knobs', 'hardware-off; clean on=hardware; prime:shellac-primer on=hardware; base on=hardware; hardware-on'],
			['washed only', 'hinges | hardware-off; clean on=hardware; hardware-on'],
			['paint on the piece', 'hinges | hardware-off; base; hardware-on']
		]
	}
};
