import { describe, expect, it } from 'vitest';
import { shapeEllipse, type Outline } from '../../geometry';
import { setOut } from '../../layout';
import { boardsOf } from '../../layout/arrangements/testing';
import { boxOutline, type Part } from '../../piece';
import type { ItemRow } from '../../plan';
import type { Project } from '../../project';
import type { NumberedLaid } from './numberRows';
import { lastStep, wordSettingOut } from './wordSettingOut';

/** Slow: with dividers from place to place, each crossing of two circles. */
function walk(told: number, count: number, radius: number): number {
	let [x, y] = [0, -radius];
	for (let i = 1; i < count; i++) {
		/** Of the two places on the circle at that distance the one that goes on clockwise. */
		const along = radius - (told * told) / (2 * radius);
		const off = Math.sqrt(radius * radius - along * along);
		[x, y] = [(x / radius) * along - (y / radius) * off, (y / radius) * along + (x / radius) * off];
	}
	return Math.hypot(x, y + radius);
}

it.each([
	[26, 132, 31.8],
	[26, 331.8, 79.7],
	[5, 100, 117.6],
	[60, 240, 25.1]
])('%i places, radius %f, dividers at %f: the last step is what is left of the ring', (count, radius, told) => {
	expect(lastStep(told, count, radius)).toBeCloseTo(walk(told, count, radius), 6);
});

type Placed = Pick<ItemRow, 'centre'> & Partial<ItemRow>;
const project = { units: 'mm', layout: { zones: [], arrangements: [{ id: 'a', kind: 'run' }] } } as unknown as Project;
const boardOf = (outline: Outline, width: number, height: number): Part => boardsOf(width, height, [outline]).faces[0]!.whole;
const box = boardOf(boxOutline(600, 400), 600, 400);
const circle = shapeEllipse(500, 500);
if (!circle.ok) throw new Error(circle.fault.code);
const round = boardOf(circle.outline, 500, 500);

/** Numbered as they are given, laid in that order unless they say another; all of them told in words, or all of them in the table. */
function say(
	part: Part,
	placed: readonly Placed[],
	{ inTable = false, of = project }: { readonly inTable?: boolean; readonly of?: Project } = {}
): string {
	const items = placed.map(
		(one, i) =>
			({
				motif: 'm',
				arrangement: 'a',
				role: 'motif',
				half: 'none',
				mirrored: false,
				byHand: false,
				number: i + 1,
				order: i + 1,
				...one
			}) as ItemRow
	);
	const rows = items.map((row) => ({ row, label: String(row.number), above: false }));
	const roles = [...new Set(items.map(({ role }) => role))];
	const settings = roles.map((role) => ({
		role,
		...setOut(
			part,
			items.filter((item) => item.role === role)
		)
	}));
	const laid: NumberedLaid = { name: '2 Reeds', rows, settings, listed: inTable ? rows : [] };
	return wordSettingOut(laid, part, of).join(' ');
}
const level = (count: number, more: (i: number) => Partial<ItemRow> = () => ({})): Placed[] =>
	Array.from({ length: count }, (_, i) => ({ centre: { x: 40 + 60 * i, y: 88 }, ...more(i) }));
const ring = (count: number, radius: number): Placed[] =>
	Array.from({ length: count }, (_, i) => {
		const angle = (i * 2 * Math.PI) / count;
		return { centre: { x: 250 + radius * Math.sin(angle), y: 250 - radius * Math.cos(angle) } };
	});

