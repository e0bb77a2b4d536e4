import { describe, expect, it } from 'vitest';
import { flowLines, type FlowLine } from './flowLines';

const linesOf = (count: number): FlowLine[] => Array.from({ length: count }, (_, i) => ({ text: `Line ${i + 1}.` }));
const told = (count: number) =>
	flowLines('Title', 'under', linesOf(count), 'a4').map(({ items }) =>
		items.flatMap((item) => (item.kind === 'text' && item.text.startsWith('Line') ? [item] : []))
	);
/** From 38 to 8 over the margin of 12, each line 1.35 of its size. */
const ROOM = 297 - 38 - 20;
const fit = (size: number) => Math.floor(ROOM / (1.35 * size) + 1e-9);

describe('lines over pages', () => {
	it.each([1, 30, fit(3.4 * 1.35), fit(3.4 * 1.35) + 1, fit(3.4), fit(3.4) + 1, fit(3.4) + 4, fit(3.4) + 5, 100, 2 * fit(3.4) + 2])(
		'%i of them: none is lost or over the edge, few do not stand alone, and they are as large as their pages take',
		(count) => {
			const pages = told(count);
			expect(pages.flat().map(({ text }) => text)).toEqual(linesOf(count).map(({ text }) => text));
			expect(Math.max(...pages.flat().map(({ y }) => y))).toBeLessThanOrEqual(297 - 20 + 1e-6);
			const { size } = pages[0]![0]!;
			const plain = Math.ceil(count / fit(3.4));
			const lonely = plain > 1 && count - (plain - 1) * fit(3.4) <= 4;
			expect(pages.length).toBe(lonely ? plain - 1 : plain);
			if (pages.length > 1) expect(pages.at(-1)!.length).toBeGreaterThan(4);
			const sizes = [1.35, 1.28, 1.21, 1.14, 1.07, 1, 0.97, 0.94, 0.91, 0.88].map((by) => 3.4 * by);
			const best = sizes.find((one) => {
				const needs = Math.ceil(count / fit(one));
				return needs === pages.length && (needs === 1 || count - (needs - 1) * fit(one) > 4);
			});
			expect(size).toBeCloseTo(best!, 6);
		}
	);
});
