import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { measurePiece, STARTERS, type MeasuredPiece } from '../../../piece';
import { newProject } from '../../../project';
import { ARRANGEMENTS, fitStripes, kindOfArrangement, layBands, metresOfTape, type Stripes, type StripesWish } from '../../index';
import { flattenOutline } from '../../../geometry';
import { anyOutline } from '../../../geometry/testing';
import { startSettingOf, boardsOf, contextWith } from '../testing';
import { fitPicked, widthOfBands } from './fitStripes';

const TAPES = [6, 12, 18, 25, 36, 50];
const wish = (more: Partial<StripesWish> = {}): StripesWish => ({
	length: 900,
	widths: [36],
	gap: 36,
	middle: 'either',
	school: 'tape',
	sliver: 8,
	tapes: TAPES,
	...more
});
const asWished = (more: Partial<StripesWish>) =>
	fitStripes(wish(more)).filter(({ widths, gap }) => widths[0] === (more.widths?.[0] ?? 36) && gap === (more.gap ?? 36));

describe('fitStripes', () => {
	it.each<[string, Partial<StripesWish>, [middle: string, bands: number, remainder: number][]]>([
		[
			'900 by tape of 36: 25 bands, nothing left',
			{},
			[
				['stripe', 25, 0],
				['gap', 25, 0]
			]
		],
		[
			'930: 25 and 15 at each end',
			{ length: 930 },
			[
				['stripe', 25, 15],
				['gap', 25, 15]
			]
		],
		[
			'910: 5 would be a sliver, so 23 and 41',
			{ length: 910 },
			[
				['stripe', 23, 41],
				['gap', 23, 41]
			]
		],
		[
			'720, stripes of 25, gaps of 50: a gap in the middle first',
			{ length: 720, widths: [25], gap: 50 },
			[
				['gap', 19, 10],
				['stripe', 17, 47.5]
			]
		],
		['only the middle that is wished', { length: 720, widths: [25], gap: 50, middle: 'stripe' }, [['stripe', 17, 47.5]]]
	])('%s', (_name, more, fits) => expect(asWished(more).map(({ middle, bands, remainder }) => [middle, bands, remainder])).toEqual(fits));

	it('by tape lays nothing but sums of at most two tapes; measured, it shares out what is left', () => {
		const sums = new Set(TAPES.flatMap((a) => [a, ...TAPES.map((b) => a + b)]));
		const taped = fitStripes(wish({ length: 777, widths: [31, 17], gap: 22 }));
		expect(taped.length).toBeGreaterThan(8);
		for (const { widths, gap } of taped) for (const width of [...widths, gap]) expect(sums.has(width)).toBe(true);
		const measured = fitStripes(wish({ length: 777, school: 'measure' }));
		expect(measured.filter(({ by }) => by === 'shared').every(({ remainder }) => remainder === 0)).toBe(true);
		expect(measured.some(({ by, widths }) => by === 'gap-shared' && widths[0] === 36)).toBe(true);
		expect(measured.filter(({ by }) => by === 'wish').map(({ remainder }) => remainder)).toEqual([
			expect.closeTo(10.5, 9),
			expect.closeTo(10.5, 9)
		]);
	});

	it.each<[string, Partial<StripesWish>]>([
		['a stripe wider than the part', { length: 20, widths: [36] }],
		['no tape so narrow', { length: 4, widths: [2], gap: 2 }]
	])('%s: the nearest that works, and that it gave', (_name, more) => {
		const fits = fitStripes(wish(more));
		expect(fits.length).toBeGreaterThan(0);
		for (const fit of fits) {
			const bands = layBands(fit, more.length!);
			expect(bands[0]!.from).toBeGreaterThanOrEqual(-1e-9);
			expect(fit.by === 'narrowed' || fit.by === 'tapes').toBe(true);
		}
	});

	const wishes = fc.record({
		length: fc.double({ min: 60, max: 2000, noNaN: true }),
		widths: fc.array(fc.integer({ min: 3, max: 60 }), { minLength: 1, maxLength: 3 }),
		gap: fc.integer({ min: 3, max: 60 }),
		school: fc.constantFrom('tape', 'measure' as const),
		sliver: fc.integer({ min: 0, max: 20 })
	});
	it('is the same to 1e-9 on both sides, without a sliver, and adds up', () => {
		fc.assert(
			fc.property(wishes, (more) => {
				for (const fit of fitStripes(wish(more)).slice(0, 12)) {
					const bands = layBands(fit, more.length);
					expect(bands).toHaveLength(fit.bands);
					const wrong = bands.filter((band, i) => {
						const [twin, before] = [bands[bands.length - 1 - i]!, bands[i - 1]];
						const isOff = (a: number, b: number) => Math.abs(a - b) >= 1e-9;
						if (isOff(band.from, more.length - twin.to) || band.colour !== twin.colour) return true;
						return before !== undefined && (isOff(band.from, before.to) || band.isStripe === before.isStripe);
					});
					expect(wrong).toEqual([]);
					expect(Math.abs(bands[0]!.from - fit.remainder)).toBeLessThan(1e-9);
					if (fit.by !== 'narrowed') expect(fit.remainder === 0 || fit.remainder >= more.sliver - 1e-9).toBe(true);
				}
			}),
			{ numRuns: 60 }
		);
	});

	it('of its widths leaves as little as a plain count, one by one', () => {
		fc.assert(
			fc.property(wishes, (more) => {
				for (const fit of fitStripes(wish({ ...more, school: 'tape' })).slice(0, 12)) {
					if (fit.by !== 'tapes') continue;
					let best = 0;
					for (let bands = 1; bands < 401; bands += 2) {
						const left = (more.length - widthOfBands(bands, fit.middle, fit.widths, fit.gap)) / 2;
						if (Math.abs(left) < 1e-9 || left >= more.sliver - 1e-9) best = bands;
					}
					expect(fit.bands).toBe(best);
				}
			}),
			{ numRuns: 60 }
		);
	});
});

