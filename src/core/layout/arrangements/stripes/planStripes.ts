import { flattenOutline } from '../../../geometry';
import { formatLength, type Issue, type Mm } from '../../../units';
import { faceOf, isBoxOutline, type Part } from '../../../piece';
import { rankChoices, takeChoice } from '../choose';
import { layShape } from '../layItem';
import { partsOf } from '../../partsOf';
import { isSpotOf } from '../spot';
import { planTaping } from '../tape/planTaping';
import type { ArrangementContext, ArrangementPlan, Choice, ChoiceGroup, LaidItem, Taping } from '../types';
import { fitPicked, fitStripes, isOneRoll, layBands, type Band, type StripesFit } from './fitStripes';
import type { Stripes } from './schema';
import { across, extentOf, spansOf, type PartOnSpan, type Span } from '../spans';

type StripesChoice = Choice<string> & { readonly fit: StripesFit };

/** Lays stripes on their parts (mm): ranked fits for every length that they are counted on, the bands in place, and how they are taped. Source: methods 5. */
export function planStripes(stripes: Stripes, context: ArrangementContext): ArrangementPlan {
	const { piece, seams, tapes, path } = context;
	const spans = spansOf(stripes, partsOf(stripes.parts, piece), piece, seams);
	const groups: ChoiceGroup<StripesChoice>[] = [];
	const items: LaidItem[] = [];
	const taping: Taping[] = [];
	const hints: Issue[] = [];
	for (const span of spans) {
		const choices = waysOf(stripes, span, context);
		const group = takeChoice({ id: span.id, parts: span.parts.map(({ part }) => part.id), choices }, stripes.picks[span.id]);
		groups.push(group);
		const fit = group.choices[group.taken]?.fit;
		if (!fit) continue;
		const bands = layBands(fit, span.length);
		for (const on of span.parts) {
			const own = bandsOn(bands, on);
			items.push(...layStripes(stripes, own, on.part, context));
			taping.push(tapeOn(stripes, own, on, tapes));
		}
		hints.push(...hintsOf({ fit, span, bands, stripes, path }));
	}
	return { arrangement: stripes.id, groups, items, issues: [], hints, taping };
}

/** The best, and beside them one roll for all, and what was picked, however far down they stand. */
function waysOf(stripes: Stripes, span: Span, context: ArrangementContext): StripesChoice[] {
	const wish = { ...stripes, length: span.length, tapes: context.tapes };
	const fits = fitStripes(wish);
	const picked = stripes.picks[span.id];
	const [middle, , by, ...widths] = picked?.split(' ') ?? [];
	const again = by === 'tapes' && (middle === 'stripe' || middle === 'gap') ? fitPicked(wish, middle, widths.map(Number)) : [];
	const ways = [...fits, ...again].map((fit) => wordStripes(fit, stripes, context));
	return rankChoices(ways, [ways.find(({ fit }) => isOneRoll(fit))?.pick, picked]);
}

/** The bands that a part has something of, mm from its own first edge; what lies beyond it is cut there. */
function bandsOn(bands: readonly Band[], { from, size }: PartOnSpan): Band[] {
	return bands.flatMap((band) => {
		const own = { ...band, from: Math.max(0, band.from - from), to: Math.min(size, band.to - from) };
		return own.to - own.from > 1e-6 ? [own] : [];
	});
}

function layStripes(stripes: Stripes, bands: readonly Band[], part: Part, { piece }: ArrangementContext): LaidItem[] {
	const face = faceOf(piece.faces, part.face);
	return bands
		.filter(({ isStripe }) => isStripe)
		.flatMap((band, index) => {
			const place = String(band.at);
			if (stripes.leftOut.some((spot) => isSpotOf(spot, { part: part.id, place }))) return [];
			const ring = ringOfBand(band, part, stripes.angle);
			return layShape({ arrangement: stripes.id, place, index, role: `stripe-${band.colour + 1}`, rings: [ring] }, part, face) ?? [];
		});
}

/** A band over all of a part: no longer than the part where it runs with its edges, so that nothing counts as cut. */
function ringOfBand({ from, to }: Pick<Band, 'from' | 'to'>, part: Part, angle: number): number[] {
	const { width, height } = part;
	if (angle === 0) return [0, from, width, from, width, to, 0, to];
	if (angle === 90) return [from, 0, to, 0, to, height, from, height];
	const way = across(angle);
	const first = extentOf(part, angle).from;
	const middle = { x: width / 2, y: height / 2 };
	const off = middle.x * way.x + middle.y * way.y;
	const far = Math.hypot(width, height);
	const at = (u: Mm, t: Mm) => {
		const v = first + u - off;
		return [middle.x + v * way.x - t * way.y, middle.y + v * way.y + t * way.x];
	};
	return [...at(from, -far), ...at(to, -far), ...at(to, far), ...at(from, far)];
}

function tapeOn(stripes: Stripes, bands: readonly Band[], { part, size }: PartOnSpan, tapes: readonly Mm[]): Taping {
	const { angle, school } = stripes;
	const edges = bands.filter(({ isStripe }) => isStripe).flatMap(({ from, to }) => [from, to]);
	return {
		part: part.id,
		along: angle === 0 ? 'level' : angle === 90 ? 'upright' : 'slanted',
		from: angle === 90 ? 'left' : angle === 0 ? 'top' : 'outline',
		middle: middleOf(part, angle),
		edges: [...new Set(edges)].filter((edge) => edge > 1e-6 && edge < size - 1e-6),
		strips: planTaping({ bands, length: size, runOf: (band) => runOf(band, part, angle), school, tapes })
	};
}

