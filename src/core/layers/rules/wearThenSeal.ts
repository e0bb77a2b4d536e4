import type { Rule } from '../findings';
import { layersOver, layersUnder } from '../stackLayers';

/** Distressed before the last protection, not after it. Source: craft 12. */
export const wearThenSeal: Rule = {
	id: 'wear-then-seal',
	risk: 'last',
	satisfiedBy: 'Distressing before the last clear coat or wax; sanding between clear coats is no distressing.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.distresses)
			.flatMap((layer) => {
				const sealed = layersUnder(stack, layer).filter(({ layer: { traits } }) => traits.protects);
				const again = new Set(layersOver(stack, layer).flatMap(({ layer: { traits }, where }) => (traits.protects ? where : [])));
				const where = [...new Set(sealed.flatMap((one) => one.where))].filter((surface) => !again.has(surface));
				if (where.length === 0) return [];
				const first = sealed.find((one) => one.where.some((surface) => where.includes(surface)))!.layer;
				return [
					{
						kind: 'should' as const,
						what: 'It is distressed after its last protection.',
						coat: layer.coat.id,
						where,
						why: 'Rubbed through, the seal is gone where hands go most: dirt and damp get in there.',
						remedies: [{ label: 'Move it before the seal', edits: [{ op: 'move', coat: layer.coat.id, to: first.at }] }]
					}
				];
			}),
	examples: {
		bad: [
			['after the clear coat', 'base; clear; distress!'],
			['after the wax', 'base; wax; distress!']
		],
		good: [
			['before it', 'base; distress; clear'],
			['sealed again', 'base; clear; distress; wax'],
			['sanding between clear coats', 'base; clear; sand; clear'],
			['not sealed yet: that is told elsewhere', 'base; distress']
		]
	}
};
