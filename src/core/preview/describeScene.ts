import type { Colour } from '../colour';
import { isFilm, type Coat, type FilmCoat, type Material } from '../layers';
import { measureMotif, partsOf, type Layout, type Placement } from '../layout';
import { FRAME, type Box, type MeasuredFace, type Part } from '../piece';
import type { Scene, SceneLayer } from './scene';

export interface SceneSource {
	readonly face: MeasuredFace;
	readonly ground: string;
	readonly layout: Layout;
	readonly palette: readonly Colour[];
	readonly coats: readonly Coat[];
	readonly materials: ReadonlyMap<string, Material>;
	readonly placements: readonly Placement[];
	/** Surfaces of each coat, by its id. */
	readonly surfacesOf: (coat: string) => readonly string[];
}

const SEED = 20;
/** Shown where a colour is not known. */
const UNKNOWN = '#b0aca4';

/** One face and its coats as plain data for the renderer: one layer for each step, so that steps can be counted. */
export function describeScene(source: SceneSource): Scene {
	const { face, ground } = source;
	const fronts = face.parts.filter((part) => part.role === 'drawer').map(({ id, x, y, width, height }) => ({ id, x, y, width, height }));
	return {
		width: face.width,
		height: face.height,
		fronts,
		gaps: gapsOf(face, fronts),
		ground,
		seed: SEED,
		layers: source.coats.map((coat) => layerOf(coat, source))
	};
}

function layerOf(coat: Coat, source: SceneSource): SceneLayer {
	const material = 'material' in coat ? source.materials.get(coat.material) : undefined;
	if (!isFilm(coat) || !material) return { kind: 'none', coat: coat.id };
	const surfaces = source.surfacesOf(coat.id);
	const area = {
		boxes: source.face.parts.filter((part) => part.role === 'drawer' && surfaces.includes(part.id)).map(boxOf),
		frame: surfaces.includes(FRAME)
	};
	const film = coat.times * coat.thickness * material.film;
	const cover = (opacity: number) => 1 - (1 - opacity) ** (coat.times * coat.thickness);
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
	const colours = zone.colours.map((id) => source.palette.find((colour) => colour.id === id));
	const boxes = partsOf(zone.parts, { name: '', faces: [source.face], issues: [] }).map(boxOf);
	const opacity = Math.min(...colours.map((colour) => colour?.opacity ?? 1));
	return {
		kind: 'blend',
		coat: coat.id,
		boxes,
		zone,
		hexes: colours.map((colour) => colour?.hex ?? UNKNOWN),
		method: coat.method,
		...paint,
		cover: cover(opacity)
	};
}

function stencilLayer(coat: Extract<FilmCoat, { kind: 'stencil' }>, source: SceneSource, { cover, ...paint }: Film): SceneLayer {
	const run = source.layout.runs.find((other) => other.id === coat.run);
	const motif = source.layout.motifs.find((other) => other.id === run?.motif);
	if (!run || !motif) return { kind: 'none', coat: coat.id };
	const colour = source.palette.find((other) => other.id === run.colour);
	const spots = source.placements
		.filter((placement) => placement.run === run.id)
		.map(({ part: id, left, top, width, height, scale, cut }) => {
			const clip = boxOf(source.face.parts.find((part) => part.id === id)!);
			return { x: clip.x + left, y: clip.y + top, width, height, scale, cut, clip };
		});
	return {
		kind: 'stencil',
		coat: coat.id,
		edge: run.edge,
		rings: measureMotif(motif).rings,
		spots,
		...paint,
		hex: colour?.hex ?? UNKNOWN,
		cover: cover(colour?.opacity ?? 1)
	};
}

/** What is no front and no frame: the openings less the fronts, as boxes around each front. */
function gapsOf(face: MeasuredFace, fronts: readonly Box[]): Box[] {
	const side = face.gaps.find((gap) => gap.at === 'side')?.mm ?? 0;
	const across = { x: (fronts[0]?.x ?? 0) - side, width: (fronts[0]?.width ?? 0) + 2 * side };
	return face.readings
		.filter(({ role }) => role === 'gap' || role === 'drawer')
		.map(({ from, mm }) => ({ ...across, y: from, height: mm }));
}

function boxOf({ x, y, width, height }: Part): Box {
	return { x, y, width, height };
}
