import { expect, it } from 'vitest';
import { flowLines, type FlowLine } from './flowLines';

const linesOf = (count: number): FlowLine[] => Array.from({ length: count }, (_, i) => ({ text: `Line ${i + 1}.` }));
const told = (count: number) =>
	flowLines('Title', 'under', linesOf(count), 'a4').map(({ items }) =>
		items.flatMap((item) => (item.kind === 'text' && item.text.startsWith('Line') ? [item] : []))
	);

it('draws in a few lines that would stand by themselves on a last page, and leaves more of them there', () => {
	const full = [...Array(80).keys()].findLast((count) => told(count).length === 1 && told(count)[0]?.[0]?.size === 3.4)!;
	for (const more of [1, 4]) {
		const pages = told(full + more);
		expect(pages.map((page) => page.length)).toEqual([full + more]);
		expect(pages[0]![0]!.size).toBeLessThan(3.4);
		expect(pages[0]![0]!.size).toBeGreaterThan(2.9);
		expect(Math.max(...pages[0]!.map(({ y }) => y))).toBeLessThanOrEqual(297 - 12 - 8);
	}
	expect(told(full + 5).map((page) => page.length)).toEqual([full, 5]);
	expect(told(full + 5)[1]![0]!.size).toBe(3.4);
});
