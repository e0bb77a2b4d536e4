import type { Rule } from '../findings';
import type { Clear } from '../kinds/clear';
import { newWax } from '../kinds/wax';
import { coloursSeen, lightnessOf } from '../coloursSeen';

/** Below this (L*) a colour is near black. A starting figure of ours. */
const NEAR_BLACK = 18;

/** Clear coat over near-black can dry to a haze. Source: craft 12. */
export const darkHaze: Rule = {
	id: 'dark-haze',
	risk: 'look',
	satisfiedBy: 'A clear coat over near-black that is tinted a little, where nothing light lies under it; or wax.',
	check: (stack) => {
		const lightness = (id: string) => lightnessOf(stack.palette.find((colour) => colour.id === id)?.hex ?? '#ffffff');
		return stack.layers.flatMap((layer) => {
			const { traits, coat } = layer;
			if (!traits.protects || traits.wax || traits.cracks !== null || layer.material?.kind !== 'clear') return [];
			if (layer.colours.length > 0) return [];
			const seen = [...layer.surfaces].map((surface) => ({ surface, colours: coloursSeen(stack, layer.at, surface).map(lightness) }));
			const where = seen.filter(({ colours }) => colours.length > 0 && Math.min(...colours) < NEAR_BLACK).map(({ surface }) => surface);
			if (where.length === 0) return [];
			const isAllDark = seen.every(({ colours }) => colours.length > 0 && Math.max(...colours) < NEAR_BLACK);
			const dark = stack.palette.find(({ id }) => lightness(id) < NEAR_BLACK);
			const clear = coat as Clear;
			return [
				{
					kind: 'note' as const,
					what: 'A clear coat goes over near-black.',
					coat: coat.id,
					where,
					why: isAllDark
						? 'What makes it clear can dry to a grey haze there; a breath of the dark colour in it hides that.'
						: 'What makes it clear can dry to a grey haze there; tinted it would dirty the light colours beside it.',
					remedies: [
						...(isAllDark && dark
							? [
									{
										label: `Tint it with a little ${dark.name}`,
										edits: [{ op: 'replace' as const, coat: coat.id, with: { ...clear, colour: dark.id } }]
									}
								]
							: []),
						{
							label: 'Wax in its place',
							edits: [{ op: 'replace', coat: coat.id, with: { ...newWax(clear.on), id: coat.id, wait: coat.wait } }]
						}
					]
				}
			];
		});
	},
	examples: {
		bad: [
			['over black', 'black | base colour=soot; clear!'],
			['over black beside white', 'black | base colour=soot; base colour=hull-white on=drawers; clear!']
		],
		good: [
			['tinted', 'black | base colour=soot; clear colour=soot'],
			['wax', 'black | base colour=soot; wax'],
			['over a mid colour', 'base; clear'],
			['black is covered again', 'black | base colour=soot; base colour=hull-white x2; clear']
		]
	}
};
