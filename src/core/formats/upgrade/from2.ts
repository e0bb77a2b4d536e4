import { asList, asObject, type Loose } from './loose';

/** Version 2 knew one pattern of colour, the edge shade on each part by itself, with its figures beside those of every zone. */
export function upgradeFrom2(document: Loose): Loose {
	if (!('layout' in document)) return { ...document, version: 3 };
	const layout = asObject(document['layout']);
	const zones =
		'zones' in layout ? { zones: Array.isArray(layout['zones']) ? asList(layout['zones']).map(upgradeZone) : layout['zones'] } : {};
	return { ...document, version: 3, layout: { ...layout, ...zones } };
}

function upgradeZone(zone: unknown): unknown {
	const { pattern, border, corners = 'round', ...rest } = asObject(zone);
	return { over: 'each', leaves: false, field: { pattern, border, corners }, ...rest };
}
