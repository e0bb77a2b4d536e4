import { layOver } from '../../colour';
import { isInsideOutline, type Point } from '../../geometry';
import { countStretches, depthOnPart, joinsOf, sharesAtDepth, type LaidPart, type Zone } from '../../layout';
import { isBoxOutline, type Part } from '../../piece';
import type { Cover } from '../../plan';
import type { Mm } from '../../units';

/** Shares of a join that are told apart: as many as a printer shows. */
const STEPS = 8;
/** From one cell to the next a layer changes at so many of them at most; threads finer than that run together, as they do from afar. */
const MOST_CHANGES = 0.3;

/** A surface in square cells, rows of them from the top, each in a colour; null where there is none to be drawn. */
export interface Cells {
	readonly side: Mm;
	readonly columns: number;
	readonly rows: number;
	readonly hexAt: (column: number, row: number) => string | null;
}

/**
 * What lies on a surface over its ground, in cells of so many mm on it: none where it is all of one colour. `isCut`: its outline is
 * cut on the page; else cells beyond it are left out.
 */
export function colourCells({
	cover,
	laidOn,
	surface,
	isCut,
	side
}: {
	readonly cover: Cover;
	/** How a zone lies there; null where it does not. */
	readonly laidOn: (zone: Zone) => LaidPart | null;
	readonly surface: Part;
	readonly isCut: boolean;
	readonly side: Mm;
}): Cells {
	const films = cover.films.flatMap((film): Film[] => {
		if (!('zone' in film)) return [{ count: 0, sharesAt: () => [], over: (below) => layOver(film.hex, film.hides, below) }];
		const laid = laidOn(film.zone);
		return laid ? [filmOfZone(film.zone, film.hexes, laid, surface)] : [];
	});
	if (films.every(({ count }) => count === 0)) return { side, columns: 0, rows: 0, hexAt: () => null };
	const [columns, rows] = [Math.ceil(surface.width / side), Math.ceil(surface.height / side)];
	const isAll = isCut || isBoxOutline(surface.outline);
	const middles = Array.from({ length: columns * rows }, (_, i): Point | null => {
		const x = Math.min(((i % columns) + 0.5) * side, surface.width);
		const y = Math.min((Math.floor(i / columns) + 0.5) * side, surface.height);
		return isAll || isInsideOutline(surface.outline, { x, y }) ? { x, y } : null;
	});
	const stepsOf = films.map((film) => stepsOfFilm(film, middles, columns));
	const known = new Map<string, string>();
	const hexAt = (column: number, row: number): string | null => {
		const i = row * columns + column;
		if (middles[i] === null) return null;
		const steps = stepsOf.map((of) => of[i]!);
		const key = steps.join('/');
		if (!known.has(key))
			known.set(
				key,
				films.reduce((below, { over }, k) => over(below, readSteps(steps[k]!)), cover.ground)
			);
		return known.get(key)!;
	};
	return { side, columns, rows, hexAt };
}

/** What is seen of one layer in each cell: its shares in steps; where those are finer than can be drawn, everywhere those of all of it. */
function stepsOfFilm({ count, sharesAt }: Film, middles: readonly (Point | null)[], columns: number): readonly string[] {
	const sums = new Float64Array(count);
	let cells = 0;
	const steps = middles.map((at) => {
		if (at === null) return '';
		const shares = sharesAt(at.x, at.y);
		shares.forEach((share, k) => (sums[k]! += share));
		cells++;
		return writeSteps(shares);
	});
	const changes = steps.filter((step, i) => i % columns === 0 || step !== steps[i - 1]).length;
	if (changes <= MOST_CHANGES * steps.length) return steps;
	const all = writeSteps([...sums].map((sum) => sum / cells));
	return steps.map(() => all);
}
const writeSteps = (shares: readonly number[]): string => shares.map((share) => Math.round(share * STEPS)).join();
const readSteps = (steps: string): number[] => (steps === '' ? [] : steps.split(',').map((step) => Number(step) / STEPS));

/** One layer over a ground: the shares of its colours at a place, how many those are, and what is seen of a colour below it. */
interface Film {
	readonly count: number;
	readonly sharesAt: (x: Mm, y: Mm) => readonly number[];
	readonly over: (below: string, shares: readonly number[]) => string;
}

function filmOfZone(zone: Zone, hexes: readonly string[], { laid, part }: LaidPart, surface: Part): Film {
	const joins = joinsOf(zone, laid.region);
	const [dx, dy] = [surface.x - part.x, surface.y - part.y];
	return {
		count: countStretches(zone),
		sharesAt: (x, y) => sharesAtDepth(joins, depthOnPart(zone.field, laid, x + dx, y + dy)),
		over: (below, shares) => layShares(hexes, shares, below)
	};
}

/** The colours of a zone by their shares; after them what it leaves bare. */
function layShares(hexes: readonly string[], shares: readonly number[], below: string): string {
	let [hex, sum] = [below, 0];
	shares.forEach((share, i) => {
		sum += share;
		if (share > 0) hex = layOver(hexes[i] ?? below, share / sum, hex);
	});
	return hex;
}
