import type { Rule } from '../findings';
import { newBurnish } from '../kinds/burnish';
import { newClear } from '../kinds/clear';
import { newWax } from '../kinds/wax';
import { layersOver } from '../stackLayers';

/** A transfer is protected after it: clear coats, a thin wax or a crackle varnish. Source: craft 9 and 12. */
export const transferSeal: Rule = {
	id: 'transfer-seal',
	risk: 'last',
	satisfiedBy: 'Two thin clear coats, a thin wax or a crackle varnish over a transfer.',
	check: (stack) =>
		stack.layers
			.filter(({ traits }) => traits.transfers)
			.flatMap((layer) => {
				const over = layersOver(stack, layer);
				const where = [...layer.surfaces].filter(
					(surface) => !over.some(({ layer: { traits }, where: on }) => traits.protects && on.includes(surface))
				);
				if (where.length === 0) return [];
				const on = stack.placesFor(where);
				const last = Math.max(layer.at, ...over.filter(({ layer: { traits } }) => traits.film).map((one) => one.layer.at));
				const isBurnished = over.some(({ layer: { traits } }) => traits.burnishes);
				const [burnish, clear, wax] = [newBurnish(on), newClear(on), newWax(on)];
				const after = (coat: typeof clear | typeof wax) => [
					{ op: 'insert' as const, at: last + 1, coat },
					...(isBurnished ? [] : [{ op: 'insert' as const, at: layer.at + 1, coat: burnish }])
				];
				return [
					{
						kind: 'should' as const,
						what: 'Nothing protects the transfer.',
						coat: layer.coat.id,
						where,
						why: 'Bare film scuffs, and its edges lift where a hand or a cloth catches them.',
						remedies: [
							{ label: 'Two thin clear coats over it', edits: after(clear) },
							{ label: 'A thin wax over it', edits: after(wax) }
						]
					}
				];
			}),
	examples: {
		bad: [
			['left bare', 'base; transfer!; burnish'],
			['sealed before it, not after', 'base; clear; transfer!'],
			['a glaze protects nothing', 'base; clear; transfer!; burnish; glaze']
		],
		good: [
			['clear coats', 'base; transfer; burnish; clear'],
			['a thin wax', 'base; transfer; burnish; wax'],
			['a crackle varnish', 'base; transfer; burnish; crackle:crackle-first; crackle:crackle-second']
		]
	}
};
