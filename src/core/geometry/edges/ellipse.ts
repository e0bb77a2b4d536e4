import { chordsOf } from './chordsOf';
import type { EdgeKind, EllipseEdge } from './types';

export const ellipse: EdgeKind<EllipseEdge> = {
	/** By the arithmetic-geometric mean, which doubles its right digits with each turn (Gauss). */
	length({ rx, ry }) {
		let [a, b] = [Math.max(rx, ry), Math.min(rx, ry)];
		const longest = a;
		let sum = 1 - (1 - (b / longest) ** 2) / 2;
		for (let [turn, power] = [0, 0.25]; turn < MOST_TURNS && Math.abs(a - b) > 1e-15 * longest; turn++, power *= 2) {
			const c = (a - b) / 2 / longest;
			sum -= 2 * power * 2 * c * c;
			[a, b] = [(a + b) / 2, Math.sqrt(a * b)];
		}
		return (2 * Math.PI * longest * longest * sum) / a;
	},
	sweptArea: ({ rx, ry }) => Math.PI * rx * ry,
	prepare(edge) {
		const { centre, rx, ry } = edge;
		return {
			distance: (x, y) => distanceToEllipse(edge, x, y),
			crossings(x, y) {
				const up = (y - centre.y) / ry;
				if (Math.abs(up) >= 1) return 0;
				const reach = rx * Math.sqrt(1 - up * up);
				return (centre.x - reach > x ? 1 : 0) + (centre.x + reach > x ? 1 : 0);
			}
		};
	},
	/**
	 * Each point moved in along its normal, up to the long axis, where those of the other side meet it: the long axis between the centres of
	 * curvature of its ends is the ridge of an ellipse.
	 */
	inset({ centre, rx, ry }, by, flatness) {
		const [long, short] = [Math.max(rx, ry), Math.min(rx, ry)];
		if (by >= short) return [];
		/** Normals of what lies nearer to an end of the long axis than this have crossed it. */
		const crossed =
			by * long <= short * short ? 0 : Math.sqrt((((by * long) / short) ** 2 - short * short) / (long * long - short * short));
		const first = Math.asin(Math.min(1, crossed));
		const steps = chordsOf(Math.PI - 2 * first, long, flatness);
		const ring: number[] = [];
		for (const end of [0, Math.PI])
			for (let i = 0; i < steps; i++) {
				const turn = (rx >= ry ? end : end + Math.PI / 2) + first + ((Math.PI - 2 * first) * i) / steps;
				const [across, down] = [Math.cos(turn), Math.sin(turn)];
				const inwards = by / Math.hypot(ry * across, rx * down);
				ring.push(centre.x + across * (rx - inwards * ry), centre.y + down * (ry - inwards * rx));
			}
		return ring;
	},
	flatten({ centre, rx, ry }, flatness) {
		const steps = Math.max(12, chordsOf(2 * Math.PI, Math.max(rx, ry), flatness));
		return Array.from({ length: steps }, (_, i) => {
			const angle = (2 * Math.PI * i) / steps;
			return { x: centre.x + rx * Math.cos(angle), y: centre.y + ry * Math.sin(angle) };
		});
	},
	extremes: ({ centre, rx, ry }) => [
		{ x: centre.x - rx, y: centre.y - ry },
		{ x: centre.x + rx, y: centre.y + ry }
	],
	path({ centre, rx, ry }, write) {
		const half = (way: number) => `A${write(rx)} ${write(ry)} 0 0 1 ${write(centre.x + way * rx)} ${write(centre.y)}`;
		return half(-1) + half(1);
	}
};

/** As near to the long axis as this share of the short one a point lies on it: the root is too near to a pole to be told from it. */
const ON_AXIS = 1e-9;
/** It stands still after some eight. */
const MOST_TURNS = 100;

/** By the root of the nearest point's multiplier (Eberly, "Distance from a point to an ellipse"). */
function distanceToEllipse({ centre, rx, ry }: EllipseEdge, x: number, y: number): number {
	const swap = ry > rx;
	const [e0, e1] = swap ? [ry, rx] : [rx, ry];
	const [dx, dy] = [Math.abs(x - centre.x), Math.abs(y - centre.y)];
	const [y0, y1] = swap ? [dy, dx] : [dx, dy];
	if (y1 < ON_AXIS * e1) {
		const top = e0 * y0;
		const bottom = e0 * e0 - e1 * e1;
		if (top < bottom) {
			const x0 = top / bottom;
			return Math.hypot(e0 * x0 - y0, e1 * Math.sqrt(1 - x0 * x0));
		}
		return Math.abs(y0 - e0);
	}
	if (y0 === 0) return Math.abs(y1 - e1);
	const [z0, z1, r] = [y0 / e0, y1 / e1, (e0 / e1) ** 2];
	/** On this side of the root its function falls and is hollow: Newton's steps never go beyond it. */
	let s = Math.max(z1 - 1, r * z0 - r);
	for (let i = 0; i < MOST_TURNS; i++) {
		const [u, v] = [(r * z0) / (s + r), z1 / (s + 1)];
		const next = s + (u * u + v * v - 1) / (2 * ((u * u) / (s + r) + (v * v) / (s + 1)));
		if (!(next > s)) break;
		s = next;
	}
	return Math.hypot((r * y0) / (s + r) - y0, y1 / (s + 1) - y1);
}
