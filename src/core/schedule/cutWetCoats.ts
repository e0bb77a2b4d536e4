import { kindOfCoat, type Layer, type Rates, type Stack } from '../layers';
import { joinsOf, layZone, patternOf, type LaidPart, type Layout, type Zone, type ZoneAreas } from '../layout';
import { faceOf, surfacesOfPiece, type MeasuredPiece } from '../piece';
import type { Minutes } from '../units';
import { cutSections, type Sections, type WetPart } from './cutSections';
import type { DryingTimes } from './dryMaterial';

/** A coat that is worked section by section, and its sections. */
export interface WetCoat extends Sections {
	readonly layer: Layer;
	readonly parts: readonly WetParts[];
	/** m2 a minute, by all hands. */
	readonly rate: number;
	/** Minutes that it can be worked, with its extender; Infinity: it need not be kept wet. */
	readonly open: Minutes;
}

/** `soft`: it has joins to be worked wet. */
type WetParts = WetPart & { readonly soft: boolean };

/** Every coat that is worked in sections, by its id, each section done within its open time in this workshop. Source: methods 11. */
export function cutWetCoats(
	stack: Stack,
	drying: readonly DryingTimes[],
	where: { readonly piece: MeasuredPiece; readonly zones: readonly ZoneAreas[]; readonly layout: Layout },
	rates: Rates
): ReadonlyMap<string, WetCoat> {
	return new Map(
		stack.layers.flatMap((layer) => {
			if (kindOfCoat(layer.coat).sections(layer.coat, rates) === null) return [];
			const parts = partsOfCoat(layer, where);
			const cut = parts && cutWetCoat(layer, parts, drying[layer.at]!, rates);
			return cut ? [[layer.coat.id, cut]] : [];
		})
	);
}

/** The sections of a coat as it is, or as it would be; null where it is not worked in sections. */
export function cutWetCoat(layer: Layer, parts: readonly WetParts[], drying: DryingTimes, rates: Rates): WetCoat | null {
	const wished = kindOfCoat(layer.coat).sections(layer.coat, rates);
	if (wished === null) return null;
	const { rate, wet, extender } = wished;
	/** A crisp zone has no join to be worked wet. */
	const open = wet && parts.some(({ soft }) => soft) && drying.open > 0 ? drying.open + extender : Infinity;
	return { layer, parts, rate, open, ...cutSections(parts, rate, open) };
}

/** Of a zone the parts that it colours, of any other coat its surfaces. Null where its zone is not known. */
function partsOfCoat(layer: Layer, { piece, zones, layout }: Parameters<typeof cutWetCoats>[2]): WetParts[] | null {
	const id = kindOfCoat(layer.coat).where(layer.coat).zone;
	const zone = layout.zones.find((other) => other.id === id);
	if (id !== undefined && !zone) return null;
	const parts = zone ? layZone(zone, piece).map((one) => ofZone(one, zone, zones)) : surfacesOf(layer, piece);
	return parts.filter(({ area }) => area > 0);
}

function surfacesOf({ surfaces }: Layer, piece: MeasuredPiece): WetParts[] {
	return surfacesOfPiece(piece)
		.filter(({ id }) => surfaces.has(id))
		.map(({ id, face, part, area }) => {
			const { x, y, width, height } = part ?? faceOf(piece.faces, face).whole;
			return { part: id, face, x, y, width, height, area: area / 1e6, flats: null, soft: true };
		});
}

function ofZone({ part, face, laid }: LaidPart, zone: Zone, zones: readonly ZoneAreas[]): WetParts {
	const areas = zones.find((plan) => plan.zone === zone.id && plan.part === part.id)?.areas ?? [];
	return {
		part: part.id,
		face: face.id,
		x: part.x,
		y: part.y,
		width: part.width,
		height: part.height,
		area: areas.reduce((sum, { area }) => sum + area, 0),
		flats: flatsOf(zone, part, laid),
		soft: zone.softness > 0
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
