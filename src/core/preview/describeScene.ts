import { pigmentOfHex, pigmentsOf, type Colour } from '../colour';
import {
	amountOfCoat,
	colourOf,
	hiddenBy,
	isFilm,
	kindOfCoat,
	materialOf,
	needsMaterial,
	whereOf,
	type Coat,
	type Look,
	type Material,
	type Traits
} from '../layers';
import { flattenOutline } from '../geometry';
import { layZone, type LaidItem, type Layout } from '../layout';
import {
	groundOn,
	partOnFace,
	GROUNDS,
	isBoxOutline,
	isOwnSurface,
	standOf,
	surfacesWithin,
	type Box,
	type MeasuredFace,
	type GroundId,
	type Part
} from '../piece';
import type { Um } from '../units';
import { FIRST_FRONT, FRAME, MOST_FRONTS, type Scene, type SceneLayer, type PaintedMotif } from './scene';

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
	/** How each coat lies on the piece, by its id: as the stack has it. */
	readonly steps: ReadonlyMap<string, SceneStep>;
}

/** A coat as it lies on the piece. */
export interface SceneStep {
	readonly surfaces: readonly string[];
	/** Arrangements under a mask when it is laid. */
	readonly masked: readonly string[];
	readonly film: Um;
	readonly traits: Traits;
	/** The coats that it comes to lie over, bottom up; what was taken off before is not among them. */
	readonly liesOver: readonly string[];
}

const SEED = 20;
/** Shown where a colour is not known. */
const UNKNOWN = { hex: '#b0aca4', opacity: 1 };

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
		grounds: groundsOf(face, (ground) => ground),
		grain,
		seed: SEED,
		hardware: face.whole.hardware.map(({ kind, footprint: { x, y, width, height }, round, holes }) => ({
			kind,
			x,
			y,
			width,
			height,
			round,
			holes: holes.map((hole) => ({ x: hole.x, y: hole.y, diameter: hole.diameter }))
		})),
		layers: linkLayers(
			source.coats.map((coat) => ({ ...layerOf(coat, source), ...exceptOf(coat, source) })),
			source.steps
		)
	};
}

/** Layers that know which coat under them works in them: the one that lies nearest under each and is active, where nothing was laid on it since. */
export function linkLayers(layers: readonly SceneLayer[], steps: ReadonlyMap<string, Pick<SceneStep, 'liesOver'>>): readonly SceneLayer[] {
	const active = new Set(layers.filter(({ isActive }) => isActive).map(({ coat }) => coat));
	if (active.size === 0) return layers;
	return layers.map((layer) => {
		const next = layer.kind === 'none' ? undefined : steps.get(layer.coat)?.liesOver.at(-1);
		return next !== undefined && active.has(next) ? { ...layer, over: next } : layer;
	});
}

function frontsOf(face: MeasuredFace): Part[] {
	return face.parts.filter(isOwnSurface).slice(0, MOST_FRONTS);
}

/** What is there when an old finish is off. */
const baredOf = (ground: GroundId): GroundId => GROUNDS[ground].bared ?? ground;

