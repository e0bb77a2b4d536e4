import { asList, asObject, type Loose } from './loose';

/**
 * Version 4 knew one arrangement, the run, which bore its colour and its edge, and counted its motifs from the left. Colour and edge are
 * now those of the coat that goes through it; the counts are kept as they were, and mean what they meant.
 */
export function upgradeFrom4(document: Loose): Loose {
	const layout = asObject(document['layout']);
	const finish = asObject(document['finish']);
	const runs = asList(layout['runs']).map(asObject);
	const rest = Object.fromEntries(Object.entries(layout).filter(([key]) => key !== 'runs'));
	const isList = (value: unknown) => Array.isArray(value);
	return {
		...document,
		version: 5,
		...('layout' in document ? { layout: { ...rest, ...(isList(layout['runs']) ? { arrangements: runs.map(upgradeRun) } : {}) } } : {}),
		...('finish' in document
			? {
					finish: {
						...finish,
						...(isList(finish['coats']) ? { coats: asList(finish['coats']).map((coat) => upgradeCoat(coat, runs)) } : {})
					}
				}
			: {})
	};
}

function upgradeRun(old: Loose): Loose {
	const run = Object.fromEntries(Object.entries(old).filter(([key]) => key !== 'colour' && key !== 'edge'));
	const counted = (spots: unknown) => (Array.isArray(spots) ? spots.map(asObject).map(countFromLeft) : spots);
	return { kind: 'run', ...run, moved: counted(run['moved']), leftOut: counted(run['leftOut']) };
}

function countFromLeft({ index, ...spot }: Loose): Loose {
	return { ...spot, place: `left ${String(index)}` };
}

function upgradeCoat(coat: unknown, runs: readonly Loose[]): unknown {
	const loose = asObject(coat);
	if (loose['kind'] !== 'stencil') return coat;
	const { run, ...rest } = loose;
	const through = runs.find(({ id }) => id === run);
	return { ...rest, arrangement: run, colour: through?.['colour'], edge: through?.['edge'] };
}
