import { isInRings, signedArea, type Ring } from '../../geometry';
import { SAME, type Mm } from '../../units';

/** Where two stretches of outline face each other, nothing between them: the middle, and how far they are apart there. */
export interface NarrowPlace {
	readonly width: Mm;
	readonly at: { readonly x: Mm; readonly y: Mm };
}

/** Pairs of points and edges that are looked at before the search is cut: outlines of two thousand points take fewer. */
const MOST_PAIRS = 4e6;
/** Cells of the grid along the longer side, at most. */
const MOST_CELLS = 256;
/** A point of an outline turns towards what it faces by no more than this share: chords of one curve stray by less. */
const TURNED = 1e-3;
/** Edges that run together by less than this share are level with each other. */
const LEVEL = 1e-4;
/** Places along two level edges at which what lies between them is looked at. */
const PLACES = 17;
/** What lies nearer by less than this is what faces itself, mm: the last bits of a foot. */
const CLOSER: Mm = 1e-4;

/**
 * Where rings (mm) come closer to themselves or to one another than `limit`, within them or outside, the narrowest first: there the distance to the outline
 * neither rises nor falls, so that an offset by half that width is the only one that can tear or join anything. Between a point and an edge, two points, or two
 * level edges; the circle on that line as its diameter holds nothing of the rings. Source: methods 6 (medial distances).
 */
export function* narrowPlaces(rings: readonly Ring[], limit: Mm, side: 'within' | 'outside'): Generator<NarrowPlace> {
	const outline = new EdgeGrid(rings, limit);
	const found = outline.facing(limit, side);
	for (const place of found.sort((a, b) => a.width - b.width))
		if (isInRings(place.at.x, place.at.y, rings) === (side === 'within') && outline.isClear(place)) yield place;
}

/** The edges of rings by where they lie, so that only near ones are asked. Hundreds of thousands of pairs pass here, so nothing is made for one. */
class EdgeGrid {
	readonly #cells = new Map<number, number[]>();
	readonly #size: Mm;
	readonly #seen: Int32Array;
	readonly #near: Int32Array;
	#asked = 0;
	/** First points, unit vectors and lengths of edges, and the edge before each. */
	readonly #x: Float64Array;
	readonly #y: Float64Array;
	readonly #ux: Float64Array;
	readonly #uy: Float64Array;
	readonly #length: Float64Array;
	readonly #before: Int32Array;
	#count = 0;
	/** Which way round what lies within is: 1 where corners turn on to its side. */
	readonly #way: number;

