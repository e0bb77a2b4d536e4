import type { Rule } from '../findings';
import type { Material } from '../material';
import { UM_PER_MM } from '../../units';
import type { Layer, Stack } from '../stackLayers';

/** Plaster paste that dries too fast has fine cracks. Source: craft 3 and 13b. */
export const pasteHot: Rule = {
	id: 'paste-hot',
	risk: 'look',
	satisfiedBy: 'A room that is not too warm for the paste, or another paste.',
	check: (stack) =>
		stack.layers
			.filter(({ material }) => cracks(material, stack))
			.map((layer) => ({
				kind: 'note' as const,
				what: `It is too warm here for ${layer.material!.name.toLowerCase()}.`,
				coat: layer.coat.id,
				where: [...layer.surfaces],
				why: 'It dries too fast, and fine cracks come: lay it late in the day, as the air cools, and out of the sun.',
				remedies: insteadOf(layer, stack)
			})),
	examples: {
		bad: [
			['plaster on a hot day', 'warm | base; paste:plaster-paste!; sand through'],
			['on bare wood', 'warm new | sand; paste:plaster-paste!; sand through; base']
		],
		good: [
			['plaster in a cool room', 'base; paste:plaster-paste; sand through'],
			['another paste on a hot day', 'warm | base; paste; sand through'],
			['puff gel on a hot day: it is heated anyway', 'warm | base; paste:puff-gel; base']
		]
	}
};

const cracks = (material: Material | null, { temperature }: Stack) => temperature > (material?.paste?.cracksAbove ?? Infinity);

/** The first other paste that stands as high, and does not crack in this room. */
function insteadOf({ coat, film }: Layer, stack: Stack) {
	if (coat.kind !== 'paste') return [];
	const height = film / coat.times / UM_PER_MM;
	const other = [...stack.materials.values()].find(
		(material) =>
			material.paste && !material.paste.puff && !cracks(material, stack) && height >= material.paste.least && height <= material.paste.most
	);
	if (!other) return [];
	return [
		{
			label: `${other.name} instead`,
			edits: [{ op: 'replace' as const, coat: coat.id, with: { ...coat, material: other.id } }]
		}
	];
}
