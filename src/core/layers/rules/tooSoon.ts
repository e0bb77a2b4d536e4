import { formatDuration, type Minutes } from '../../units';
import type { Remedy } from '../findings';
import { nameCoat } from '../nameCoat';
import { dryingNeeded, sharesSurface, type Layer, type Stack } from '../stackLayers';

export interface TooSoon {
	readonly waited: Minutes;
	readonly needs: Minutes;
	readonly name: string;
	readonly where: readonly string[];
	readonly remedies: readonly Remedy[];
}

/** The layer under this one on a shared surface that has dried least of what it needs; null where all are ready. */
export function tooSoon(stack: Stack, layer: Layer): TooSoon | null {
	const under = stack.layers
		.filter((other) => other.at < layer.at && sharesSurface(other, layer))
		.map((other) => ({ other, waited: layer.beginsAt - other.doneAt, needs: dryingNeeded(other, layer.coat) }))
		.filter(({ waited, needs }) => waited < needs - 1e-6)
		.sort((a, b) => b.needs - b.waited - (a.needs - a.waited))[0];
	if (!under) return null;
	const before = stack.layers[layer.at - 1]!;
	return {
		...under,
		name: nameCoat(under.other.coat, under.other.material),
		where: [...layer.surfaces].filter((surface) => under.other.surfaces.has(surface)),
		remedies: [{ label: `Wait ${formatDuration(under.needs)}`, edits: [{ op: 'wait', coat: before.coat.id, wait: null }] }]
	};
}