	constructor(rings: readonly Ring[], limit: Mm) {
		const most = rings.reduce((sum, ring) => sum + ring.length / 2, 0);
		const floats = () => new Float64Array(most);
		[this.#x, this.#y, this.#ux, this.#uy, this.#length] = [floats(), floats(), floats(), floats(), floats()];
		this.#before = new Int32Array(most);
		for (const ring of rings) this.#add(ring);
		this.#way = Math.sign(rings.reduce((sum, ring) => sum + signedArea(ring), 0)) || 1;
		let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
		for (let i = 0; i < this.#count; i++) {
			const [x, y] = [this.#x[i]!, this.#y[i]!];
			[left, top, right, bottom] = [Math.min(left, x), Math.min(top, y), Math.max(right, x), Math.max(bottom, y)];
		}
		this.#size = Math.max(limit, Math.max(right - left, bottom - top) / MOST_CELLS, SAME);
		this.#seen = new Int32Array(most);
		this.#near = new Int32Array(most);
		for (let i = 0; i < this.#count; i++)
			this.#alongCells(i, (key) => {
				const cell = this.#cells.get(key);
				if (cell) cell.push(i);
				else this.#cells.set(key, [i]);
			});
	}

	#add(ring: Ring): void {
		const first = this.#count;
		for (let i = 0; i < ring.length; i += 2) {
			const j = (i + 2) % ring.length;
			const [dx, dy] = [ring[j]! - ring[i]!, ring[j + 1]! - ring[i + 1]!];
			const length = Math.sqrt(dx * dx + dy * dy);
			if (length < SAME) continue;
			const at = this.#count++;
			this.#x[at] = ring[i]!;
			this.#y[at] = ring[i + 1]!;
			this.#ux[at] = dx / length;
			this.#uy[at] = dy / length;
			this.#length[at] = length;
			this.#before[at] = at - 1;
		}
		if (this.#count > first) this.#before[first] = this.#count - 1;
	}

	/** All pairs nearer than the limit that turn away from what lies between them: to the side of a corner that is hollow, where its other side is full. */
	facing(limit: Mm, side: 'within' | 'outside'): NarrowPlace[] {
		const found: NarrowPlace[] = [];
		const full = side === 'within' ? this.#way : -this.#way;
		let pairs = 0;
		for (let i = 0; i < this.#count && pairs < MOST_PAIRS; i++) {
			this.#asked++;
			let near = 0;
			const before = this.#before[i]!;
			const isHollow = full * (this.#ux[before]! * this.#uy[i]! - this.#uy[before]! * this.#ux[i]!) <= TURNED;
			this.#alongCells(i, (key) => (near = this.#gather(key, near)));
			pairs += near;
			for (let k = 0; k < near; k++) {
				const j = this.#near[k]!;
				if (j === i || j === before) continue;
				if (isHollow) this.#pointToEdge(i, j, limit, found);
				if (j > i) this.#betweenLevel(i, j, limit, found);
			}
		}
		return found;
	}

	/** From the first point of an edge to the nearest of another; of two points once. */
	#pointToEdge(i: number, j: number, limit: Mm, found: NarrowPlace[]): void {
		const x = this.#x[i]!;
		const y = this.#y[i]!;
		const ox = this.#x[j]! - x;
		const oy = this.#y[j]! - y;
		const ux = this.#ux[j]!;
		const uy = this.#uy[j]!;
		const t = -(ox * ux + oy * uy);
		/** The last point of an edge is the first of the next. */
		if (t >= this.#length[j]!) return;
		const dx = t > 0 ? ox + t * ux : ox;
		const dy = t > 0 ? oy + t * uy : oy;
		const square = dx * dx + dy * dy;
		if (square >= limit * limit || square < SAME * SAME) return;
		const width = Math.sqrt(square);
		if (!this.#turnsAway(i, dx / width, dy / width)) return;
		if (t <= 0 && (j < i || !this.#turnsAway(j, -dx / width, -dy / width))) return;
		found.push({ width, at: { x: x + dx / 2, y: y + dy / 2 } });
	}

	/** Whether both edges at the first point of an edge lead away from a direction, or square to it. */
	#turnsAway(i: number, dx: number, dy: number): boolean {
		if (this.#ux[i]! * dx + this.#uy[i]! * dy > TURNED) return false;
		const before = this.#before[i]!;
		return -(this.#ux[before]! * dx + this.#uy[before]! * dy) <= TURNED;
	}

	/** Two edges that run level with each other, one back and one forth: the first place along them with nothing between. */
	#betweenLevel(i: number, j: number, limit: Mm, found: NarrowPlace[]): void {
		const ux = this.#ux[i]!;
		const uy = this.#uy[i]!;
		const vx = this.#ux[j]!;
		const vy = this.#uy[j]!;
		if (ux * vx + uy * vy > 0 || Math.abs(ux * vy - uy * vx) > LEVEL) return;
		const [ox, oy] = [this.#x[j]! - this.#x[i]!, this.#y[j]! - this.#y[i]!];
		const off = oy * ux - ox * uy;
		const width = Math.abs(off);
		if (width >= limit || width < SAME) return;
		const last = ox * ux + oy * uy;
		const [from, to] = [Math.max(0, last - this.#length[j]!), Math.min(this.#length[i]!, last)];
		if (to - from < SAME) return;
		for (let k = 0; k < PLACES; k++) {
			/** From the middle outwards. */
			const share = 0.5 + ((k % 2 === 0 ? 1 : -1) * Math.ceil(k / 2)) / (PLACES + 1);
			const t = from + share * (to - from);
			const place = { width, at: { x: this.#x[i]! + t * ux - (off / 2) * uy, y: this.#y[i]! + t * uy + (off / 2) * ux } };
			if (!this.isClear(place)) continue;
			found.push(place);
			return;
		}
	}

	/** Whether nothing of the outline comes nearer to a place than what faces each other there. */
	isClear({ width, at: { x, y } }: NarrowPlace): boolean {
		const least = (width / 2 - CLOSER) ** 2;
		const key = this.#keyOf(x, y);
		for (let row = -1; row <= 1; row++)
			for (let column = -1; column <= 1; column++)
				for (const i of this.#cells.get(key + row * ROW + column) ?? []) {
					const ox = this.#x[i]! - x;
					const oy = this.#y[i]! - y;
					const ux = this.#ux[i]!;
					const uy = this.#uy[i]!;
					const t = Math.min(this.#length[i]!, Math.max(0, -(ox * ux + oy * uy)));
					if ((ox + t * ux) ** 2 + (oy + t * uy) ** 2 < least) return false;
				}
		return true;
	}

	/** Those about a cell that were not gathered yet, after so many. */
	#gather(key: number, many: number): number {
		let near = many;
		for (let row = -1; row <= 1; row++)
			for (let column = -1; column <= 1; column++) {
				const cell = this.#cells.get(key + row * ROW + column);
				if (cell === undefined) continue;
				for (const i of cell) {
					if (this.#seen[i] === this.#asked) continue;
					this.#seen[i] = this.#asked;
					this.#near[near++] = i;
				}
			}
		return near;
	}

	#keyOf(x: Mm, y: Mm): number {
		return Math.floor(y / this.#size) * ROW + Math.floor(x / this.#size);
	}

	#alongCells(i: number, visit: (key: number) => void): void {
		const [x, y, dx, dy] = [this.#x[i]!, this.#y[i]!, this.#ux[i]! * this.#length[i]!, this.#uy[i]! * this.#length[i]!];
		const steps = Math.ceil((2 * Math.max(Math.abs(dx), Math.abs(dy))) / this.#size) || 1;
		let last = NaN;
		for (let k = 0; k <= steps; k++) {
			const key = this.#keyOf(x + (k / steps) * dx, y + (k / steps) * dy);
			if (key !== last) visit(key);
			last = key;
		}
	}
}

/** Further than any grid is wide. */
const ROW = 2 ** 22;
