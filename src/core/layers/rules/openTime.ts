import { formatDuration, formatLatest } from '../../units';
import type { Rule } from '../findings';
import { nameCoat } from '../kinds';

/** What is blended, glazed or worked wet in wet is done section by section, each before it sets. Source: craft 4, methods 11. */
export const openTime: Rule = {
	id: 'open-time',
	risk: 'dry',
	satisfiedBy:
		'Sections small enough to be finished while they are wet; an extender, more hands, or a way of working that need not be kept wet.',
	overrun({ layers, where, minutes, most, isMisted, changes }) {
		const { coat, material } = layers.at(-1)!;
		const name = nameCoat(coat, material);
		const held = `stay${layers.length > 1 ? '' : 's'} open for ${formatLatest(most)}${isMisted ? ', misted twice' : ''}`;
		const what =
			layers.length > 1
				? `Worked one into the other they take ${formatDuration(minutes)} where they have to be done at once, and ${held}.`
				: `${name.charAt(0).toUpperCase()}${name.slice(1)} takes ${formatDuration(minutes)} where it has to be done at once, and ${held}.`;
		return {
			kind: isMisted ? 'note' : 'should',
			what,
			coat: coat.id,
			where,
			why: 'What has begun to set drags, and every place where it was left off shows. It is cut where the list of its sections says, if nothing else helps.',
			remedies: changes.map((change) => ({
				label: change.label,
				edits: change.coats.map((changed) => ({ op: 'replace' as const, coat: changed.id, with: changed }))
			}))
		};
	},
	examples: {
		bad: [
			['a side in a glaze that sets quickly', 'base:mineral-paint; glaze:quick-glaze on=left!'],
			['a side in clear glaze and tinted into it', 'base:mineral-paint; glaze clear on=left; glaze on=left into!']
		],
		good: [
			['drawer by drawer', 'base:mineral-paint; glaze on=drawers'],
			['the same with an extender', 'base:mineral-paint; glaze:quick-glaze on=left extender=10'],
			['a bed and what is blended into it, kept wet by a mist', 'base; base; blend into'],
			['a coat that need not be kept wet', 'base:mineral-paint on=left']
		]
	}
};