const start = (more: Partial<Stripes> = {}): Stripes => ({ ...ARRANGEMENTS.stripes.start(startSettingOf(null, ['front'])), ...more });
function lay(stripes: Stripes, piece: MeasuredPiece, seams: Parameters<typeof contextWith>[2] = [], tapes: readonly number[] = TAPES) {
	return kindOfArrangement(stripes).createPlanner()(stripes, { ...contextWith([], piece, seams), tapes });
}
const board = (width: string, height: string, outline: object = { shape: 'rectangle' }) => {
	const begun = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' }).piece;
	return measurePiece(
		{
			...begun,
			faces: begun.faces.slice(0, 1).map((face) => ({ ...face, id: 'front', width, height, outline: outline as never })),
			seams: []
		},
		'mm'
	);
};

describe('stripes on a piece', () => {
	it('are laid from the middle out: gaps are masks, stripes spacers, a remainder beside a stripe is masked; each reaches 30 mm over', () => {
		const plan = lay(start({ widths: [36], gap: 36, middle: 'stripe' }), board('930', '300'), [], [36, 18]);
		const [taping] = plan.taping!;
		expect(taping!.strips.slice(0, 3).map(({ from, to, use, tapes }) => [from, to, use, tapes])).toEqual([
			[447, 483, 'spacer', [36]],
			[411, 447, 'mask', [36]],
			[483, 519, 'mask', [36]]
		]);
		expect(taping!.strips.slice(-2).map(({ from, to, use, tapes }) => [from, to, use, tapes])).toEqual([
			[0, 15, 'mask', [18]],
			[915, 930, 'mask', [18]]
		]);
		expect(metresOfTape(taping!.strips)).toEqual([
			{ tape: 36, metres: expect.closeTo(25 * 0.36, 9) },
			{ tape: 18, metres: expect.closeTo(2 * 0.36, 9) }
		]);
		expect(plan.items).toHaveLength(13);
		expect(plan.items.every(({ cutBy, lost }) => cutBy.length === 0 && lost === 0)).toBe(true);
	});

	it('at an angle cover their share of the part, wherever they are cut', () => {
		for (const angle of [0, 30, 45, 90, 135]) {
			const { items } = lay(start({ angle, widths: [20], gap: 20, school: 'measure' }), board('500', '300'));
			const open = items.reduce((sum, { openArea }) => sum + openArea, 0);
			expect(open / (500 * 300)).toBeGreaterThan(0.42);
			expect(open / (500 * 300)).toBeLessThan(0.58);
		}
		const { items } = lay(start({ angle: 45, widths: [20], gap: 20, middle: 'stripe' }), board('500', '300'));
		const middle = items.find(({ place }) => place === '0')!;
		expect([middle.centre.x, middle.centre.y]).toEqual([expect.closeTo(250, 3), expect.closeTo(150, 3)]);
	});

	it('two colours in a rhythm have roles of their own', () => {
		const { items } = lay(start({ widths: [36, 12], gap: 12, middle: 'stripe' }), board('800', '300'));
		const roles = items.map(({ place, role }) => [Number(place), role] as const);
		for (const [place, role] of roles) expect(role).toBe(`stripe-${(Math.floor(Math.abs(place) / 2) % 2) + 1}`);
	});

	it('go on over the gaps of a face, and round the corners of a chest, where an edge that meets a corner is told', () => {
		const begun = newProject({ name: '', units: 'mm', count: 2, shape: 'chest' }).piece;
		const readings: Record<string, number> = { rail: 20, gap: 4, drawer: 200, plinth: 68 };
		const faces = begun.faces.map((face, i) => ({
			...face,
			...(i === 0 ? { width: '600', height: '500', chain: face.chain.map((link) => ({ ...link, reading: readings[link.role]! })) } : {}),
			...(['left', 'right'].includes(face.id) ? { width: '360', height: '500' } : {})
		}));
		const piece = measurePiece({ ...begun, faces }, 'mm');
		const level = lay(start({ parts: 'drawers', angle: 0, over: 'face', widths: [36], gap: 36 }), piece, [], [36]);
		const drawers = piece.faces[0]!.parts.filter(({ role }) => role === 'drawer');
		const edges = level.items.flatMap(({ part, top, height }) => {
			const { y } = drawers.find(({ id }) => id === part)!;
			return [y + top, y + top + height];
		});
		/** All on one grid of the face, but for those that a drawer cuts. */
		const grid = edges.filter((y) => drawers.every((part) => Math.abs(y - part.y) > 1e-6 && Math.abs(y - part.y - part.height) > 1e-6));
		expect(grid.length).toBeGreaterThan(4);
		for (const y of grid) expect(Math.abs((y - 268) / 36 - Math.round((y - 268) / 36))).toBeLessThan(1e-9);
		const round = lay(
			start({ parts: ['front', 'left', 'right'], over: 'round', widths: [50], gap: 50, middle: 'stripe' }),
			piece,
			begun.seams,
			[50]
		);
		expect(new Set(round.items.map(({ part }) => part))).toEqual(new Set(['front', 'left', 'right']));
		/** The front is 600 across: with a stripe of 50 on its middle the edges lie at 25 + 50 n from it, so that one cuts each corner by half. */
		const onFront = round.items.filter(({ part }) => part === 'front');
		expect(onFront[0]!.left).toBe(0);
		expect(onFront[0]!.width).toBeCloseTo(25, 6);
		const onRight = round.items.filter(({ part }) => part === 'right').sort((a, b) => a.left - b.left);
		expect([onRight[0]!.left, onRight[0]!.width]).toEqual([0, expect.closeTo(25, 6)]);
		expect(round.hints).toEqual([]);
		/** With stripes and gaps of 24 an edge falls on each corner. */
		const meets = lay(
			start({ parts: ['front', 'left', 'right'], over: 'round', widths: [24], gap: 24, middle: 'stripe' }),
			piece,
			begun.seams,
			[24]
		);
		expect(meets.hints.map(({ code }) => code)).toEqual(['stripes.at-corner', 'stripes.at-corner']);
	});

	it.each(STARTERS.map(({ id }) => id))('on %s lie within their part, and their tapes are as long as what they mask', (shape) => {
		const begun = newProject({ name: '', units: 'mm', count: null, shape }).piece;
		const faces = begun.faces.map((face, i) =>
			i === 0 && shape !== 'free-board' ? { ...face, width: '500', height: face.outline.shape === 'circle' ? '' : '400' } : face
		);
		const piece = measurePiece({ ...begun, faces }, 'mm');
		const face = piece.faces[0]!;
		for (const angle of [0, 90, 45]) {
			const plan = lay(start({ parts: [face.id], angle, widths: [24], gap: 24 }), piece);
			expect(plan.items.length).toBeGreaterThan(3);
			for (const { length } of plan.taping![0]!.strips) expect(length).toBeLessThanOrEqual(Math.hypot(face.width, face.height) + 1e-6);
			if (angle !== 45) continue;
			for (const { left, right, top, bottom } of plan.items) expect(Math.min(left, right, top, bottom)).toBeGreaterThan(-1e-3);
		}
	});
});

