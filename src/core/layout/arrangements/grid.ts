import { z } from 'zod';
import { formatLength, IdSchema, NameSchema, SAME } from '../../units';
import { type MeasuredFace, type Part } from '../../piece';
import type { Issue, Mm } from '../../units';
import { partsOf } from '../partsOf';
import { PartsSchema } from '../partsSchema';
import { layItem } from './layItem';
import { motifIn } from './motifIn';
import { toScale } from './scales';
import { isSpotOf, SpotSchema } from './spot';
import { rankChoices, takeChoice } from './choose';
import type { ArrangementContext, ArrangementKind, Choice, ChoiceGroup, LaidItem, Side } from './types';

const GapSchema = z.number().min(-1000).max(10_000);

export const GridSchema = z
	.strictObject({
		kind: z.literal('grid'),
		id: IdSchema,
		name: NameSchema,
		motif: IdSchema,
		parts: PartsSchema,
		shift: z.enum(['square', 'brick', 'half-drop', 'mirrored']).meta({
			description: 'In line; every other row half a step aside; every other column half a step down; or every other one mirrored, in pairs.'
		}),
		scale: z.number().min(0.05).max(20),
		gap: z.strictObject({ across: GapSchema, down: GapSchema }).meta({ description: 'Between neighbours, mm; negative: they overlap.' }),
		middle: z.enum(['motif', 'gap']).meta({ description: 'What lies on the centre of the part.' }),
		offset: z.strictObject({ x: z.number().min(-100_000).max(100_000), y: z.number().min(-100_000).max(100_000) }),
		edge: z.enum(['cut', 'whole']).meta({ description: 'Cut at the edge of the part, or whole motifs only.' }),
		leftOut: z.array(SpotSchema).max(1000)
	})
	.meta({ description: 'An all-over field.' });
export type Grid = z.infer<typeof GridSchema>;

/** More than these on one part are not laid: they would be a texture, not motifs. */
export const MOST_ITEMS = 1500;

/** An all-over field of one motif, the same about the centre of each part. Source: methods 3. */
export const grid: ArrangementKind<Grid> = {
	word: 'All-over field',
	short: 'field',
	of: 'motif',
	spreads: false,
	start: ({ id, name, motif, parts, scale }) => ({
		kind: 'grid',
		id,
		name,
		motif: motif!.id,
		parts,
		shift: 'square',
		scale: toScale(scale / 2),
		gap: { across: Math.round(motif!.width / 4), down: Math.round(motif!.height / 4) },
		middle: 'motif',
		offset: { x: 0, y: 0 },
		edge: 'cut',
		leftOut: []
	}),
	motifs: ({ motif }) => [motif],
	take: (arrangement, _group, pick: string) => {
		const [across, down, gapAcross, gapDown] = pick.split(' ').map(Number);
		return gapDown === undefined ? arrangement : spread(arrangement, across!, down!, { across: gapAcross!, down: gapDown });
	},
	createPlanner: () => {
		const waysOf = createWays();
		return (arrangement, context) => {
			const { path, piece } = context;
			const { motif } = motifIn(context, arrangement.motif);
			const [across, down] = stepsOf(arrangement, motif);
			const nothing = { arrangement: arrangement.id, groups: [], items: [], hints: [] };
			if (across <= 0 || down <= 0) return { ...nothing, issues: [{ code: 'grid.no-step', path: `${path}.gap` }] };
			const parts = partsOf(arrangement.parts, piece);
			const dense = parts.find((part) => isDense(part, across, down));
			if (dense)
				return { ...nothing, issues: [{ code: 'grid.too-many', path: `${path}.scale`, values: { part: dense.name, most: MOST_ITEMS } }] };
			const items = layOn(parts, arrangement, context);
			return {
				...nothing,
				groups: waysOf(arrangement, parts, items.length, context),
				items,
				issues: [],
				hints: hintsOf(items, parts, path)
			};
		};
	},
	moveItem: (arrangement, item, centre) => ({
		...arrangement,
		offset: { x: arrangement.offset.x + centre.x - item.centre.x, y: arrangement.offset.y + centre.y - item.centre.y }
	}),
	leaveOut: (arrangement, { part, place }) => ({ ...arrangement, leftOut: [...arrangement.leftOut, { part, place }] }),
	isPlaced: true,
	release: null,
	meansHardware: () => false
};

