import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProjectText } from '../../formats';
import { newCast } from '../../layers';
import { ARRANGEMENTS, type Arrangement, type Motif } from '../../layout';
import { startSettingOf } from '../../layout/arrangements/testing';
import { planProject } from '../index';

const read = readProjectText(readFileSync('demo/ferry-table.json', 'utf8'));
if (!read.ok) throw new Error('the table cannot be read');
const table = read.project;

/** A rope of so many mm round the table, so far from its rim, and what is said of it. */
function toldOf({
	long,
	inset,
	material = 'air-dry-clay',
	tops = 'out'
}: {
	long: number;
	inset: number;
	material?: string;
	tops?: string;
}) {
	const [width, height] = tops === 'out' ? [long, 12] : [12, long];
	const rope: Motif = {
		id: 'rope',
		name: 'Rope',
		width,
		height,
		paths: [{ d: `M0 0H${width}V${height}H0Z`, rule: 'nonzero' }],
		mould: { height: 6, shrinkage: 0 }
	};
	const begun = ARRANGEMENTS.border.start(startSettingOf(rope, ['top'], { shortest: 700 }));
	const border = {
		...begun,
		id: 'rope',
		inset,
		scale: { least: 1, most: 1, wish: 1 },
		gap: { least: 0, most: long, wish: 0 }
	} as Arrangement;
	const plan = planProject({
		...table,
		units: 'mm',
		layout: { motifs: [rope], zones: [], arrangements: [border] },
		finish: { coats: [{ ...newCast('rope'), material, lies: 'flat' }], decisions: [] }
	});
	const [first] = plan.items;
	return {
		radius: Math.hypot(first!.centre.x - 360.3625, first!.centre.y - 360.3625),
		said: plan.hints.find(({ code }) => code === 'cast.links')?.message
	};
}

/** Slow: halves, thirds ... until the ends of a piece, its middle on the ring and square to it, are no further off than 1 mm. */
function cutUp(long: number, radius: number): { links: number; off: number } {
	const offOf = (length: number) => {
		const [x, y] = [length / 2, radius];
		return Math.sqrt(x * x + y * y) - radius;
	};
	let links = 1;
	while (offOf(long / links) > 1) links++;
	return { links, off: offOf(long) };
}

it.each([
	[120, 20],
	[90, 200],
	[200, 60],
	[60, 20]
])('a rope in pieces of %i mm, %i from the rim, is cut into links that keep to the line', (long, inset) => {
	const { radius, said } = toldOf({ long, inset });
	const { links, off } = cutUp(long, radius);
	expect(links).toBeGreaterThan(1);
	const [, told, length] = /stand ([\d.]+) mm off it\. Cut each while it is soft into \d+ links of ([\d.]+) mm/.exec(said!)!;
	expect(said).toContain(`into ${links} links`);
	expect(Number(told)).toBeCloseTo(off, 0);
	expect(Number(length)).toBeCloseTo(long / links, 0);
});

it.each([
	['short ones', { long: 40, inset: 20 }],
	['across the ring', { long: 120, inset: 20, tops: 'in' }],
	['what bends so far', { long: 120, inset: 20, material: 'bendable-applique' }]
])('%s need none', (_, wish) => expect(toldOf(wish).said).toBeUndefined());

it('what comes hard is sawn', () => {
	expect(toldOf({ long: 120, inset: 20, material: 'wood-applique' }).said).toMatch(/Saw each into \d+ links/);
});
