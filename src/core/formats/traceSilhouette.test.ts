import { describe, expect, it } from 'vitest';
import { measureMotif } from '../layout';
import { traceSilhouette, type TraceWish } from './index';

/** A picture of so many px, dark where `isDark` says. */
function picture(size: number, isDark: (x: number, y: number) => boolean, noise = 0) {
	const pixels = new Uint8ClampedArray(size * size * 4);
	for (let y = 0; y < size; y++)
		for (let x = 0; x < size; x++) {
			const value = isDark(x + 0.5, y + 0.5) ? 20 : 240;
			pixels.fill(value + (noise * ((x * 7 + y * 13) % 5)) / 5, 4 * (y * size + x), 4 * (y * size + x) + 3);
			pixels[4 * (y * size + x) + 3] = 255;
		}
	return { width: size, height: size, pixels };
}
const wish = (more: Partial<TraceWish> = {}): TraceWish => ({ threshold: 0.5, smooth: 0, width: 100, inverted: false, ...more });
const disc = (x: number, y: number) => Math.hypot(x - 100, y - 100) < 80;
const areaOf = (...args: Parameters<typeof traceSilhouette>) => {
	const traced = traceSilhouette(...args);
	return traced.ok ? measureMotif(traced.motif).openArea : traced.issues[0]!.code;
};

describe('traceSilhouette', () => {
	it.each<[string, ReturnType<typeof picture>, Partial<TraceWish>, number]>([
		['a disc: as wide as is asked, without the white round it', picture(200, disc), {}, Math.PI * 2500],
		['a ring, with its hole', picture(200, (x, y) => disc(x, y) && Math.hypot(x - 100, y - 100) > 40), {}, Math.PI * 1875],
		['the light round a disc', picture(200, disc), { inverted: true }, 10_000 - Math.PI * 1600],
		['a disc under smoothing', picture(200, disc, 30), { smooth: 4 }, Math.PI * 2500],
		['what reaches the edge', picture(200, (x) => x < 100), {}, 20_000],
		['without specks of dust', picture(200, (x, y) => disc(x, y) || (x < 3 && y < 3)), {}, Math.PI * 2500]
	])('reads %s', (_name, pixels, more, area) =>
		expect(Math.abs((areaOf(pixels, wish(more), 's', 'S') as number) / area - 1)).toBeLessThan(0.02)
	);

	it('a few px of smoothing take a hair off, and few points are left', () => {
		const hairy = picture(200, (x, y) => disc(x, y) || (Math.abs(x - 100) < 1 && y < 100));
		const traced = traceSilhouette(hairy, wish({ smooth: 3 }), 's', 'S');
		/** With the hair it would be taller than it is wide. */
		expect(traced.ok && traced.motif.height).toBeLessThan(102);
		expect(traced.ok && traced.motif.paths[0]!.d.split(' ').length).toBeLessThan(200);
	});

	it.each<[string, ReturnType<typeof picture>, Partial<TraceWish>, string]>([
		['a blank sheet', picture(50, () => false), {}, 'silhouette.empty'],
		['a black one', picture(50, () => true), {}, 'silhouette.full'],
		[
			'a checkerboard of a thousand squares',
			picture(400, (x, y) => (Math.floor(x / 3) + Math.floor(y / 3)) % 2 === 0),
			{ width: 2000 },
			'silhouette.busy'
		]
	])('refuses %s', (_name, pixels, more, code) => expect(areaOf(pixels, wish(more), 's', 'S')).toBe(code));
});