/** So many across and down on the least of its parts, whole, about its centre: both odd or both even. */
function spread(arrangement: Grid, across: number, down: number, gap: Grid['gap']): Grid {
	return {
		...arrangement,
		gap,
		middle: across % 2 === 1 && down % 2 === 1 ? 'motif' : 'gap',
		offset: { x: across % 2 === down % 2 ? 0 : arrangement.offset.x, y: 0 },
		edge: 'whole'
	};
}

/** Gaps are kept to a tenth of a micrometre, and a hair too close rather than too wide: or the last ones would reach over the edge. */
const FINEST = 1e7;
const closer = (gap: Mm) => Math.floor(gap * FINEST) / FINEST;

/** A texture, not motifs. */
function isDense(part: Part, across: Mm, down: Mm): boolean {
	return (part.width / across + 1) * (part.height / down + 1) > MOST_ITEMS;
}

/**
 * As it is; and with the gaps opened or closed so that the box of the least part is filled from edge to edge, so many across and down, both odd or both even, so
 * that the middle is a motif or a gap both ways: cost = |change of gap|/motif, both ways. A way is called by what it lays on every part; that is laid once, and
 * kept until the motif, its size or the parts change. Source: methods 3.
 */
function createWays() {
	let kept: {
		readonly key: string;
		readonly piece: unknown;
		readonly motif: unknown;
		readonly words: Map<string, WayWords | null>;
	} | null = null;
	return (arrangement: Grid, parts: readonly Part[], laid: number, context: ArrangementContext): ChoiceGroup[] => {
		const least = [...parts].sort((a, b) => a.width * a.height - b.width * b.height)[0];
		if (!least || arrangement.shift !== 'square') return [];
		const { motif } = motifIn(context, arrangement.motif);
		const { scale, gap } = arrangement;
		const key = JSON.stringify([arrangement.parts, scale, arrangement.leftOut, context.unit]);
		if (kept?.key !== key || kept.piece !== context.piece || kept.motif !== motif)
			kept = { key, piece: context.piece, motif, words: new Map() };
		const { words } = kept;
		const wordOnce = (pick: string, way: Grid) => {
			if (!words.has(pick)) words.set(pick, wordWay(way, parts, least, context));
			return words.get(pick)!;
		};
		const ways = (size: Mm, own: Mm, wish: Mm) => {
			const near = Math.round((size + wish) / (own + wish));
			return [near - 1, near, near + 1]
				.filter((count) => count >= 2)
				.map((count) => ({ count, gap: closer((size - count * own) / (count - 1)) }))
				.filter((one) => one.gap > -own / 2);
		};
		const found = ways(least.width, motif.width * scale, gap.across).flatMap((across) =>
			ways(least.height, motif.height * scale, gap.down)
				.filter((down) => down.count % 2 === across.count % 2)
				.flatMap((down) => {
					const pick = `${across.count} ${down.count} ${across.gap} ${down.gap}`;
					const way = spread(arrangement, across.count, down.count, { across: across.gap, down: down.gap });
					const told = wordOnce(pick, way);
					if (told === null) return [];
					const terms = {
						across: Math.abs(across.gap - gap.across) / motif.width,
						down: Math.abs(down.gap - gap.down) / motif.height
					};
					const warning = Math.min(across.gap, down.gap) < -SAME ? 'motifs overlap' : null;
					return [{ way, pick, cost: terms.across + terms.down, terms, ...told, warning }];
				})
		);
		const taken = found.find(({ way }) => isSpread(arrangement, way));
		const own: Choice<string>[] = taken
			? []
			: [{ pick: 'own', cost: 0, terms: {}, title: `${laid} motifs`, reason: 'as you set them', warning: null }];
		const choices: Choice<string>[] = found.map(({ way: _way, ...choice }) => choice);
		return [
			takeChoice({ id: 'common', parts: parts.map(({ id }) => id), choices: rankChoices([...own, ...choices]) }, taken?.pick ?? 'own')
		];
	};
}

