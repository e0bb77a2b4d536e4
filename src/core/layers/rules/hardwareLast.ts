import { formatDuration } from '../../units';
import type { Finding, Rule } from '../findings';
import { isFilm } from '../schema';
import { newHardwareOn } from '../starters';
import type { Stack } from '../stackLayers';
import { tooSoon } from './tooSoon';

type Bare = Omit<Finding, 'rule' | 'overruled'>;
const WHY = 'A knob screwed on wet film prints into it, and paint on a knob chips where the hand goes.';

/** Hardware goes back after the last coat is dry to the touch. */
export const hardwareLast: Rule = {
	id: 'hardware-last',
	satisfiedBy: 'Hardware back on after the last coat on its fronts is dry to the touch; or it stays on, masked.',
	check(stack) {
		const { layers, hasHardware } = stack;
		if (!hasHardware) return [];
		const on = layers.findLast(({ coat }) => coat.kind === 'hardware-on');
		const off = layers.findLast(({ coat }) => coat.kind === 'hardware-off');
		if (!on || (off && off.at > on.at)) return off ? [neverBack(stack, off.coat.id)] : [];
		const masked = layers.some(({ coat, at }) => coat.kind === 'hardware-masked' && at <= on.at);
		const after = layers.filter(
			(layer) => layer.at > on.at && isFilm(layer.coat) && [...layer.surfaces].some((surface) => on.surfaces.has(surface))
		);
		if (after.length > 0 && !masked) {
			const where = [...on.surfaces].filter((surface) => after.some((layer) => layer.surfaces.has(surface)));
			const to = after.at(-1)!.at;
			return [
				{
					kind: 'must',
					what: 'Hardware goes back on before the last coat.',
					coat: on.coat.id,
					where,
					why: WHY,
					remedies: [{ label: 'Move it after the last coat', edits: [{ op: 'move', coat: on.coat.id, to }] }]
				}
			];
		}
		const soon = tooSoon(stack, on);
		if (!soon) return [];
		const what = `Hardware goes back on ${formatDuration(soon.waited)} after ${soon.name}, which is dry to the touch after ${formatDuration(soon.needs)}.`;
		return [{ kind: 'must', what, coat: on.coat.id, where: soon.where, why: WHY, remedies: soon.remedies }];
	}
};

function neverBack({ layers }: Stack, coat: string): Bare {
	return {
		kind: 'must',
		what: 'Hardware is taken off and never put back.',
		coat,
		where: [...(layers.find((layer) => layer.coat.id === coat)?.surfaces ?? [])],
		why: WHY,
		remedies: [{ label: 'Add putting it back at the end', edits: [{ op: 'insert', at: layers.length, coat: newHardwareOn() }] }]
	};
}
