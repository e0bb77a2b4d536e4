import type { Colour } from '../colour';
import { amountOfCoat, isFilm, METHODS, type FilmCoat, type Layer, type Stack } from '../layers';
import type { ArrangementPlan, Layout } from '../layout';
import { LOSS, volumeForArea } from '../materials';
import { surfacesOfPiece, type MeasuredPiece } from '../piece';
import type { Mm2 } from '../units';
import type { Quantities, ZonePlan } from './types';

const M2 = 1e6;

interface Use {
	readonly coat: string;
	readonly colour: string | null;
	readonly material: string;
	/** m2, once over. */
	readonly area: number;
	readonly ml: number;
}

/**
 * What the finish takes: millilitres of every colour from the areas of its fields, of every other material from the
 * surfaces it lies on, and the tools of the chosen methods. Source: methods 9.
 */
export function countQuantities(
	stack: Stack,
	piece: MeasuredPiece,
	zones: readonly ZonePlan[],
	laid: readonly ArrangementPlan[],
	layout: Layout,
	palette: readonly Colour[]
): Quantities {
	const surfaces = new Map(surfacesOfPiece(piece).map(({ id, area }) => [id, area]));
	const parts = new Set(piece.faces.flatMap((face) => [face.id, ...face.parts.map(({ id }) => id)]));
	const uses = stack.layers.flatMap((layer) => usesOfLayer(layer, { surfaces, parts, zones, laid }));
	return {
		paints: gather(
			uses.filter((use) => use.colour !== null),
			(use) => `${use.colour} ${use.material}`
		).map(([first, all]) => ({
			colour: first.colour!,
			material: first.material,
			area: sum(all.map((use) => use.area)),
			ml: sum(all.map((use) => use.ml)),
			uses: all.map(({ coat, area, ml }) => ({ coat, area, ml }))
		})),
		jars: countJars(uses, palette),
		products: gather(
			uses.filter((use) => use.colour === null),
			(use) => use.material
		).map(([first, all]) => ({
			material: first.material,
			area: sum(all.map((use) => use.area)),
			ml: sum(all.map((use) => use.ml))
		})),
		tools: stack.layers.flatMap((layer) => toolsOfLayer(layer, layout)),
		surfaces: [...surfaces].map(([surface, area]) => ({ surface, area: area / M2 }))
	};
}

/** A mix takes of the jars of its parts, a mix of mixes of theirs. */
function countJars(uses: readonly Use[], palette: readonly Colour[]): Quantities['jars'] {
	const needed = new Map<string, number>();
	const take = (id: string, ml: number, above: readonly string[]) => {
		const mix = palette.find((colour) => colour.id === id)?.mix?.filter(({ colour }) => !above.includes(colour));
		const total = sum((mix ?? []).map(({ parts }) => parts));
		if (!mix || total === 0) needed.set(id, (needed.get(id) ?? 0) + ml);
		else for (const { colour, parts } of mix) take(colour, (ml * parts) / total, [...above, id]);
	};
	for (const { colour, ml } of uses) if (colour !== null) take(colour, ml, [colour]);
	return [...needed].map(([colour, ml]) => {
		const jar = palette.find(({ id }) => id === colour)?.jar;
		return {
			colour,
			ml,
			left: jar?.left ?? null,
			size: jar?.size ?? null,
			toBuy: jar ? Math.max(0, Math.ceil((ml - jar.left) / jar.size - 1e-9)) : null
		};
	});
}

interface Areas {
	readonly surfaces: ReadonlyMap<string, Mm2>;
	/** Of the faces that are counted. */
	readonly parts: ReadonlySet<string>;
	readonly zones: readonly ZonePlan[];
	readonly laid: readonly ArrangementPlan[];
}

function usesOfLayer(layer: Layer, areas: Areas): Use[] {
	const { coat, material } = layer;
	if (material === null || !('material' in coat)) return [];
	const use = (colour: string | null, area: number): Use => {
		const [times, applicator] = isFilm(coat) ? [amountOfCoat(coat), coat.applicator] : [1, 'cloth' as const];
		return { coat: coat.id, colour, material: material.id, area, ml: volumeForArea(area * M2, times, material.coverage, LOSS[applicator]) };
	};
	if (coat.kind === 'blend')
		return gather(
			areas.zones.filter((zone) => zone.zone === coat.zone && areas.parts.has(zone.part)).flatMap((zone) => zone.areas),
			(share) => share.colour
		).map(([first, all]) => use(first.colour, sum(all.map((share) => share.area))));
	if (coat.kind === 'stencil') return stencilUses(coat, areas, use);
	const area = sum([...layer.surfaces].map((surface) => areas.surfaces.get(surface) ?? 0)) / M2;
	return [use(coat.kind === 'base' ? coat.colour : null, area)];
}

/** What the openings let through as they lie, after cutting. */
function stencilUses(
	coat: Extract<FilmCoat, { kind: 'stencil' }>,
	{ laid, parts }: Areas,
	use: (colour: string, area: number) => Use
): Use[] {
	const items = laid.find(({ arrangement }) => arrangement === coat.arrangement)?.items.filter(({ part }) => parts.has(part));
	return items ? [use(coat.colour, sum(items.map(({ openArea }) => openArea)) / M2)] : [];
}

function toolsOfLayer({ coat }: Layer, layout: Layout): Quantities['tools'] {
	if (!isFilm(coat)) return [];
	if (coat.kind === 'blend') {
		const colours = layout.zones.find((zone) => zone.id === coat.zone)?.colours.length ?? 0;
		return METHODS[coat.method]
			.tools(colours, coat.brushes)
			.filter(({ count }) => count > 0)
			.map((tool) => ({ coat: coat.id, ...tool }));
	}
	const tool =
		coat.kind === 'stencil' && coat.applicator === 'brush'
			? 'stencil brush'
			: coat.kind === 'clear' && coat.applicator === 'brush'
				? 'synthetic brush'
				: coat.applicator;
	return [{ coat: coat.id, tool, count: 1 }];
}

function gather<T>(list: readonly T[], keyOf: (item: T) => string): [first: T, all: T[]][] {
	const groups = new Map<string, T[]>();
	for (const item of list) groups.set(keyOf(item), [...(groups.get(keyOf(item)) ?? []), item]);
	return [...groups.values()].map((all) => [all[0]!, all]);
}

function sum(values: readonly number[]): number {
	return values.reduce((a, b) => a + b, 0);
}
