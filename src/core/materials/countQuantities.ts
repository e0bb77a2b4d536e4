import { basesOf, type Colour } from '../colour';
import {
	amountOfCoat,
	isFilm,
	kindOfCoat,
	type Coat,
	type Layer,
	type Material,
	type Site,
	type Stack,
	type Take,
	wetRuns
} from '../layers';
import { surfacesOfPiece, type MeasuredPiece } from '../piece';
import type { Ml } from '../units';
import { LOSS, volumeForArea } from './volumeForArea';

const M2 = 1e6;

export interface Quantities {
	/** One row for each colour in each material. */
	readonly paints: readonly {
		readonly colour: string;
		readonly material: string;
		readonly area: number;
		readonly ml: Ml;
		readonly uses: readonly { readonly coat: string; readonly area: number; readonly ml: Ml }[];
	}[];
	/** What has to be there of every colour that is not mixed, with its share of all mixes, ml; and jars to buy, where it is known what a jar holds. */
	readonly jars: readonly {
		readonly colour: string;
		readonly ml: Ml;
		readonly left: Ml | null;
		readonly size: Ml | null;
		readonly toBuy: number | null;
	}[];
	/** Of each mix so much more is made, ml, and kept back: a mix of one's own cannot be made twice the same. It is in `jars`. */
	readonly keptBack: readonly { readonly colour: string; readonly ml: Ml }[];
	/** One row for each material that brings no colour of the palette. */
	readonly products: readonly { readonly material: string; readonly area: number; readonly ml: Ml; readonly mixed: readonly Portion[] }[];
	/** `sitting`: the first of the coats that are worked one into the other, itself where it is by itself: their tools are in hand at once. */
	readonly tools: readonly { readonly coat: string; readonly sitting: string; readonly tool: string; readonly count: number }[];
	/** m2 of each surface. */
	readonly surfaces: readonly { readonly surface: string; readonly area: number }[];
}

/** Of what is mixed at the bench: what goes into it, ml. */
interface Portion {
	readonly of: NonNullable<Material['recipe']>[number]['of'];
	readonly ml: Ml;
}

interface Use {
	readonly coat: string;
	readonly colour: string | null;
	readonly material: string;
	/** m2, once over. */
	readonly area: number;
	readonly ml: number;
	/** Empty where nothing is mixed at the bench. */
	readonly mixed: readonly Portion[];
}

/**
 * What the finish takes, from how much there is where each coat goes (`measureSites`): millilitres of every colour and of
 * every other material, and the tools. Source: methods 9.
 */
export function countQuantities(
	stack: Stack,
	sites: ReadonlyMap<string, Site>,
	piece: MeasuredPiece,
	palette: readonly Colour[]
): Quantities {
	const runs = wetRuns(stack.layers.map(({ coat }) => coat));
	const uses = stack.layers.flatMap((layer) => usesOfLayer(layer, sites.get(layer.coat.id)!, stack.materials));
	const keptBack = keepBack(uses, palette);
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
		jars: countJars([...uses, ...keptBack], palette),
		keptBack,
		products: gather(
			uses.filter((use) => use.colour === null),
			(use) => use.material
		).map(([first, all]) => ({
			material: first.material,
			area: sum(all.map((use) => use.area)),
			ml: sum(all.map((use) => use.ml)),
			mixed: gather(
				all.flatMap(({ mixed }) => mixed),
				({ of }) => of
			).map(([{ of }, own]) => ({ of, ml: sum(own.map(({ ml }) => ml)) }))
		})),
		tools: stack.layers.flatMap((layer, at) => toolsOfLayer(layer, sites.get(layer.coat.id)!, stack.layers[runs[at]!]!.coat.id)),
		surfaces: surfacesOfPiece(piece).map(({ id, area }) => ({ surface: id, area: area / M2 }))
	};
}

/** A tenth of a mix is kept back, and no less or more than this, ml. Starting figures of ours. */
const KEPT = { share: 0.1, least: 5, most: 10 };