describe('by tape, beside every sum of at most two tapes', () => {
	/** Written apart: all of them, worked out band by band. */
	function exhaustive({ length, widths: [wished], gap: wishedGap, sliver, tapes }: StripesWish, middle: 'stripe' | 'gap'): number {
		const sums = tapes.flatMap((a, i) => [[a], ...tapes.slice(i).map((b) => [a, b])]);
		const fewest = new Map<string, { width: number; count: number }>();
		for (const sum of sums) {
			const width = sum.reduce((x, y) => x + y, 0);
			const known = fewest.get(width.toFixed(6));
			if (!known || known.count > sum.length) fewest.set(width.toFixed(6), { width, count: sum.length });
		}
		let best = Infinity;
		for (const stripe of fewest.values())
			for (const gap of fewest.values()) {
				let fits: number | null = null;
				for (let bands = 1; bands <= 401; bands += 2) {
					const own = Array.from({ length: bands }, (_, i) => (Math.abs(i - (bands - 1) / 2) % 2 === 0) === (middle === 'stripe'));
					const total = own.reduce((sum, isStripe) => sum + (isStripe ? stripe.width : gap.width), 0);
					if (total > length + 1e-9) break;
					const left = (length - total) / 2;
					if ((left < 1e-9 || left >= sliver - 1e-9) && own.includes(true)) fits = left;
				}
				if (fits === null) continue;
				const off = Math.abs(Math.log(stripe.width / wished!)) + Math.abs(Math.log(gap.width / wishedGap));
				best = Math.min(best, off + fits / (stripe.width + gap.width) + 0.05 * (stripe.count + gap.count - 2));
			}
		return best;
	}

	it('the first way is the best there is, for one width and a gap', () => {
		fc.assert(
			fc.property(
				fc.uniqueArray(
					fc.integer({ min: 4, max: 120 }).map((half) => half / 2),
					{ minLength: 1, maxLength: 12 }
				),
				fc.integer({ min: 120, max: 2400 }),
				fc.double({ min: 5, max: 70, noNaN: true }),
				fc.double({ min: 5, max: 70, noNaN: true }),
				fc.constantFrom('stripe' as const, 'gap' as const),
				(tapes, length, width, gap, middle) => {
					const asked = wish({ tapes, length, widths: [width], gap, middle });
					const [first] = fitStripes(asked);
					const best = exhaustive(asked, middle);
					if (best === Infinity) expect(first?.by).not.toBe('tapes');
					else expect(first!.cost).toBeCloseTo(best, 9);
					expect(first?.bound).toBeUndefined();
				}
			),
			{ numRuns: 25 }
		);
	});

	it('one roll for all is among the ways, and what was picked before', () => {
		const more: Partial<Stripes> = { widths: [36], gap: 12 };
		const plan = lay(start(more), board('900', '400'));
		expect(plan.groups[0]!.choices.some(({ title }) => /of (\d+) mm, gaps of \1 mm/.test(title))).toBe(true);
		const { pick } = lay(start({ widths: [100], gap: 50 }), board('900', '400')).groups[0]!.choices.find((way) =>
			/100.00 50.00$/.test(way.pick as string)
		)! as {
			pick: string;
		};
		const picked = lay(start({ ...more, picks: { [plan.groups[0]!.id]: pick } }), board('900', '400')).groups[0]!;
		expect(picked.choices[picked.taken]!.pick).toBe(pick);
	});

	it('a rhythm of four of many tapes is cut, says so, and none that was not tried costs less than its bound', () => {
		const many = Array.from({ length: 12 }, (_, i) => 5 + 3.5 * i);
		const asked = wish({ tapes: many, widths: [7, 19, 33, 51], gap: 23, length: 301, middle: 'stripe', sliver: 60 });
		const [first] = fitStripes(asked);
		expect([first!.by, first!.bound! > 0]).toEqual(['tapes', true]);
		const plan = lay(start({ ...asked, picks: {} } as never), board('301', '200'), [], many);
		expect(plan.groups[0]!.choices[0]!.reason).toContain('best found, none costs less than');
		/** What the search did not come to, at random. */
		const sums = many.flatMap((a) => [a, ...many.map((b) => a + b)]);
		const random = fc.sample(fc.array(fc.constantFrom(...sums), { minLength: 5, maxLength: 5 }), { numRuns: 4000, seed: 3 });
		for (const widths of random)
			for (const { cost } of fitPicked(asked, 'stripe', widths))
				expect(cost).toBeGreaterThanOrEqual(Math.min(first!.cost, first!.bound!) - 1e-9);
	});
});

