import type { Found, Rule } from '../findings';
import { nameCoat } from '../kinds';
import { newClear } from '../kinds/clear';
import { newWax } from '../kinds/wax';
import { layersOn, type Layer, type Stack } from '../stackLayers';

/** Porous layers are protected at the end. Source: craft 12. */
export const protect: Rule = {
	id: 'protect',
	risk: 'last',
	satisfiedBy:
		'A clear coat, a wax, or a paint that seals itself over it on the same surface; where it is not a must, "left bare" as a recorded choice.',
	check(stack) {
		const open = stack.surfaces.flatMap((surface) => {
			const layer = unprotectedLayer(stack, surface);
			return layer ? [{ surface, layer }] : [];
		});
		return (['must', 'should'] as const).flatMap((kind) =>
			reportOpen(
				stack,
				kind,
				open.filter(({ layer }) => layer.traits.needsCover === kind)
			)
		);
	},
	examples: {
		bad: [
			['chalk-type paint left open', 'base!'],
			['milk paint left open', 'base:milk-paint!'],
			['a clear coat on the frame only', 'base!; clear on=frame'],
			['a print over the clear coat', 'base; clear; stencil!'],
			['a tinted glaze protects nothing', 'base!; glaze'],
			['wax through the motifs only', 'base!; wax through'],
			['milk paint under a print of sealing paint', 'base:milk-paint!; stencil:mineral-paint']
		],
		good: [
			['clear coat over all', 'base; clear'],
			['wax in place of clear coat', 'base; wax'],
			['mineral paint, which seals itself', 'base:mineral-paint'],
			['milk paint under a paint that seals itself', 'base:milk-paint; base:mineral-paint'],
			['clay-type paint that is sanded off again', 'base:clay-paint; sand bare; base:mineral-paint'],
			['gilding wax over the clear coat needs nothing', 'base; clear; gilding-wax']
		]
	}
};

function unprotectedLayer(stack: Stack, surface: string): Layer | null {
	const here = layersOn(stack, surface).filter(({ traits }) => traits.film);
	const top = here.findLastIndex(({ traits }) => traits.covers && (traits.protects || (traits.seals && traits.paints)));
	const open = here.slice(top + 1).filter(({ traits }) => traits.needsCover !== 'no');
	/** Of a transfer its own rule says it, with the burnishing. */
	if (open.some(({ traits }) => traits.transfers) && !open.some(({ traits }) => traits.needsCover === 'must')) return null;
	return open.find(({ traits }) => traits.needsCover === 'must') ?? open.at(-1) ?? null;
}

function reportOpen(stack: Stack, kind: 'must' | 'should', open: readonly { surface: string; layer: Layer }[]): Found[] {
	if (open.length === 0) return [];
	const where = open.map(({ surface }) => surface);
	const on = stack.placesFor(where);
	const after = 1 + stack.layers.findLastIndex(({ traits, surfaces }) => traits.film && where.some((surface) => surfaces.has(surface)));
	const layer = open[0]!.layer;
	return [
		{
			kind,
			what: `Nothing protects ${nameCoat(layer.coat, layer.material)}.`,
			coat: layer.coat.id,
			where,
			why:
				kind === 'must'
					? 'Water wakes it again after it has dried: it would not stand a damp cloth.'
					: 'It is porous: fingers, grease and damp mark it for good.',
			remedies: [
				{ label: 'Add two clear coats over it', edits: [{ op: 'insert', at: after, coat: newClear(on) }] },
				{ label: 'Add a wax over it', edits: [{ op: 'insert', at: after, coat: newWax(on) }] }
			]
		}
	];
}
