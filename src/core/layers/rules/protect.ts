import type { Finding, Rule } from '../findings';
import { nameCoat } from '../nameCoat';
import { isFilm } from '../schema';
import { newClear, newWax } from '../starters';
import type { Layer, Stack } from '../stackLayers';

/** Porous layers are protected at the end. */
export const protect: Rule = {
	id: 'protect',
	satisfiedBy: 'A clear coat or a wax over it on the same surface; where it is not a must, "left bare" as a recorded choice.',
	check(stack) {
		const open = stack.surfaces.flatMap((surface) => {
			const layer = unprotectedLayer(stack, surface);
			return layer ? [{ surface, layer }] : [];
		});
		return (['must', 'should'] as const).flatMap((kind) =>
			reportOpen(
				stack,
				kind,
				open.filter(({ layer }) => layer.material!.protect === kind)
			)
		);
	}
};

function unprotectedLayer({ layers }: Stack, surface: string): Layer | null {
	const here = layers.filter((layer) => layer.surfaces.has(surface) && isFilm(layer.coat));
	const top = here.findLastIndex(({ coat }) => coat.kind === 'clear' || coat.kind === 'wax');
	const open = here.slice(top + 1).filter(({ material }) => material !== null && material.protect !== 'no');
	return open.find(({ material }) => material!.protect === 'must') ?? open.at(-1) ?? null;
}

function reportOpen(
	stack: Stack,
	kind: 'must' | 'should',
	open: readonly { surface: string; layer: Layer }[]
): Omit<Finding, 'rule' | 'overruled'>[] {
	if (open.length === 0) return [];
	const where = open.map(({ surface }) => surface);
	const on = where.length === stack.surfaces.length ? 'all' : where;
	const after = 1 + stack.layers.findLastIndex((layer) => isFilm(layer.coat) && where.some((surface) => layer.surfaces.has(surface)));
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