describe('how long a tape runs', () => {
	/** By a fan of lines, apart from the corners of the outline. */
	it('is the longest line in its band, on slanted stripes and on any outline', () => {
		fc.assert(
			fc.property(anyOutline(600, 400), fc.integer({ min: 0, max: 17 }), ({ outline }, tenths) => {
				const angle = tenths * 10;
				const piece = boardsOf(600, 400, [outline]);
				const arrangement = { ...start({ angle, over: 'each' }), parts: ['board-1'] };
				const [taping] = kindOfArrangement(arrangement).createPlanner()(arrangement, contextWith([], piece)).taping!;
				const ring = flattenOutline(outline, 0.03);
				const radians = (angle * Math.PI) / 180;
				let [wx, wy] = [Math.sin(radians), -Math.cos(radians)];
				if (angle === 0 || (Math.abs(wy) > Math.abs(wx) && wy < 0)) [wx, wy] = [-wx, -wy];
				const us = ring.flatMap((x, i) => (i % 2 === 0 ? [x * wx + ring[i + 1]! * wy] : []));
				const first = angle % 90 === 0 ? 0 : Math.min(...us);
				const longest = (from: number, to: number, lines: number) => {
					let most = 0;
					for (let k = 1; k < lines; k++) {
						const u = first + from + ((to - from) * k) / lines;
						const ts = us.flatMap((b, i) => {
							const j = (i + us.length - 1) % us.length;
							const a = us[j]!;
							if (a > u === b > u) return [];
							const share = (u - a) / (b - a);
							const x = ring[2 * j]! + share * (ring[2 * i]! - ring[2 * j]!);
							const y = ring[2 * j + 1]! + share * (ring[2 * i + 1]! - ring[2 * j + 1]!);
							return [y * wx - x * wy];
						});
						if (ts.length > 0) most = Math.max(most, Math.max(...ts) - Math.min(...ts));
					}
					return most;
				};
				for (const { from, to, length } of taping!.strips) {
					expect(length).toBeGreaterThan(longest(from, to, 60) - 0.2);
					/** And no longer than what lies in it, or a hair beside it. */
					expect(length).toBeLessThan(longest(from - 0.2, to + 0.2, 500) + 1);
				}
			}),
			{ numRuns: 12, endOnFailure: true }
		);
	});
});
