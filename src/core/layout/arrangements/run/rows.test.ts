import { describe, expect, it } from 'vitest';
import { shapeRectangle } from '../../../geometry';
import type { MeasuredFace, Seam } from '../../../piece';
import { ARRANGEMENTS, kindOfArrangement, type Motif, type Run } from '../../index';
import { startSettingOf, boardsOf, contextWith } from '../testing';

const reed: Motif = { id: 'reed', name: 'Reed', width: 40, height: 60, paths: [{ d: 'M0 0h40v60h-40z', rule: 'nonzero' }] };
const outlineOf = (width: number, height: number) => {
	const shaped = shapeRectangle(width, height);
	return shaped.ok ? shaped.outline : [];
};
/** Three faces round two corners: a side, a front, a side; each stands on the floor. */
function sides(heights: readonly [number, number, number]): readonly MeasuredFace[] {
	return heights.map((height, i) => {
		const [face] = boardsOf(300, height, [outlineOf(300, height)]).faces;
		const id = ['left', 'front', 'right'][i]!;
		return { ...face!, id, name: id, floor: 0, whole: { ...face!.whole, id, name: id, face: id } };
	});
}
const seams: Seam[] = [
	{ a: { face: 'left', side: 'right' }, b: { face: 'front', side: 'left' } },
	{ a: { face: 'front', side: 'right' }, b: { face: 'right', side: 'left' } }
] as Seam[];
const round = (more: Partial<Run> = {}): Run => ({
	...ARRANGEMENTS.run.start(startSettingOf(reed, ['left', 'front', 'right'], { scale: 1 })),
	over: 'round',
	line: { from: 'top', distance: 60 },
	scale: { least: 0.8, wish: 1, most: 1.2 },
	gap: { least: 0, most: 40, wish: 20 },
	ends: 'whole',
	...more
});
const plan = (faces: readonly MeasuredFace[], run = round()) =>
	kindOfArrangement(run).createPlanner()(run, contextWith([reed], { faces }, seams));

describe('a row round the corners', () => {
	it.each<[what: string, heights: [number, number, number], rows: number, step: boolean]>([
		['edges as high', [500, 500, 500], 1, false],
		['0.1 mm across a whole figure', [500.45, 500.55, 500.45], 1, false],
		['0.4 mm: one edge, and the step is told', [500, 500.4, 500], 1, true],
		['2 mm: one edge still', [500, 502, 500], 1, true],
		['the front higher: three rows, none with the front for a hole', [500, 510, 500], 3, false]
	])('%s', (_, heights, rows, hasStep) => {
		const { groups, items, hints } = plan(sides(heights), round({ sizing: 'each' }));
		expect(groups.length).toBe(rows);
		expect(new Set(items.map(({ part }) => part))).toEqual(new Set(['left', 'front', 'right']));
		expect(hints.some(({ code }) => code === 'run.step')).toBe(hasStep);
		if (hasStep)
			expect(hints.find(({ code }) => code === 'run.step')!.values).toMatchObject({ step: expect.closeTo(heights[1] - heights[0], 6) });
	});
});

describe('sized front by front', () => {
	const fronts = (heights: readonly number[]): readonly MeasuredFace[] =>
		heights.map((height, i) => {
			const [face] = boardsOf(400 + 37 * i, height, [outlineOf(400 + 37 * i, height)]).faces;
			const id = `front-${i}`;
			return { ...face!, id, name: id, whole: { ...face!.whole, id, name: id, face: id } };
		});
	const run = (more: Partial<Run> = {}): Run => ({
		...round(),
		parts: ['front-0', 'front-1', 'front-2'],
		over: 'each',
		line: { from: 'middle' },
		sizing: 'each',
		...more
	});
	const scalesOf = (heights: readonly number[], more: Partial<Run> = {}) => {
		const one = plan(fronts(heights), run(more));
		return { ...one, scales: heights.map((_, i) => one.items.find(({ part }) => part === `front-${i}`)!.scale) };
	};
	it.each([[[160, 175, 190]], [[120, 200, 150]], [[180, 181, 240]]])(
		'of %j: in proportion within 2 %%, or it is told which is not',
		(heights) => {
			for (const gap of [
				{ least: 0, most: 40, wish: 20 },
				{ least: 9, most: 11, wish: 10 },
				{ least: 10, most: 10, wish: 10 }
			]) {
				const { scales, hints } = scalesOf(heights, { gap });
				const least = heights.indexOf(Math.min(...heights));
				const off = heights.flatMap((height, i) => {
					const wished = (scales[least]! * height) / heights[least]!;
					return Math.abs(scales[i]! / wished - 1) > 0.02 + 1e-6 ? [`front-${i}`] : [];
				});
				expect(hints.filter(({ code }) => code === 'run.out-of-proportion').map(({ values }) => values!['part'])).toEqual(off);
				if (gap.most - gap.least > 30) expect(off).toEqual([]);
			}
		}
	);
});