/** Of each colour that is mixed, and used. Source: craft 13. */
function keepBack(uses: readonly Use[], palette: readonly Colour[]): { readonly colour: string; readonly ml: Ml }[] {
	return palette.flatMap(({ id, mix }) => {
		const ml = sum(uses.filter(({ colour }) => colour === id).map((use) => use.ml));
		return mix && ml > 0 ? [{ colour: id, ml: Math.min(KEPT.most, Math.max(KEPT.least, KEPT.share * ml)) }] : [];
	});
}

/** A mix takes of the jars of its parts, a mix of mixes of theirs. */
function countJars(uses: readonly Pick<Use, 'colour' | 'ml'>[], palette: readonly Colour[]): Quantities['jars'] {
	const needed = new Map<string, number>();
	const bases = basesOf(palette);
	for (const { colour, ml } of uses)
		if (colour !== null)
			for (const [base, share] of bases.get(colour) ?? [[colour, 1] as const]) needed.set(base, (needed.get(base) ?? 0) + ml * share);
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

/** What one coat takes on a site: of each colour and material, ml. */
export function takenOn(layer: Layer, site: Site, materials: Stack['materials']): Pick<Use, 'colour' | 'material' | 'ml'>[] {
	return usesOfLayer(layer, site, materials).map(({ colour, material, ml }) => ({ colour, material, ml }));
}

function usesOfLayer({ coat, material }: Layer, site: Site, materials: Stack['materials']): Use[] {
	if (material === null) return [];
	const takes = gather(kindOfCoat(coat).takes(coat, site, material), (take) => `${take.colour ?? ''} ${take.material ?? ''}`);
	const isTinted = takes.some(([{ colour }]) => colour !== null);
	return takes.flatMap(([{ colour, material: other }, all]): Use[] => {
		const of = other === undefined ? material : materials.get(other);
		if (!of) return [];
		const ml = sum(all.map((take) => mlOf(coat, take, of.coverage)));
		const use = { coat: coat.id, material: of.id, area: sum(all.map(({ area }) => area)) };
		if (colour === null) return [{ ...use, colour, ml, mixed: portionsOf(of, ml, isTinted) }];
		const own = of.kind === 'paint' ? shareOfPaint(of) : 1;
		const paint: Use = { ...use, colour, ml: ml * own, mixed: [] };
		return own === 1 ? [paint] : [paint, { ...use, colour: null, ml: ml * (1 - own), mixed: portionsOf(of, ml * (1 - own), true) }];
	});
}

/** Of a paint that is mixed at the bench, how much of it is paint. */
function shareOfPaint({ recipe = [] }: Material): number {
	const all = sum(recipe.map(({ parts }) => parts));
	return all === 0 ? 1 : sum(recipe.filter(({ of }) => of === 'paint').map(({ parts }) => parts)) / all;
}

/** What goes into so much of what is mixed by a recipe; its paint stands among the paints where it has a colour of the palette. */
function portionsOf({ recipe = [] }: Material, ml: Ml, isTinted: boolean): Portion[] {
	const own = recipe.filter(({ of }) => !(isTinted && of === 'paint'));
	const parts = sum(own.map((one) => one.parts));
	return own.map((one) => ({ of: one.of, ml: (ml * one.parts) / parts }));
}

function mlOf(coat: Coat, { area, ml, share = 1, material }: Take, coverage: number): Ml {
	if (ml !== undefined) return ml;
	const isOther = material !== undefined;
	const [times, applicator] = isFilm(coat) ? [isOther ? coat.times : amountOfCoat(coat), coat.applicator] : [1, 'cloth' as const];
	return share * volumeForArea(area * M2, times, coverage, LOSS[applicator]);
}

function toolsOfLayer({ coat, material }: Layer, { colours, area, open }: Site, sitting: string): Quantities['tools'] {
	return kindOfCoat(coat)
		.tools(coat, colours, material, open?.area ?? area)
		.map((tool) => ({ coat: coat.id, sitting, ...tool }));
}

function gather<T>(list: readonly T[], keyOf: (item: T) => string): [first: T, all: T[]][] {
	const groups = new Map<string, T[]>();
	for (const item of list) groups.set(keyOf(item), [...(groups.get(keyOf(item)) ?? []), item]);
	return [...groups.values()].map((all) => [all[0]!, all]);
}

function sum(values: readonly number[]): number {
	return values.reduce((a, b) => a + b, 0);
}
