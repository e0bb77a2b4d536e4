import { expect, it } from 'vitest';
import { drawLevelDimension, drawUprightDimension } from './drawDimension';
import type { PageItem } from './page';

const textOf = (items: PageItem[]) => items.find((item) => item.kind === 'text')!;
const lines = (items: PageItem[]) => items.filter((item) => item.kind === 'line');

it('runs from end to end, with its figure standing on the middle of the line', () => {
	const items = drawLevelDimension({ from: 20, to: 80, at: 50, off: 40, text: '600 mm' });
	expect(lines(items)[0]).toMatchObject({ x1: 20, y1: 50, x2: 80, y2: 50 });
	expect(textOf(items)).toMatchObject({ x: 50, anchor: 'middle', text: '600 mm' });
	expect(textOf(items).y).toBeLessThan(50);
});

it('keeps extension lines off the edge and lets them pass the line, on whichever side it lies', () => {
	const below = lines(drawLevelDimension({ from: 20, to: 80, at: 50, off: 40, text: '' }))[1]!;
	expect(below).toMatchObject({ x1: 20, y1: 41, y2: 51.5 });
	const above = lines(drawLevelDimension({ from: 20, to: 80, at: 30, off: 40, text: '' }))[1]!;
	expect(above).toMatchObject({ y1: 39, y2: 28.5 });
});

it('turns an upright figure to read from the right, and moves it off a span too short for it', () => {
	expect(textOf(drawUprightDimension({ from: 10, to: 90, at: 5, off: 12, text: '800 mm' }))).toMatchObject({ y: 50, turn: 90 });
	expect(textOf(drawUprightDimension({ from: 10, to: 14, at: 5, off: 12, text: '4 mm' })).y).toBeGreaterThan(14);
});
