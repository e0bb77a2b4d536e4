import type { BoardStep } from '$core/plan';

/** A slab of the board as it is drawn, in px from its top left corner. */
export interface Slab {
	readonly at: number;
	/** Its outline, closed. */
	readonly d: string;
	/** Its top, as far as its own tread goes. */
	readonly top: string;
	/** From its own step to the next. */
	readonly from: number;
	readonly to: number;
	/** Where it is too high to be drawn in scale: its breaks, two strokes across each of what stands up; empty where it is in scale. */
	readonly broken: string;
}

export interface Board {
	readonly slabs: readonly Slab[];
	/** Top of all that lies there at a step, px. */
	readonly topOf: (at: number) => number;
}

interface Frame {
	/** Where each step begins, and where the board ends. */
	readonly starts: readonly number[];
	readonly end: number;
	/** Top of the ground, px; coats grow upwards from it. */
	readonly ground: number;
	/** No root of a micron is drawn taller than this, px. */
	readonly most: number;
}

/** Raised work stands up every so often, so wide, in so many points; motifs of another arrangement stand between. */
const PITCH = 36;
const WIDE = 22;
const POINTS = 10;
const TURN = 13;
/** Raised work is drawn no higher than so many times all that lies flat, roots of a micron; and half the way between the strokes of its break, px. */
const [MOST_RAISED, LEAST_FLAT] = [2, 12];
const BREAK = 1.8;
/** The thinnest film is still a line, px. */
const THINNEST = 1.6;

/** Draws the coats of a step board: each lies on the profile of all before it, so that what is raised shows through to the top. */
export function drawBoard(given: readonly BoardStep[], { starts, end, ground, most }: Frame): Board {
	const flat = Math.max(
		LEAST_FLAT,
		given.reduce((sum, { through, height }) => sum + (through === null ? height : 0), 0)
	);
	const isTooHigh = ({ through, height }: BoardStep) => through !== null && height > MOST_RAISED * flat;
	/** What is too high is broken off, so that the coats beside it are still to be seen. */
	const steps = given.map((step) => (isTooHigh(step) ? { ...step, height: MOST_RAISED * flat } : step));
	const lying = steps.map((step, at) => ({ ...step, at })).filter(({ height }) => height > 0);
	const arrangements = [...new Set(lying.flatMap(({ through }) => (through === null ? [] : [through])))];
	const domes = new Map(arrangements.map((id, i) => [id, domesOf(lying.find(({ through }) => through === id)!.at, i)]));
	const endOf = (step: BoardStep) => (step.endsBy === null ? end : starts[step.endsBy]!);
	/** Of one step at x, where it lies at all: 1 for a slab, the dome of what is raised. */
	const share = (through: string | null, x: number) => (through === null ? 1 : domeAt(domes.get(through)!, x));
	const tall = (until: number, x: number, per: number) =>
		lying
			.filter((step) => step.at < until && (step.endsBy === null || step.endsBy >= until))
			.reduce((sum, step) => sum + Math.max(THINNEST, step.height * per) * share(step.through, x), 0);
	const highest = Math.max(
		1,
		...steps.map((_, at) =>
			lying.filter((step) => step.at <= at && (step.endsBy === null || step.endsBy > at)).reduce((sum, step) => sum + step.height, 0)
		)
	);
	const per = Math.min(most, (ground - 3) / highest);

	function domesOf(at: number, turn: number): { readonly from: number; readonly to: number }[] {
		const first = starts[at]! + 5 + ((turn * TURN) % PITCH);
		return Array.from({ length: Math.max(0, Math.floor((end - first - WIDE) / PITCH) + 1) }, (_, i) => ({
			from: first + i * PITCH,
			to: first + i * PITCH + WIDE
		}));
	}
	const points = [...domes.values()]
		.flat()
		.flatMap(({ from, to }) => Array.from({ length: POINTS + 1 }, (_, i) => from + ((to - from) * i) / POINTS));

	const slabs = lying.map((step): Slab => {
		const [from, to] = [starts[step.at]!, endOf(step)];
		const next = Math.min(to, starts[step.at + 1] ?? end);
		const between = (a: number, b: number) => [a, ...points.filter((x) => x > a && x < b), b].sort((p, q) => p - q);
		const low = (x: number) => ground - tall(step.at, x, per);
		const high = (x: number) => low(x) - Math.max(THINNEST, step.height * per) * share(step.through, x);
		const spans = step.through === null ? [{ from, to }] : domes.get(step.through)!.filter((dome) => dome.to <= to && dome.from >= from);
		const d = spans.map((span) => {
			const xs = between(span.from, span.to);
			return `M${xs.map((x) => at(x, high(x))).join('L')}L${xs
				.toReversed()
				.map((x) => at(x, low(x)))
				.join('L')}Z`;
		});
		const top = spans
			.filter((span) => span.from < next)
			.map(
				(span) =>
					`M${between(span.from, Math.min(span.to, next))
						.map((x) => at(x, high(x)))
						.join('L')}`
			);
		const broken = isTooHigh(given[step.at]!) ? spans.map((span) => breakOf(span, (low(middleOf(span)) + high(middleOf(span))) / 2)) : [];
		return { at: step.at, d: d.join(''), top: top.join(''), from, to: next, broken: broken.join('') };
	});
	return { slabs, topOf: (at) => ground - tall(at + 1, (starts[at]! + (starts[at + 1] ?? end)) / 2, per) };
}

const middleOf = ({ from, to }: { readonly from: number; readonly to: number }) => (from + to) / 2;

/** The sign of a drawing that is broken off: two slanted strokes, px. */
function breakOf({ from, to }: { readonly from: number; readonly to: number }, y: number): string {
	return [-BREAK, BREAK].map((off) => `M${at(from - 1, y + off + BREAK)}L${at(to + 1, y + off - BREAK)}`).join('');
}

function domeAt(domes: readonly { readonly from: number; readonly to: number }[], x: number): number {
	const dome = domes.find(({ from, to }) => x >= from && x <= to);
	if (!dome) return 0;
	const off = (2 * (x - dome.from)) / (dome.to - dome.from) - 1;
	return Math.sqrt(Math.max(0, 1 - off ** 4));
}

const at = (x: number, y: number) => `${Number(x.toFixed(1))} ${Number(y.toFixed(1))}`;
