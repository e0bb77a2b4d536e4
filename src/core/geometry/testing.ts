import fc from 'fast-check';
import type { Outline } from './outline';
import { shapeEllipse } from './shapes/ellipse';
import { shapeFree } from './shapes/free';
import { shapeRectangle, shapeRounded } from './shapes/rectangle';
import { shapeBow, shapeWave } from './shapes/swollen';
import type { Shaped } from './shapes/types';

/** For tests: an outline in a box of so many mm, of every kind that a face may have. */
export interface Shapen {
	readonly kind: string;
	readonly outline: Outline;
}

const share = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const side = fc.constantFrom('top' as const, 'right' as const, 'bottom' as const, 'left' as const);

/** Any outline of a box (mm): rectangular, rounded, arched, bowed, waved, tapered, oval, free. Never more crooked than a piece of furniture. */
export function anyOutline(width: number, height: number): fc.Arbitrary<Shapen> {
	const least = Math.min(width, height);
	const along = (of: 'top' | 'right' | 'bottom' | 'left') => (of === 'top' || of === 'bottom' ? width : height);
	const free = (points: readonly (readonly [number, number, number?])[]) =>
		shapeFree(
			width,
			height,
			points.map(([x, y, swell = 0]) => ({ x: x * width, y: y * height, swell: swell * least }))
		);
	const kinds: Record<string, fc.Arbitrary<Shaped>> = {
		rectangle: fc.constant(shapeRectangle(width, height)),
		rounded: share(0.05, 0.45).map((r) => shapeRounded(width, height, r * least)),
		arched: share(0.05, 0.45).map((rise) => shapeBow(width, height, 'top', rise * Math.min(width, height))),
		bowed: fc
			.tuple(side, share(0.03, 0.2), fc.constantFrom('out' as const, 'in' as const))
			.map(([of, depth, way]) => shapeBow(width, height, of, depth * least, way)),
		waved: fc
			.tuple(side, share(0.2, 0.8), fc.integer({ min: 1, max: 3 }))
			.map(([of, depth, waves]) => shapeWave(width, height, of, Math.min(0.3 * least, (depth * along(of)) / (2 * waves)), waves)),
		tapered: fc.tuple(share(0, 0.2), share(0, 0.2), share(0, 0.15)).map(([l, r, slant]) =>
			free([
				[l, 0],
				[1 - r, slant],
				[1, 1],
				[0, 1 - slant / 2]
			])
		),
		oval: fc.constant(shapeEllipse(width, height)),
		free: fc.tuple(share(0.05, 0.3), share(0.05, 0.3), share(-0.05, 0.05), share(0, 0.04)).map(([a, b, swell, out]) =>
			free([
				[a, 0.05],
				[0.95, b, -out],
				[0.9, 0.95],
				[1 - a, 0.9, swell],
				[0.05, 0.92]
			])
		)
	};
	return fc.oneof(
		...Object.entries(kinds).map(([kind, arbitrary]) =>
			arbitrary.filter(({ ok }) => ok).map((shaped): Shapen => ({ kind, outline: shaped.ok ? shaped.outline : [] }))
		)
	);
}
