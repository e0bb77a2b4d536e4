import type { Found, Rule } from '../findings';
import { newFiller } from '../kinds/filler';
import { newSand } from '../kinds/sand';
import { layersOver, type Layer, type Stack } from '../stackLayers';

/** Old holes that are to be filled are filled before the first coat, and sanded flush. Source: craft 2 and 3. */
export const fillHoles: Rule = {
	id: 'fill-holes',
	risk: 'piece',
	satisfiedBy: 'Filler in the old holes before the first coat on their fronts, and sanding when it is hard.',
	check: (stack) => [...unfilled(stack), ...unsanded(stack)],
	examples: {
		bad: [
			['old holes, and no filler', 'holes | clean; base!'],
			['filled when the base coat is on', 'holes | clean; base!; filler; sand; base'],
			['filled, and painted without sanding', 'holes | clean; filler!; base'],
			['on one drawer only, filled and not sanded', 'one-hole | clean; filler!; base'],
			['sanded before it is filled', 'holes | clean; sand; filler!; base']
		],
		good: [
			['filled and sanded', 'holes | clean; filler; sand; base'],
			['filled, cleaned, sanded, primed', 'holes | filler; clean; sand; prime; base'],
			['no old holes', 'clean; base'],
			['filled, and nothing painted yet', 'holes | clean; filler'],
			['only other surfaces are painted', 'holes | clean; base on=frame']
		]
	}
};

function unfilled(stack: Stack): Found[] {
	const { layers, withHoles } = stack;
	const open = [...withHoles].flatMap((surface) => {
		const first = layers.find(({ traits, surfaces }) => traits.film && surfaces.has(surface));
		const filled = layers.some(({ traits, surfaces, at }) => traits.fills && surfaces.has(surface) && at < (first?.at ?? Infinity));
		return first && !filled ? [{ surface, first }] : [];
	});
	if (open.length === 0) return [];
	const where = open.map(({ surface }) => surface);
	const first = open.reduce((a, b) => (b.first.at < a.first.at ? b : a)).first;
	const late = layers.find(({ traits }) => traits.fills);
	const sanding = { op: 'insert' as const, at: first.at + 1, coat: newSand(stack.placesFor(where)) };
	return [
		{
			kind: 'should',
			what: 'Old holes that are to be filled are still open at the first coat.',
			coat: first.coat.id,
			where,
			why: 'Paint sinks into a hole, and filler on paint shows as a patch.',
			remedies: [
				late
					? { label: 'Move the filling before it, and sand', edits: [{ op: 'move', coat: late.coat.id, to: first.at }, sanding] }
					: { label: 'Add filling and sanding before it', edits: [{ op: 'insert', at: first.at, coat: newFiller() }, sanding] }
			]
		}
	];
}

function unsanded(stack: Stack): Found[] {
	return stack.layers
		.filter(({ traits }) => traits.fills || traits.mends)
		.flatMap((filler) => {
			const over = layersOver(stack, filler);
			const where = [...filler.surfaces].filter((surface) => {
				const next = over.find(({ layer, where: on }) => on.includes(surface) && (layer.traits.keys || layer.traits.film));
				return next?.layer.traits.film;
			});
			const first = over.find(({ layer }) => layer.traits.film);
			return where.length > 0 && first ? [reportUnsanded(stack, filler, first.layer, where)] : [];
		});
}

function reportUnsanded(stack: Stack, filler: Layer, first: Layer, where: readonly string[]): Found {
	return {
		kind: 'should',
		what: 'The filler is not sanded flush before the next coat.',
		coat: filler.coat.id,
		where,
		why: 'It stands proud or sinks, and drinks the paint: every hole shows.',
		remedies: [{ label: 'Add sanding after it', edits: [{ op: 'insert', at: first.at, coat: newSand(stack.placesFor(where)) }] }]
	};
}
