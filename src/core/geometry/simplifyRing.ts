import type { Ring } from './flattenPath';

/** A ring with as few of its points as keep within `stray` (mm) of all of them. Source: Ramer 1972, Douglas and Peucker 1973. */
export function simplifyRing(ring: Ring, stray: number): Ring {
	const n = ring.length / 2;
	if (n < 4) return ring;
	/** Cut where it is furthest from its first point, and each half by itself. */
	let far = 0;
	for (let i = 1; i < n; i++) if (apart(ring, 0, i) > apart(ring, 0, far)) far = i;
	return keep([...ring, ring[0]!, ring[1]!], stray, [0, far, n]).slice(0, -2);
}

/** A line from its first point to its last with as few points between as keep within `stray` (mm) of all of them. */
export function simplifyLine(line: Ring, stray: number): Ring {
	return line.length < 6 ? line : keep(line, stray, [0, line.length / 2 - 1]);
}

/** Of a line what stands, and between what stands whatever lies furthest off, until all lies near. */
function keep(line: Ring, stray: number, standing: readonly number[]): Ring {
	const n = line.length / 2;
	const kept = new Uint8Array(n);
	for (const at of standing) kept[at] = 1;
	const open = standing.slice(1).map((to, i): [number, number] => [standing[i]!, to]);
	for (let span = open.pop(); span !== undefined; span = open.pop()) {
		const [from, to] = span;
		let [worst, most] = [-1, stray];
		for (let i = from + 1; i < to; i++) {
			const off = offLine(line, i, from, to);
			if (off > most) [worst, most] = [i, off];
		}
		if (worst < 0) continue;
		kept[worst] = 1;
		open.push([from, worst], [worst, to]);
	}
	return Array.from({ length: n }, (_, i) => i)
		.filter((i) => kept[i] === 1)
		.flatMap((i) => [line[2 * i]!, line[2 * i + 1]!]);
}

function apart(ring: Ring, a: number, b: number): number {
	return Math.hypot(ring[2 * a]! - ring[2 * b]!, ring[2 * a + 1]! - ring[2 * b + 1]!);
}

function offLine(ring: Ring, i: number, from: number, to: number): number {
	const [x0, y0, x1, y1] = [ring[2 * from]!, ring[2 * from + 1]!, ring[2 * to]!, ring[2 * to + 1]!];
	const length = Math.hypot(x1 - x0, y1 - y0);
	if (length === 0) return apart(ring, i, from);
	return Math.abs((x1 - x0) * (y0 - ring[2 * i + 1]!) - (x0 - ring[2 * i]!) * (y1 - y0)) / length;
}