/** The middle of a part, across its stripes from where they begin, mm. */
function middleOf(part: Part, angle: number): Mm {
	const way = across(angle);
	return (part.width / 2) * way.x + (part.height / 2) * way.y - (angle % 90 === 0 ? 0 : extentOf(part, angle).from);
}

/** How long a tape along a band runs on the part, mm: as long as the longest line in it. */
function runOf({ from, to }: { from: Mm; to: Mm }, part: Part, angle: number): Mm {
	if (isBoxOutline(part.outline) && angle % 90 === 0) return angle === 0 ? part.width : part.height;
	return longestChord(part, angle, from, to);
}

/** To both sides of a point of the outline: where an edge runs with the band its length is another there. */
const BESIDE: Mm = 1e-3;

/** The longest line across a part between two distances from its first point across the stripes: it lies at one of them, or at a point of the outline between. */
function longestChord(part: Part, angle: number, from: Mm, to: Mm): Mm {
	const way = across(angle);
	const first = extentOf(part, angle).from;
	const ring = flattenOutline(part.outline, 0.05);
	const points: { readonly u: Mm; readonly t: Mm }[] = [];
	for (let i = 0; i < ring.length; i += 2) {
		const [x, y] = [ring[i]!, ring[i + 1]!];
		points.push({ u: x * way.x + y * way.y - first, t: y * way.x - x * way.y });
	}
	const turns = points.flatMap(({ u }) => [u - BESIDE, u + BESIDE]).filter((u) => u > from && u < to);
	return Math.max(0, ...[from + BESIDE, to - BESIDE, ...turns].map((at) => chordAt(points, at)));
}

function chordAt(points: readonly { readonly u: Mm; readonly t: Mm }[], at: Mm): Mm {
	let [least, most] = [Infinity, -Infinity];
	for (const [i, b] of points.entries()) {
		const a = points[(i + points.length - 1) % points.length]!;
		if (a.u > at === b.u > at) continue;
		const t = a.t + ((at - a.u) / (b.u - a.u)) * (b.t - a.t);
		[least, most] = [Math.min(least, t), Math.max(most, t)];
	}
	return Math.max(0, most - least);
}

const BY: Readonly<Record<StripesFit['by'], string>> = {
	wish: 'as wide as you wished',
	tapes: 'tape by tape',
	shared: 'all a little wider or narrower, so that nothing is left',
	'gap-shared': 'stripes as wished, the gaps take up the rest',
	narrowed: 'narrower than wished, because nothing wider fits'
};

function wordStripes(fit: StripesFit, stripes: Stripes, { unit }: ArrangementContext): StripesChoice {
	const write = (mm: Mm) => formatLength(mm, unit, 0.1).text;
	const left = fit.remainder > 0 ? `${write(fit.remainder)} left at each end` : 'nothing left at the ends';
	const ratio = Math.max(
		...fit.widths.map((width, i) => Math.abs(Math.log(width / stripes.widths[i]!))),
		Math.abs(Math.log(fit.gap / stripes.gap))
	);
	const stripeCount = (fit.bands - 1) / 2 + ((fit.middle === 'stripe') === (((fit.bands - 1) / 2) % 2 === 0) ? 1 : 0);
	return {
		fit,
		pick: `${fit.middle} ${fit.bands} ${fit.by} ${[...fit.widths, fit.gap].map((mm) => mm.toFixed(2)).join(' ')}`.slice(0, 80),
		cost: fit.cost,
		terms: fit.terms,
		title: `${stripeCount} of ${fit.widths.map(write).join(' and ')}, gaps of ${write(fit.gap)}`,
		reason: `${BY[fit.by]}; a ${fit.middle} in the middle; ${left}${fit.bound === undefined ? '' : `; best found, none costs less than ${fit.bound.toFixed(2)}`}`,
		warning: ratio > Math.log(1.3) ? 'much off the widths you wished' : null
	};
}

/** Where an edge of a stripe meets a corner of the piece, or nearly: tape turns a corner badly within so much of it, mm. */
const NEAR_CORNER: Mm = 4;

function hintsOf({
	fit,
	span,
	bands,
	stripes,
	path
}: {
	readonly fit: StripesFit;
	readonly span: Span;
	readonly bands: readonly Band[];
	readonly stripes: Stripes;
	readonly path: string;
}): Issue[] {
	const hints: Issue[] = [];
	if (fit.by === 'narrowed')
		hints.push({ code: 'stripes.narrowed', path: `${path}.widths`, values: { length: span.length, part: span.parts[0]!.part.name } });
	if (stripes.over !== 'round') return hints;
	const corners = [...new Set(span.parts.flatMap(({ from, size, part }) => (part.role === 'face' ? [from, from + size] : [])))].filter(
		(corner) => corner > 1e-6 && corner < span.length - 1e-6
	);
	for (const corner of corners) {
		const near = bands
			.flatMap(({ from, to }) => [from, to])
			.reduce((best, edge) => (Math.abs(edge - corner) < Math.abs(best - corner) ? edge : best), Infinity);
		const apart = Math.abs(near - corner);
		if (apart <= NEAR_CORNER) hints.push({ code: apart < 0.05 ? 'stripes.at-corner' : 'stripes.near-corner', path, values: { apart } });
	}
	return hints;
}
