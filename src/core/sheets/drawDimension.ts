import type { Mm } from '../units';
import type { Ink, PageItem } from './page';

const TICK: Mm = 1.1;
const OVERSHOOT: Mm = 1.5;
const WEIGHT: Mm = 0.15;

interface DimensionLine {
	readonly from: Mm;
	readonly to: Mm;
	/** Where the line runs: y of a level one, x of an upright one. */
	readonly at: Mm;
	/** Where the thing measured ends: extension lines start a little off it. */
	readonly off: Mm;
	readonly text: string;
	readonly size?: Mm;
	readonly ink?: Ink;
}

/** A level dimension line as a workshop drawing has it: thin, with slanted ticks, its figure standing on it. See docs/look.md. */
export function drawLevelDimension({ from, to, at, off, text, size = 3, ink = 'ink' }: DimensionLine): PageItem[] {
	const out = Math.sign(at - off) || 1;
	return [
		{ kind: 'line', x1: from, y1: at, x2: to, y2: at, weight: WEIGHT, ink },
		...[from, to].flatMap((x): PageItem[] => [
			{ kind: 'line', x1: x, y1: off + out, x2: x, y2: at + out * OVERSHOOT, weight: WEIGHT, ink },
			{ kind: 'line', x1: x - TICK, y1: at + TICK, x2: x + TICK, y2: at - TICK, weight: WEIGHT * 2.4, ink }
		]),
		{ kind: 'text', x: (from + to) / 2, y: at - 0.9, text, size, ink, anchor: 'middle' }
	];
}

/** An upright dimension line; its figure reads from the right. */
export function drawUprightDimension({ from, to, at, off, text, size = 3, ink = 'ink' }: DimensionLine): PageItem[] {
	const out = Math.sign(at - off) || 1;
	return [
		{ kind: 'line', x1: at, y1: from, x2: at, y2: to, weight: WEIGHT, ink },
		...[from, to].flatMap((y): PageItem[] => [
			{ kind: 'line', x1: off + out, y1: y, x2: at + out * OVERSHOOT, y2: y, weight: WEIGHT, ink },
			{ kind: 'line', x1: at - TICK, y1: y + TICK, x2: at + TICK, y2: y - TICK, weight: WEIGHT * 2.4, ink }
		]),
		{
			kind: 'text',
			x: at - 0.9,
			y: to - from < widthOf(text, size) ? to + 1.5 + widthOf(text, size) / 2 : (from + to) / 2,
			text,
			size,
			ink,
			anchor: 'middle',
			turn: 90
		}
	];
}

/** Near enough to keep a figure off its own ticks: letters are about half as wide as they are high. */
function widthOf(text: string, size: Mm): Mm {
	return text.length * size * 0.55;
}
