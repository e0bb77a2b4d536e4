import { asList, asObject, type Loose } from './loose';

/** Version 3 knew ageing from the edges only. */
export function upgradeFrom3(document: Loose): Loose {
	if (!('layout' in document)) return { ...document, version: 4 };
	const layout = asObject(document['layout']);
	const zones =
		'zones' in layout ? { zones: Array.isArray(layout['zones']) ? asList(layout['zones']).map(upgradeZone) : layout['zones'] } : {};
	return { ...document, version: 4, layout: { ...layout, ...zones } };
}

function upgradeZone(zone: unknown): unknown {
	const { field, ...rest } = asObject(zone);
	const { pattern, ...figures } = asObject(field);
	return pattern === 'ageing' ? { ...rest, field: { pattern, hands: false, motifs: false, ...figures } } : zone;
}
