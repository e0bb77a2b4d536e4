import { colourOf, whereOf, wordCoat, type Layer } from '../../layers';
import type { Project } from '../../project';

/** What tells steps of one word apart, the first that does for all of them. */
const TELLING: readonly ((layer: Layer, project: Pick<Project, 'layout' | 'palette'>) => string | undefined)[] = [
	({ coat }, { layout }) => layout.zones.find(({ id }) => id === whereOf(coat).zone)?.name,
	({ coat }, { palette }) => palette.find(({ id }) => id === colourOf(coat))?.name,
	({ coat }, { layout }) => layout.arrangements.find(({ id }) => id === whereOf(coat).through)?.name,
	({ material }) => material?.name
];

/**
 * What each step of an order is called beside the others, no two alike: paint through an arrangement by the name of
 * that, others by their word and, where several have it, by what tells them apart: zone, colour, arrangement, material,
 * or else their place among their likes.
 */
export function labelSteps(layers: readonly Layer[], project: Pick<Project, 'layout' | 'palette'>): string[] {
	const words = layers.map(({ coat, traits }) => {
		const through = traits.paints ? whereOf(coat).through : undefined;
		return project.layout.arrangements.find(({ id }) => id === through)?.name ?? wordCoat(coat);
	});
	const labels = [...words];
	for (const word of new Set(words)) {
		const alike = layers.flatMap((_, i) => (words[i] === word ? [i] : []));
		if (alike.length < 2) continue;
		const telling = TELLING.map((tell) => alike.map((i) => tell(layers[i]!, project))).find(isTelling);
		alike.forEach(
			(i, place) => (labels[i] = !telling ? `${word} ${place + 1}` : telling[place] === word ? word : `${word}, ${telling[place]}`)
		);
	}
	return labels;
}

function isTelling(told: readonly (string | undefined)[]): boolean {
	return !told.includes(undefined) && new Set(told).size === told.length;
}
