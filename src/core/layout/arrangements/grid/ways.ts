import type { Part } from '../../../piece';
import { formatLength, type Mm } from '../../../units';
import { rankChoices, takeChoice } from '../choose';
import { motifIn } from '../motifIn';
import type { ArrangementContext, Choice, ChoiceGroup, LaidItem } from '../types';
import { AT_THE_EDGE, isDense, layField, stepsOf } from './layField';
import type { Grid } from './schema';

/** The field as one of its ways lays it; as it is, for any other pick. */
export function takeWay(arrangement: Grid, pick: string): Grid {
	const [across, down, gapAcross, gapDown] = pick.split(' ').map(Number);
	return gapDown === undefined ? arrangement : spread(arrangement, across!, down!, { across: gapAcross!, down: gapDown });
}

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

/**
 * As it is; and with the gaps opened or closed so that the box of the least part is filled from edge to edge, so many across and down, both odd or both even, so
 * that the middle is a motif or a gap both ways: cost = |change of gap|/motif, both ways. A way is called by what it lays on every part; that is laid once, and
 * kept until the motif, its size or the parts change. Source: methods 3.
 */
export function createWays() {
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
					const warning = Math.min(across.gap, down.gap) < -AT_THE_EDGE ? 'motifs overlap' : null;
					return [{ way, pick, cost: terms.across + terms.down, terms, ...told, warning }];
				})
		);
		const taken = found.find(({ way }) => isSpread(arrangement, way));
		const own: Choice<string>[] = taken
			? []
			: [{ pick: 'own', cost: 0, terms: {}, title: `${laid} motifs`, reason: 'as you set them', warning: null }];
		const picked = taken?.pick ?? 'own';
		const choices = rankChoices<Choice<string>>([...own, ...found.map(({ way: _way, ...choice }) => choice)], [picked]);
		return [takeChoice({ id: 'common', parts: parts.map(({ id }) => id), choices }, picked)];
	};
}

type WayWords = Pick<Choice, 'title' | 'reason'>;

/** Gaps of before were kept to a ten-thousandth, mm. */
const SAME_GAP: Mm = 1e-3;

/** Whether a field is spread so already; a field of before, kept to a ten-thousandth, is. */
function isSpread(arrangement: Grid, way: Grid): boolean {
	const isNear = (a: Mm, b: Mm) => Math.abs(a - b) < SAME_GAP;
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
	const items = layField(parts, way, context);
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
