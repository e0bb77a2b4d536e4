import { formatDuration } from '../../units';
import { isFilm } from '../schema';
import type { Rule } from '../findings';
import { tooSoon } from './tooSoon';

/** A coat is past its recoat before the next. Wet blending on a coat that is not dry is `base-dry`. */
export const recoat: Rule = {
	id: 'recoat',
	satisfiedBy: 'Waiting as long as the coat under it needs on the same surface.',
	check(stack) {
		return stack.layers.flatMap((layer) => {
			if (layer.coat.kind === 'blend' || layer.coat.kind === 'hardware-on' || !(isFilm(layer.coat) || layer.coat.kind === 'sand'))
				return [];
			const soon = tooSoon(stack, layer);
			if (!soon) return [];
			return [
				{
					kind: 'must' as const,
					what: `It goes on ${formatDuration(soon.waited)} after ${soon.name}, which needs ${formatDuration(soon.needs)}.`,
					coat: layer.coat.id,
					where: soon.where,
					why: 'A coat laid on one that has not dried drags it, wrinkles it, or seals damp under it.',
					remedies: soon.remedies
				}
			];
		});
	}
};