type WayWords = Pick<Choice, 'title' | 'reason'>;

/** Whether a field is spread so already; a field of before, kept to a ten-thousandth, is. */
function isSpread(arrangement: Grid, way: Grid): boolean {
	const isNear = (a: Mm, b: Mm) => Math.abs(a - b) < 1e-3;
	return (
		arrangement.edge === 'whole' &&
		arrangement.middle === way.middle &&
		isNear(arrangement.gap.across, way.gap.across) &&
		isNear(arrangement.gap.down, way.gap.down) &&
		isNear(arrangement.offset.x, way.offset.x) &&
		isNear(arrangement.offset.y, way.offset.y)
	);
}

/** Rows and columns of what is laid on one part: null where it is no full field of them, as on a part that is round. */
function fullField(items: readonly LaidItem[]): { readonly across: number; readonly down: number } | null {
	const count = (of: (place: string) => string) => new Set(items.map(({ place }) => of(place))).size;
	const [across, down] = [count((place) => place.split(',')[0]!), count((place) => place.split(',')[1]!)];
	return across * down === items.length ? { across, down } : null;
}

/** What a way lays, on each of its parts where they differ; that it ends on the edges where it does. Null where it lays nothing, or more than motifs. */
function wordWay(way: Grid, parts: readonly Part[], least: Part, context: ArrangementContext): WayWords | null {
	const [across, down] = stepsOf(way, motifIn(context, way.motif).motif);
	if (across <= 0 || down <= 0 || parts.some((part) => isDense(part, across, down))) return null;
	const items = layOn(parts, way, context);
	if (items.length === 0) return null;
	const write = (mm: Mm) => formatLength(mm, context.unit, 0.1).text;
	const on = parts.map((part) => {
		const own = items.filter((item) => item.part === part.id);
		const full = fullField(own);
		return { part, own, word: full ? `${full.across} by ${full.down}` : `${own.length} motifs` };
	});
	const words = new Map<string, string[]>();
	for (const { part, word } of on) words.set(word, [...(words.get(word) ?? []), part.name]);
	const isHair = (mm: Mm) => Math.abs(mm) < AT_THE_EDGE;
	const ends = on.filter(
		({ own }) =>
			own.some(({ left }) => isHair(left)) &&
			own.some(({ right }) => isHair(right)) &&
			own.some(({ top }) => isHair(top)) &&
			own.some(({ bottom }) => isHair(bottom))
	);
	const first = on.find(({ part }) => part === least)!;
	const others = [...words].filter(([word]) => word !== first.word);
	const told = others.slice(0, 2).map(([word, names]) => `${word} on ${names.length === 1 ? names[0] : names.length}`);
	return {
		title: `${first.word}${others.length > 0 ? ` on ${least.name}` : ''}, all whole`,
		reason: [
			...(told.length > 0 ? [`${told.join(', ')}${others.length > 2 ? ' ...' : ''}`] : []),
			`gaps ${write(way.gap.across)} across and ${write(way.gap.down)} down`,
			...(ends.length === 0
				? []
				: [
						`they end on the edges of ${
							ends.length === on.length && on.length > 1
								? 'all'
								: ends
										.map(({ part }) => part.name)
										.slice(0, 3)
										.join(', ')
						}`
					])
		].join('; ')
	};
}

/** What ends within this of an edge ends on it, mm: less than a knife is thick. */
const AT_THE_EDGE: Mm = 0.05;

function stepsOf({ scale, gap }: Grid, motif: { readonly width: Mm; readonly height: Mm }): readonly [across: Mm, down: Mm] {
	return [motif.width * scale + gap.across, motif.height * scale + gap.down];
}

function layOn(parts: readonly Part[], arrangement: Grid, context: ArrangementContext): LaidItem[] {
	return parts.flatMap((part) =>
		itemsOn(
			part,
			context.piece.faces.find(({ id }) => id === part.face)!,
			arrangement,
			context
		)
	);
}

