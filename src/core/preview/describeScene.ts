import { pigmentOfHex, pigmentsOf, type Colour } from '../colour';
import { amountOfCoat, isFilm, METHODS, type Coat, type FilmCoat, type Material } from '../layers';
import { flattenOutline } from '../geometry';
import { layZone, type LaidItem, type Layout } from '../layout';
import { isBoxOutline, isOwnSurface, surfacesWithin, type Box, type MeasuredFace, type Part } from '../piece';
import { FIRST_FRONT, FRAME, MOST_FRONTS, type Scene, type SceneLayer } from './scene';

export interface SceneSource {
	readonly face: MeasuredFace;
	/** All of the piece: what climbs it hangs on its height. */
	readonly faces: readonly MeasuredFace[];
	readonly grain: 'level' | 'upright';
	readonly layout: Layout;
	readonly palette: readonly Colour[];
	readonly coats: readonly Coat[];
	readonly materials: ReadonlyMap<string, Material>;
	readonly items: readonly LaidItem[];
	/** Surfaces of each coat, by its id. */
	readonly surfacesOf: (coat: string) => readonly string[];
}

const SEED = 20;
/** Shown where a colour is not known. */
const UNKNOWN = '#b0aca4';

/** One face and its coats as plain data for the renderer: one layer for each step, so that steps can be counted. */
export function describeScene(source: SceneSource): Scene {
	const { face, grain } = source;
	const ringOf = (part: Pick<Part, 'outline'>) => (isBoxOutline(part.outline) ? null : flattenOutline(part.outline));
	return {
		width: face.width,
		height: face.height,
		outline: ringOf(face),
		fronts: frontsOf(face).map((part) => ({ ...boxOf(part), id: part.id, ring: ringOf(part), setOff: standOf(part, face) })),
		gaps: [...face.gaps.flatMap(({ boxes }) => boxes), ...face.parts.filter(({ role }) => role === 'open').map(boxOf)],
		ground: face.ground,
		grain,
		seed: SEED,
		layers: source.coats.map((coat) => layerOf(coat, source))
	};
}

function frontsOf(face: MeasuredFace): Part[] {
	return face.parts.filter(isOwnSurface).slice(0, MOST_FRONTS);
}

/** From the face, not from the part it lies on. */
function standOf(part: Part, face: MeasuredFace): number {
	const under = face.parts.find(({ id }) => id === part.on);
	return part.setOff + (under ? standOf(under, face) : 0);
}

/** The values of the map of surfaces for so many ids. */
function valuesOf(surfaces: readonly string[], face: MeasuredFace): number[] {
	const fronts = frontsOf(face);
	return surfaces.flatMap((id) => {
		if (id === face.id) return [FRAME];
		const at = fronts.findIndex((front) => front.id === id);
		return at < 0 ? [] : [FIRST_FRONT + at];
	});
}

function layerOf(coat: Coat, source: SceneSource): SceneLayer {
	const material = 'material' in coat ? source.materials.get(coat.material) : undefined;
	if (!isFilm(coat) || !material) return { kind: 'none', coat: coat.id };
	const area = { surfaces: valuesOf(source.surfacesOf(coat.id), source.face) };
	const amount = amountOfCoat(coat);
	const film = amount * material.film;
	const cover = (opacity: number) => 1 - (1 - opacity) ** amount;
	const paint = { sheen: material.sheen, film };
	switch (coat.kind) {
		case 'prime': {
			const tint = material.tint ?? { hex: '#d9c9a8', opacity: 0.06 };
			return { kind: 'paint', coat: coat.id, ...area, ...paint, hex: tint.hex, cover: cover(tint.opacity) };
		}
		case 'base': {
			const colour = source.palette.find((other) => other.id === coat.colour);
			return { kind: 'paint', coat: coat.id, ...area, ...paint, hex: colour?.hex ?? UNKNOWN, cover: cover(colour?.opacity ?? 1) };
		}
		case 'blend':
			return blendLayer(coat, source, { ...paint, cover });
		case 'stencil':
			return stencilLayer(coat, source, { ...paint, cover });
		case 'clear':
		case 'wax': {
			const tint = material.tint ? { ...paint, hex: material.tint.hex, cover: cover(material.tint.opacity) } : null;
			return { kind: 'clear', coat: coat.id, ...area, sheen: material.sheen, tint };
		}
	}
}

interface Film {
	readonly sheen: number;
	readonly film: number;
	readonly cover: (opacity: number) => number;
}

function blendLayer(coat: Extract<FilmCoat, { kind: 'blend' }>, source: SceneSource, { cover, ...paint }: Film): SceneLayer {
	const zone = source.layout.zones.find((other) => other.id === coat.zone);
	if (!zone) return { kind: 'none', coat: coat.id };
	const pigments = pigmentsOf(source.palette);
	const regions = layZone(zone, source, source.items)
		.filter(({ face }) => face.id === source.face.id)
		.map(({ part, laid }) => ({
			box: boxOf(part),
			laid,
			surfaces: valuesOf(surfacesWithin(part, source.face), source.face)
		}));
	return {
		kind: 'blend',
		coat: coat.id,
		regions,
		zone,
		colours: zone.colours.map((id) => {
			const { paint, strength } = pigments.get(id) ?? pigmentOfHex(UNKNOWN);
			return { paint, strength, cover: cover(source.palette.find((colour) => colour.id === id)?.opacity ?? 1) };
		}),
		hand: METHODS[coat.method].hand,
		...paint
	};
}

function stencilLayer(coat: Extract<FilmCoat, { kind: 'stencil' }>, source: SceneSource, { cover, ...paint }: Film): SceneLayer {
	const colour = source.palette.find((other) => other.id === coat.colour);
	const spots = source.items
		.filter(({ arrangement, rings }) => arrangement === coat.arrangement && rings.length > 0)
		.flatMap(({ part: id, rings }) => {
			const part = id === source.face.id ? source.face.whole : source.face.parts.find((other) => other.id === id);
			if (!part) return [];
			return [{ rings: rings.map((ring) => ring.map((value, i) => value + (i % 2 === 0 ? part.x : part.y))), clip: boxOf(part) }];
		});
	return {
		kind: 'stencil',
		coat: coat.id,
		edge: coat.edge,
		spots,
		...paint,
		hex: colour?.hex ?? UNKNOWN,
		cover: cover(colour?.opacity ?? 1)
	};
}

function boxOf({ x, y, width, height }: Part): Box {
	return { x, y, width, height };
}