describe('what a painter reads', () => {
	it('of a row: its line and its running figures; or that they stand in the table', () => {
		expect(say(box, level(4))).toBe(
			'2 Reeds: Numbers 1 to 4: centres on a level line 88 mm from the top; mark on one strip of tape: 40 · 100 · 160 · 220 mm from the left.'
		);
		expect(say(box, level(4), { inTable: true })).toBe(
			'2 Reeds: Numbers 1 to 4: centres on a level line 88 mm from the top; mark their places of the table on one strip of tape.'
		);
		expect(
			say(
				box,
				level(3).map(({ centre: { x, y } }) => ({ centre: { x: y, y: x } }))
			)
		).toBe(
			'2 Reeds: Numbers 1 to 3: centres on an upright line 88 mm from the left; mark on one strip of tape: 40 · 100 · 160 mm from the top.'
		);
	});
	it('of two rows alike once, and no figure off the piece', () => {
		const both = [...level(4), ...level(4).map(({ centre }) => ({ centre: { ...centre, y: 312 } }))].map((one, i) => ({
			...one,
			role: i < 4 ? 'top' : 'foot'
		}));
		expect(
			say(
				box,
				[...level(3), { centre: { x: -20, y: 88 } }].sort((a, b) => a.centre.x - b.centre.x)
			)
		).toContain('tape: 40 · 100 · 160 mm from the left.');
		expect(say(box, both)).toBe(
			'2 Reeds: top: Numbers 1 to 4: centres on a level line 88 mm from the top; mark on one strip of tape: 40 · 100 · 160 · 220 mm from the left. foot: Numbers 5 to 8: centres on a level line 312 mm from the top; mark on one strip of tape: 40 · 100 · 160 · 220 mm from the left.'
		);
		const frame = both.map((one) => ({ ...one, role: 'motif' })).concat([{ centre: { x: 500, y: 20 }, role: 'motif' }]);
		expect(say(box, frame)).toContain(
			'Numbers 1 to 4 and 5 to 8: centres on a level line 88 mm from the top and on one 312 mm from the top;'
		);
	});
	it('of a ring: pin, radius, first, dividers to a tenth, and the last step as check', () => {
		const told = Math.round(2 * 200 * Math.sin(Math.PI / 26) * 10) / 10;
		expect(say(round, ring(26, 200))).toBe(
			`2 Reeds: Pin the centre where the centre lines cross; pencil a circle of 200 mm radius, 50 mm inside the edge. Number 1 on it: on the upright centre line, 200 mm above the level centre line; step ${told.toFixed(1)} mm straight across from each to the next, clockwise. The last step, back to it, is then ${walk(told, 26, 200).toFixed(1)} mm: if not, set the dividers anew.`
		);
	});
	it('of a ring with one left free: step by step, alike ones once', () => {
		const said = say(
			round,
			ring(12, 200)
				.filter((_, i) => i !== 4)
				.map((one, i) => ({ ...one, number: i + 1 }))
		);
		expect(said).toContain(
			'clockwise from it, straight across: 103.5 mm each up to 4, 200 mm to 5, 103.5 mm each up to 1, the last one back to number 1.'
		);
	});
	it('of a field: columns and rows, those aside by themselves', () => {
		const field = Array.from({ length: 24 }, (_, i) => ({
			centre: { x: 40 + (i % 6) * 60 + (Math.floor(i / 6) % 2) * 30, y: 50 + Math.floor(i / 6) * 50 }
		}));
		expect(say(box, field)).toBe(
			'2 Reeds: Columns with their centres 40 · 100 · 160 · 220 · 280 · 340 mm from the left; rows 50 · 150 mm from the top. Between them, half a step aside: columns 70 · 130 · 190 · 250 · 310 · 370 mm from the left; rows 100 · 200 mm from the top.'
		);
	});
	it('what is not like the others; of many only that the drawing shows it', () => {
		expect(
			say(
				box,
				level(6, (i) => ({ mirrored: i % 2 === 1 }))
			)
		).toContain('Every second one is mirrored.');
		expect(
			say(
				box,
				level(5, (i) => ({ mirrored: i === 1, half: i === 4 ? 'right' : 'none' }))
			)
		).toContain('Mirrored: 2. Left half: 5.');
		expect(
			say(
				box,
				level(30, (i) => ({ mirrored: i < 14 }))
			)
		).toContain('Mirrored: as in the drawing.');
	});
	it('the order, where it is another than that of the numbers; of many how it goes', () => {
		expect(say(box, level(4))).not.toContain('Lay them');
		expect(
			say(
				box,
				level(4, (i) => ({ order: [3, 1, 2, 4][i]! }))
			)
		).toContain('Lay them in this order: 2, 3, 1, 4.');
		const many = level(20, (i) => ({ order: 20 - i }));
		expect(say(box, many)).toContain('Lay them from the middle outwards.');
		const border = { ...project, layout: { ...project.layout, arrangements: [{ id: 'a', kind: 'border' }] } } as unknown as Project;
		expect(say(box, many, { of: border })).toContain('Lay them from the top down.');
	});
	it('nothing of one motif that stands in the table', () => expect(say(box, level(1), { inTable: true })).toBe(''));
});

it('what is set out by itself is named only where there are several', () => {
	expect(say(box, level(5))).toMatch(/^2 Reeds: [A-Z]/);
	expect(say(box, level(5))).not.toMatch(/Sides:|Field:/);
	const both = [...level(5), ...level(5, (i) => ({ role: 'field', centre: { x: 40 + 60 * i, y: 300 } }))];
	expect(say(box, both)).toMatch(/Sides: .*Field: /);
});