function itemsOn(part: Part, face: MeasuredFace, arrangement: Grid, context: ArrangementContext): LaidItem[] {
	const { motif, shape } = motifIn(context, arrangement.motif);
	const { id, scale, offset, edge, middle, leftOut } = arrangement;
	const [across, down] = stepsOf(arrangement, motif);
	const start = {
		x: part.width / 2 + offset.x + (middle === 'gap' ? across / 2 : 0),
		y: part.height / 2 + offset.y + (middle === 'gap' ? down / 2 : 0)
	};
	/** As far as a motif can reach the part from, whichever way it is shifted. */
	const far = (from: Mm, step: Mm, size: Mm, own: Mm): [number, number] => [
		Math.floor((-own / 2 - from) / step) - 1,
		Math.ceil((size + own / 2 - from) / step) + 1
	];
	const [left, right] = far(start.x, across, part.width, motif.width * scale);
	const [top, bottom] = far(start.y, down, part.height, motif.height * scale);
	const items: LaidItem[] = [];
	for (let row = top; row <= bottom; row++)
		for (let column = left; column <= right; column++) {
			const place = `${column},${row}`;
			if (leftOut.some((spot) => isSpotOf(spot, { part: part.id, place }))) continue;
			const { dx, dy, mirrored } = shiftOf(arrangement.shift, column, row);
			const centre = { x: start.x + (column + dx) * across, y: start.y + (row + dy) * down };
			/** What reaches over the edge is not laid at all where only whole ones are wanted. */
			if (edge === 'whole' && reachesOver(centre, motif, scale, part)) continue;
			/** Nor what lies beyond it altogether. */
			if (shape.isWithin && isBeyond(centre, motif, scale, part)) continue;
			const item = layItem({ arrangement: id, place, index: items.length, centre, scale, mirrored }, motif, shape, part, face);
			if (item.openArea > 0 && (edge === 'cut' || isWhole(item))) items.push(item);
		}
	return items;
}

/** How far a place is shifted off the square grid, as shares of a step, and whether its motif is mirrored. */
function shiftOf(
	shift: Grid['shift'],
	column: number,
	row: number
): { readonly dx: number; readonly dy: number; readonly mirrored: boolean } {
	return {
		dx: shift === 'brick' && row % 2 !== 0 ? 0.5 : 0,
		dy: shift === 'half-drop' && column % 2 !== 0 ? 0.5 : 0,
		mirrored: shift === 'mirrored' && column % 2 !== 0
	};
}

function reachesOver(
	{ x, y }: { readonly x: Mm; readonly y: Mm },
	motif: { readonly width: Mm; readonly height: Mm },
	scale: number,
	part: Part
): boolean {
	const [w, h] = [(motif.width * scale) / 2, (motif.height * scale) / 2];
	return Math.min(x - w, y - h, part.width - x - w, part.height - y - h) < -AT_THE_EDGE;
}

function isBeyond(
	{ x, y }: { readonly x: Mm; readonly y: Mm },
	motif: { readonly width: Mm; readonly height: Mm },
	scale: number,
	part: Part
): boolean {
	const [w, h] = [(motif.width * scale) / 2, (motif.height * scale) / 2];
	return x + w <= 0 || y + h <= 0 || x - w >= part.width || y - h >= part.height;
}

/** Its frame within the box of the part, but for a hair, and nothing else taken off it. */
function isWhole({ left, top, right, bottom, cutBy }: LaidItem): boolean {
	return cutBy.every((side) => EDGES.has(side)) && Math.min(left, top, right, bottom) >= -AT_THE_EDGE;
}
const EDGES: ReadonlySet<Side> = new Set(['left', 'top', 'right', 'bottom']);

function hintsOf(items: readonly LaidItem[], parts: readonly Part[], path: string): Issue[] {
	return parts.flatMap((part) => {
		const count = items.filter((item) => item.part === part.id && item.touches.length > 0).length;
		return count > 0 ? [{ code: 'grid.on-knob', path, values: { part: part.name, count } }] : [];
	});
}