function groundsOf(face: MeasuredFace, look: (ground: GroundId) => GroundId): Scene['grounds'] {
	return Object.fromEntries(
		frontsOf(face).flatMap(({ id }, i) => (Object.hasOwn(face.grounds, id) ? [[FIRST_FRONT + i, look(groundOn(face, id))] as const] : []))
	);
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

/** What an effect needs to know of one step, put together from what its kind says of its look. */
interface Showing<Effect extends Look['effect']> {
	readonly coat: Coat;
	readonly look: Extract<Look, { effect: Effect }>;
	readonly source: SceneSource;
	readonly surfaces: readonly number[];
	readonly sheen: number;
	readonly film: number;
	readonly isWax: boolean;
	/** Of its one colour, or its material's own; null: none. */
	readonly ink: { readonly hex: string; readonly opacity: number } | null;
	/** Share of the ground that so much of it hides. */
	readonly cover: (opacity: number) => number;
}

/** How each effect is described. A new one is a line here, a member of `SceneLayer`, and a file in `effects`. */
const DESCRIBED: { readonly [Effect in Look['effect']]: (showing: Showing<Effect>) => SceneLayer } = {
	none: ({ coat, source }) => {
		const hardware = source.steps.get(coat.id)?.traits.hardware ?? null;
		return { kind: 'none', coat: coat.id, ...(hardware === null ? {} : { hardware: hardware === 'off' ? 'off' : 'on' }) };
	},
	bare: ({ coat, surfaces, source: { face } }) => ({
		kind: 'bare',
		coat: coat.id,
		surfaces,
		ground: baredOf(face.ground),
		grounds: groundsOf(face, baredOf)
	}),
	fill: ({ coat, source: { face } }) => ({
		kind: 'stencil',
		coat: coat.id,
		edge: 'crisp',
		spots: face.whole.filled.map(({ x, y, diameter }) => ({ rings: [circle(x, y, diameter / 2)], clip: boxOf(face.whole) })),
		hex: FILLER,
		cover: 1,
		sheen: 0,
		film: 0
	}),
	paint: ({ coat, surfaces, ink, cover, sheen, film }) => {
		const { hex, opacity } = ink ?? CLEAR_PRIMER;
		return { kind: 'paint', coat: coat.id, surfaces, sheen, film, hex, cover: cover(opacity) };
	},
	blend: ({ coat, look, source, cover, sheen, film }) => describeBlend(coat, look.hand, source, { cover, sheen, film }),
	stencil: ({ coat, look, source, ink, cover, sheen, film }) => {
		const spots = spotsOf(coat, source);
		if (isInZone(coat)) return describeBlend(coat, DABBED, source, { cover, sheen, film }, { spots, edge: look.edge });
		const { hex, opacity } = ink ?? UNKNOWN;
		const heart = source.palette.find(({ id }) => id === look.heart);
		return {
			kind: 'stencil',
			coat: coat.id,
			edge: look.edge,
			spots,
			sheen,
			film,
			hex,
			cover: cover(opacity),
			...(look.ridge ? { ridge: film * RIDGE } : {}),
			...(look.reach === undefined ? {} : { reach: look.reach }),
			...(heart ? { heart: { hex: heart.hex, cover: cover(heart.opacity) } } : {}),
			...(look.dry ? { dry: true } : {})
		};
	},
	relief: ({ coat, look, source, ink, cover, sheen, film }) => {
		const { hex, opacity } = ink ?? UNKNOWN;
		const edges = materialOf(coat, source.materials)?.casting?.edges;
		return {
			kind: 'relief',
			coat: coat.id,
			spots: spotsOf(coat, source),
			shoulder: edges ?? look.shoulder,
			hex,
			cover: cover(opacity),
			sheen,
			film
		};
	},
	/** A dark wax is rubbed off where it can be, and stays in corners and grain: as a glaze does. */
	clear: ({ coat, source, surfaces, ink, isWax, cover, sheen, film }) =>
		ink !== null && isWax
			? {
					kind: 'glaze',
					coat: coat.id,
					surfaces,
					sheen,
					film,
					hex: ink.hex,
					cover: 1 - (1 - cover(ink.opacity)) ** (1 / KEPT_ON_FLAT),
					...throughOf(coat, source)
				}
			: {
					kind: 'clear',
					coat: coat.id,
					surfaces,
					sheen,
					tint: ink === null ? null : { sheen, film, hex: ink.hex, cover: cover(ink.opacity) },
					...throughOf(coat, source)
				},
	glaze: ({ coat, look, source, surfaces, ink, cover, sheen, film }) =>
		ink === null
			? { kind: 'clear', coat: coat.id, surfaces, sheen, tint: null, ...throughOf(coat, source) }
			: {
					kind: 'glaze',
					coat: coat.id,
					surfaces,
					sheen,
					film,
					hex: ink.hex,
					cover: cover(hiddenBy(ink.opacity, look.strength)),
					...throughOf(coat, source)
				},
	/** No effect of its own yet: its colour over its share of the ground, through motifs as a soft print. */
	plain: ({ coat, look, source, surfaces, ink, cover, sheen, film }) => {
		if (ink === null) return { kind: 'clear', coat: coat.id, surfaces, sheen, tint: null, ...throughOf(coat, source) };
		const paint = { hex: ink.hex, cover: look.share * cover(ink.opacity), sheen, film };
		if (whereOf(coat).through !== undefined)
			return { kind: 'stencil', coat: coat.id, edge: 'soft', spots: spotsOf(coat, source), ...paint };
		return { kind: 'paint', coat: coat.id, surfaces, ...paint };
	},
	expose: ({ coat, source, surfaces }) => {
		const raised = raisedUnder(coat, source);
		if (raised === null) return { kind: 'none', coat: coat.id };
		const { sheen, hex } = raised;
		return { kind: 'gild', coat: coat.id, surfaces, catches: 'all', sheen, film: 0, hex, cover: 1, ...throughOf(coat, source) };
	},
	gild: ({ coat, look, source, surfaces, ink, cover, sheen, film }) => ({
		kind: 'gild',
		coat: coat.id,
		surfaces,
		catches: look.catches,
		sheen,
		film,
		hex: ink?.hex ?? UNKNOWN.hex,
		cover: cover(ink?.opacity ?? 1),
		...throughOf(coat, source)
	})
};

/** What was raised last where a sanding goes, and has been covered since; null where there is nothing to show. */
function raisedUnder(coat: Coat, source: SceneSource): Extract<SceneLayer, { kind: 'relief' }> | null {
	const { liesOver = [] } = source.steps.get(coat.id) ?? {};
	const before = source.coats.filter(({ id }) => liesOver.includes(id));
	const { through } = whereOf(coat);
	const at = before.findLastIndex((other) => whereOf(other).through === through && kindOfCoat(other).look(other).effect === 'relief');
	if (at < 0 || !before.slice(at + 1).some((other) => isFilm(other) && whereOf(other).through !== through)) return null;
	const layer = layerOf(before[at]!, source);
	return layer.kind === 'relief' ? layer : null;
}

/** Along tape paint stands up by so much more than its film. */
const RIDGE = 0.8;
/** A glaze leaves about this share of itself on the flat: a wax is told by what is left there. */
const KEPT_ON_FLAT = 0.3;
/** Pale and dull, as most fillers dry. */
const FILLER = '#dccaa4';
/** Clear shellac darkens wood a little. */
const CLEAR_PRIMER = { hex: '#d9c9a8', opacity: 0.06 };
/** A print in several colours is dabbed: they meet without strokes. */
const DABBED = { strokes: 'none', stroke: 0, patch: 0.3, size: 5, everywhere: 0.02 } as const;

function layerOf(coat: Coat, source: SceneSource): SceneLayer {
	const material = materialOf(coat, source.materials);
	const look = kindOfCoat(coat).look(coat);
	if (needsMaterial(coat) && !material) return { kind: 'none', coat: coat.id };
	const step = source.steps.get(coat.id);
	const amount = isFilm(coat) ? amountOfCoat(coat) : 1;
	const colour = colourOf(coat);
	const ink = typeof colour === 'string' ? (source.palette.find(({ id }) => id === colour) ?? UNKNOWN) : (material?.tint ?? null);
	const showing = {
		coat,
		look,
		source,
		surfaces: valuesOf(step?.surfaces ?? [], source.face),
		sheen: material?.sheen ?? 0,
		film: step?.film ?? 0,
		isWax: material?.carrier === 'wax',
		ink,
		cover: (opacity: number) => hiddenBy(opacity, amount)
	};
	return (DESCRIBED[look.effect] as (showing: Showing<Look['effect']>) => SceneLayer)(showing);
}

function isInZone(coat: Coat): boolean {
	const colour = colourOf(coat);
	return colour !== null && typeof colour !== 'string';
}

function throughOf(coat: Coat, source: SceneSource): Pick<Extract<SceneLayer, { kind: 'clear' }>, 'through'> {
	return whereOf(coat).through === undefined ? {} : { through: { spots: spotsOf(coat, source), edge: 'soft' } };
}

function describeBlend(
	coat: Coat,
	hand: Extract<SceneLayer, { kind: 'blend' }>['hand'],
	source: SceneSource,
	{ cover, ...paint }: Pick<Showing<'blend'>, 'sheen' | 'film' | 'cover'>,
	through?: Extract<SceneLayer, { kind: 'blend' }>['through']
): SceneLayer {
	const id = whereOf(coat).zone;
	const zone = source.layout.zones.find((other) => other.id === id);
	if (!zone) return { kind: 'none', coat: coat.id };
	const pigments = pigmentsOf(source.palette);
	const regions = layZone(zone, source, source.items)
		.filter(({ face }) => face.id === source.face.id)
		.map(({ part, laid, surfaces }) => ({ box: boxOf(part), laid, surfaces: valuesOf(surfaces, source.face) }));
	return {
		kind: 'blend',
		coat: coat.id,
		regions,
		zone,
		colours: zone.colours.map((id) => {
			const { paint, strength } = pigments.get(id) ?? pigmentOfHex(UNKNOWN.hex);
			return { paint, strength, cover: cover(source.palette.find((colour) => colour.id === id)?.opacity ?? 1) };
		}),
		hand,
		...paint,
		...(through ? { through } : {})
	};
}

/** What masks cover while a coat is laid. */
function exceptOf(coat: Coat, source: SceneSource): Pick<SceneLayer, 'except'> {
	const masked = source.steps.get(coat.id)?.masked ?? [];
	if (masked.length === 0) return {};
	return { except: { spots: masked.flatMap((arrangement) => spotsOfItems(source, arrangement, undefined, null)), edge: 'crisp' } };
}

/** The motifs that a coat goes through, where they lie on the face. */
function spotsOf(coat: Coat, source: SceneSource): PaintedMotif[] {
	const { through, role } = whereOf(coat);
	return spotsOfItems(source, through, role, new Set(source.steps.get(coat.id)?.surfaces));
}

function spotsOfItems(
	{ items, face }: SceneSource,
	through: string | undefined,
	role: string | undefined,
	on: ReadonlySet<string> | null
): PaintedMotif[] {
	return items
		.filter((item) => item.arrangement === through && item.rings.length > 0 && (role === undefined || item.role === role))
		.flatMap(({ part: id, rings, centre, width, height }) => {
			const part = partOnFace(face, id);
			if (!part || (on !== null && !surfacesWithin(part, face).some((surface) => on.has(surface)))) return [];
			return [
				{
					rings: rings.map((ring) => ring.map((value, i) => value + (i % 2 === 0 ? part.x : part.y))),
					clip: boxOf(part),
					heart: { x: centre.x + part.x, y: centre.y + part.y, reach: Math.hypot(width, height) / 2 }
				}
			];
		});
}

const ROUND = 24;

function circle(x: number, y: number, radius: number): number[] {
	return Array.from({ length: ROUND }, (_, i) => (2 * Math.PI * i) / ROUND).flatMap((turn) => [
		x + radius * Math.cos(turn),
		y + radius * Math.sin(turn)
	]);
}

function boxOf({ x, y, width, height }: Part): Box {
	return { x, y, width, height };
}
