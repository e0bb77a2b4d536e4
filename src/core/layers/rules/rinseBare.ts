import type { Found, Rule } from '../findings';
import { nameCoat } from '../kinds';
import { layersOn, type Layer, type Stack } from '../stackLayers';

/** A rinse floods porous paint that nothing seals. Source: craft 3. */
export const rinseBare: Rule = {
	id: 'rinse-bare',
	risk: 'hold',
	satisfiedBy: 'Rinsing before the first paint, or over a clear coat or wax; or a cleaner that needs no rinsing.',
	check: (stack) => stack.layers.filter(({ traits }) => traits.rinses).flatMap((layer) => checkRinse(stack, layer)),
	examples: {
		bad: [
			['rinsed over bare chalk-type paint', 'base; clean:degreaser-rinse!; clear'],
			['rinsed over bare milk paint', 'base:milk-paint; stencil:milk-paint; clean:degreaser-rinse!']
		],
		good: [
			['rinsed before the paint', 'clean:degreaser-rinse; base; clear'],
			['wiped with a cleaner that needs no rinsing', 'base; clean; clear'],
			['rinsed over a clear coat', 'base; clear; clean:degreaser-rinse; wax'],
			['a print of porous paint on a sealed ground', 'base; clear; stencil; clean:degreaser-rinse'],
			['rinsed elsewhere', 'base on=frame; clean:degreaser-rinse on=drawers']
		]
	}
};

function checkRinse(stack: Stack, { coat, at, surfaces }: Layer): Found[] {
	const open = [...surfaces].flatMap((surface) => {
		const top = layersOn(stack, surface, at).findLast(({ traits }) => traits.film && traits.covers);
		return top?.traits.porous ? [{ surface, top }] : [];
	});
	if (open.length === 0) return [];
	const { top } = open[0]!;
	const first = Math.min(...open.map((one) => one.top.at));
	return [
		{
			kind: 'should',
			what: `Rinsing goes over ${nameCoat(top.coat, top.material)}, which nothing seals.`,
			coat: coat.id,
			where: open.map(({ surface }) => surface),
			why: 'The water soaks in, wakes the paint, and leaves tide marks.',
			remedies: [
				...('material' in coat
					? [
							{
								label: 'Take a cleaner that needs no rinsing',
								edits: [{ op: 'replace' as const, coat: coat.id, with: { ...coat, material: 'degreaser-no-rinse' } }]
							}
						]
					: []),
				{ label: 'Move it before the paint', edits: [{ op: 'move', coat: coat.id, to: first }] }
			]
		}
	];
}
