import { amountOfCoat, METHODS, type Coat, type FilmCoat, type Layer, type Stack } from '../layers';
import { joinsOf, layZone, patternOf, type LaidPart, type Layout, type Zone } from '../layout';
import { LOSS, volumeForArea } from '../materials';
import type { MeasuredPiece } from '../piece';
import { cutSections, type WetPart } from '../schedule';
import type { BlendWork, ZonePlan } from './types';

type Blend = Extract<FilmCoat, { kind: 'blend' }>;

/** The work of every blended coat: its sections in order, with what each takes; and what cannot be done wet, with what would help. Source: methods 11. */
export function sectionBlends(stack: Stack, piece: MeasuredPiece, zones: readonly ZonePlan[], layout: Layout): BlendWork[] {
	return stack.layers.flatMap((layer) => {
		const { coat } = layer;
		if (coat.kind !== 'blend') return [];
		const zone = layout.zones.find(({ id }) => id === coat.zone);
		return zone ? [workOf(coat, zone, layer, piece, zones)] : [];
	});
}

function workOf(coat: Blend, zone: Zone, { drying, material }: Layer, piece: MeasuredPiece, zones: readonly ZonePlan[]): BlendWork {
	const method = METHODS[coat.method];
	const rate = method.rate * (coat.hands ?? 1);
	/** A crisp zone has no join to be worked wet. */
	const open = method.wet && zone.softness > 0 && drying.open > 0 ? drying.open + (coat.extender ?? 0) : Infinity;
	const parts = layZone(zone, piece).map((one) => wetPart(one, zone, zones));
	const { holds, list, tooLarge } = cutSections(
		parts.filter(({ area }) => area > 0),
		rate,
		open
	);
	const mlOf = (area: number) =>
		material ? volumeForArea(area * 1e6, amountOfCoat(coat) / coat.times, material.coverage, LOSS[coat.applicator]) : 0;
	return {
		coat: coat.id,
		zone: zone.id,
		passes: coat.times,
		open: Number.isFinite(open) ? open : null,
		holds: Number.isFinite(holds) ? holds : null,
		rate,
		minutes: list.reduce((sum, section) => sum + section.minutes, 0),
		sections: list.map((section) => ({ ...section, ml: mlOf(section.area) })),
		tooLarge: tooLarge.map((one) => ({ ...one, remedies: remediesFor(coat, one.short, open) }))
	};
}

function wetPart({ part, face, laid }: LaidPart, zone: Zone, zones: readonly ZonePlan[]): WetPart {
	const areas = zones.find((plan) => plan.zone === zone.id && plan.part === part.id)?.areas ?? [];
	return {
		part: part.id,
		face: face.id,
		x: part.x,
		y: part.y,
		width: part.width,
		height: part.height,
		area: areas.reduce((sum, { area }) => sum + area, 0),
		flats: flatsOf(zone, part, laid)
	};
}

/** The middles of the bands that cross a part, from its left or top edge: there it may be cut without cutting a join. */
function flatsOf(zone: Zone, part: LaidPart['part'], laid: LaidPart['laid']): WetPart['flats'] {
	const { field } = zone;
	if (field.pattern !== 'bands' || laid.flat !== null) return null;
	const reach = patternOf(field).reach(field, laid.region);
	const ends = [0, ...joinsOf(zone, laid.region).map(({ at }) => at), reach];
	const isLevel = field.from === 'bottom' || field.from === 'top';
	const isTurned = field.from === 'bottom' || field.from === 'right';
	const [offset, length] = isLevel ? [laid.y, part.height] : [laid.x, part.width];
	const at = ends
		.slice(1)
		.map((end, i) => (end + ends[i]!) / 2)
		.map((depth) => (isTurned ? reach - depth : depth) - offset)
		.filter((place) => place > 0 && place < length)
		.sort((a, b) => a - b);
	return at.length > 0 ? { along: isLevel ? 'down' : 'across', at } : null;
}

/** An extender that adds what is missing, a second pair of hands where that is enough, or a method that can be wetted again. */
function remediesFor(coat: Blend, short: number, open: number): BlendWork['tooLarge'][0]['remedies'] {
	const hands = coat.hands ?? 1;
	const missing = Math.ceil(short);
	const helps = ((open + short) * hands) / (hands + 1) <= open;
	const change = (says: string, changed: Coat) => ({ says, coat: changed });
	return [
		change(`Put in an extender that adds ${missing + (coat.extender ?? 0)} minutes, by its label`, {
			...coat,
			extender: missing + (coat.extender ?? 0)
		}),
		...(helps ? [change(`Work on it ${hands + 1} at once`, { ...coat, hands: hands + 1 })] : []),
		...(coat.method === 'mist-and-feather'
			? []
			: [change('Mist and feather it: that can be wetted again', { ...coat, method: 'mist-and-feather' as const })])
	];
}
