import type { Finding, Rule } from '../findings';
import { isFilm } from '../schema';
import { newClear } from '../starters';
import type { Layer, Stack } from '../stackLayers';

const DAY = 1440;

/** No paint, stencil or clear coat holds on a wax. */
export const noWaterOnWax: Rule = {
	id: 'no-water-on-wax',
	satisfiedBy: 'Wax after the last coat of paint or clear coat on the same surface; or the surface sanded bare between.',
	check(stack) {
		return stack.layers.filter((layer) => layer.coat.kind === 'wax').flatMap((wax) => checkWax(stack, wax));
	}
};

function checkWax(stack: Stack, wax: Layer): Omit<Finding, 'rule' | 'overruled'>[] {
	const over = stack.layers.filter((layer) => layer.at > wax.at && repelled(layer) && waxedSurfaces(stack, wax, layer).length > 0);
	if (over.length === 0) return [];
	const where = [...new Set(over.flatMap((layer) => waxedSurfaces(stack, wax, layer)))];
	const tried = wax.material?.dark && over.every((layer) => layer.coat.kind === 'clear' && layer.beginsAt - wax.doneAt >= DAY);
	const first = over[0]!;
	const last = over.at(-1)!;
	const on = 'on' in wax.coat ? wax.coat.on : where;
	return [
		{
			kind: tried ? 'should' : 'must',
			what: tried ? 'A clear coat goes over a dark wax.' : 'A coat that cannot hold on wax goes over the wax.',
			coat: first.coat.id,
			where,
			why: tried
				? 'Some do this over a thin dark wax, wiped back and a day old; others have seen it creep and peel. Try it on a board first.'
				: 'Wax repels what is laid on it: it beads, creeps, and rubs off when it is dry.',
			remedies: [
				{ label: 'Move the wax after it', edits: [{ op: 'move', coat: wax.coat.id, to: last.at }] },
				{
					label: 'Clear coat instead of the wax',
					edits: [{ op: 'replace', coat: wax.coat.id, with: { ...newClear(on), id: wax.coat.id, wait: null } }]
				}
			]
		}
	];
}

function repelled({ coat, material }: Layer): boolean {
	return isFilm(coat) && coat.kind !== 'wax' && material?.carrier !== 'shellac';
}

/** Where the layer meets this wax with no sanding to bare between. */
function waxedSurfaces(stack: Stack, wax: Layer, layer: Layer): string[] {
	return [...layer.surfaces].filter((surface) => {
		const bared = stack.layers.some(
			({ coat, at, surfaces }) => at > wax.at && at < layer.at && coat.kind === 'sand' && coat.bare && surfaces.has(surface)
		);
		return wax.surfaces.has(surface) && !bared;
	});
}
