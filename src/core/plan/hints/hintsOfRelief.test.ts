import { expect, it } from 'vitest';
import cabinet from '../../../../demo/chart-cabinet.json';
import { readProjectText } from '../../formats';
import { newCast } from '../../layers';
import { ARRANGEMENTS, type Motif } from '../../layout';
import { startSettingOf } from '../../layout/arrangements/testing';
import type { Project } from '../../project';
import { planProject } from '../index';

const read = readProjectText(JSON.stringify(cabinet));
if (!read.ok) throw new Error('the cabinet cannot be read');
const demo = read.project;

interface Wish {
	readonly side?: 'left' | 'right' | 'top' | 'bottom';
	readonly inset?: number;
	readonly height?: number;
	readonly part?: string;
	readonly material?: string;
	readonly lies?: 'flat' | 'upright';
	readonly bent?: string;
	readonly wide?: number;
	readonly shrinkage?: number;
}

/** The cabinet with casts along an edge of its first door, which is hung at its left, and nothing else. */
function withCasts({
	side = 'left',
	inset = 10,
	height = 10,
	part = 'door-1',
	material = 'air-dry-clay',
	lies = 'flat',
	bent,
	wide = 100,
	shrinkage = 0
}: Wish): Project {
	const motif: Motif = {
		id: 'cast',
		name: 'Cast',
		width: wide,
		height: 20,
		paths: [{ d: `M0 0H${wide}V20H0Z`, rule: 'nonzero' }],
		mould: { height, shrinkage }
	};
	const trim = { ...ARRANGEMENTS.trim.start(startSettingOf(motif, [part])), id: 'casts', side, inset };
	const faces = demo.piece.faces.map((face, i) => (i === 0 && bent !== undefined ? { ...face, bent } : face));
	return {
		...demo,
		piece: { ...demo.piece, faces },
		layout: { motifs: [motif], zones: [], arrangements: [trim] },
		finish: { coats: [{ ...newCast('casts'), material, lies }], decisions: [] }
	};
}

it.each<[what: string, wish: Wish, code: string, says: string | null]>([
	['a ridge as high as it is far from the hinges', {}, 'relief.door', 'Door 1 opens to some 135°'],
	['the same on the door that is hung at its right', { part: 'door-2', side: 'right' }, 'relief.door', 'Door 2 opens to some 135°'],
	['and at the side of its knob', { part: 'door-2', side: 'left' }, 'relief.door', null],
	['a low one further off', { inset: 60, height: 4 }, 'relief.door', '176°'],
	['one too low to be felt', { inset: 60, height: 1 }, 'relief.door', null],
	['at the side of the knob', { side: 'right' }, 'relief.door', null],
	['on a panel that lies deeper than it is high', { part: 'panel-1', height: 7, inset: 0 }, 'relief.door', null],
	['on a panel, but higher than that lies deep', { part: 'panel-1', height: 18, inset: 0 }, 'relief.door', '170°'],
	['at the very hinges, looked at 3 from them', { inset: 0, height: 1 }, 'relief.door', '161°'],
	['on the frame beside the hinges: 12.5 from them', { part: 'front', inset: 5 }, 'relief.door', '141°'],
	['on the frame beside the hinges, but under the door', { part: 'front', side: 'bottom', inset: 0, height: 40 }, 'relief.door', null],
	['and over it', { part: 'front', side: 'top', inset: 0, height: 40 }, 'relief.door', null],
	[
		'ornament that bends, rounder than it bears',
		{ material: 'bendable-applique', bent: '140' },
		'cast.too-round',
		'140 mm; warm, this ornament is bent to 150 mm'
	],
	['ornament that bends, as round as it bears', { material: 'bendable-applique', bent: '150' }, 'cast.too-round', null],
	['on a flat front', { material: 'bendable-applique' }, 'cast.too-round', null],
	['stiff wood along a round front', { material: 'wood-applique', bent: '400', side: 'bottom' }, 'cast.stiff', '3.1 mm off'],
	['stiff wood in short pieces', { material: 'wood-applique', bent: '400', side: 'bottom', wide: 40 }, 'cast.stiff', null],
	['clay follows it', { bent: '400', side: 'bottom' }, 'cast.stiff', null],
	/** 100 by 20 by 120 mm, six tenths of it, 1.4 g a ml. */
	['a heavy cast on a face that stands', { lies: 'upright', height: 120 }, 'cast.heavy', '200 g'],
	['the same on its back', { height: 120 }, 'cast.heavy', null],
	['a light one', { lies: 'upright', height: 80 }, 'cast.heavy', null],
	['ornament as it comes', { material: 'wood-applique' }, 'cast.other-size', null],
	['and in a trim that reckons with no shrinkage', { material: 'wood-applique' }, 'cast.no-shrinkage', null],
	['clay that shrinks', { shrinkage: 0.1 }, 'cast.no-shrinkage', null],
	['ornament in a trim that reckons with shrinking clay', { material: 'wood-applique', shrinkage: 0.1 }, 'cast.no-shrinkage', 'with 10 %'],
	/** What cures the one cures the other: it is told once. */
	['and so laid smaller than it comes', { material: 'wood-applique', shrinkage: 0.1 }, 'cast.other-size', null],
	['clay laid so', { shrinkage: 0.1 }, 'cast.other-size', null]
])('%s', (_what, wish, code, says) => {
	const { hints, errors } = planProject(withCasts(wish));
	expect(errors.filter(({ path }) => path.includes('arrangements') || path.includes('bent'))).toEqual([]);
	const told = hints.filter((hint) => hint.code === code);
	expect(told.map(({ message }) => message)).toEqual(says === null ? [] : [expect.stringContaining(says)]);
});

it('two ridges that meet add up, and only where they lie beside each other', () => {
	const one = withCasts({ inset: 20, height: 5 });
	const { motifs, arrangements } = one.layout;
	const across = (id: string, inset: number) => ({ ...arrangements[0]!, id, parts: ['front'], inset }) as (typeof arrangements)[0];
	/** The frame is 35 wide and the gap 2.5: from 17.5 to 37.5 from the hinges where it lies at 0. */
	const both: Project = { ...one, layout: { motifs, zones: [], arrangements: [arrangements[0]!, across('beside', 0)] } };
	const coats = [...one.finish.coats, { ...newCast('beside'), id: 'cast-2' }];
	const [hint] = planProject({ ...both, finish: { coats, decisions: [] } }).hints.filter(({ code }) => code === 'relief.door');
	const opens = (...ridges: number[]) =>
		`${Math.floor(180 - (ridges.reduce((sum, from) => sum + Math.atan(5 / from), 0) * 180) / Math.PI)}°`;
	expect(hint!.message).toContain(opens(20, 20));
	/** Casts of the door from its middle down, of the frame from there up. */
	const { items } = planProject(both);
	const halves = both.layout.arrangements.map((one) => {
		const own = items.filter(({ arrangement }) => arrangement === one.id);
		const isOut = (i: number) => (one.id === 'casts') === i < own.length / 2 + 1;
		return { ...one, leftOut: own.flatMap(({ part }, i) => (isOut(i) ? [{ part, place: String(i) }] : [])) };
	});
	const apart = {
		...both,
		layout: { ...both.layout, arrangements: halves as typeof both.layout.arrangements },
		finish: { coats, decisions: [] }
	};
	expect(planProject(apart).items.length).toBeLessThan(items.length - 2);
	expect(
		planProject(apart)
			.hints.filter(({ code }) => code === 'relief.door')
			.map(({ message }) => message)
	).toEqual([expect.stringContaining(opens(17.5))]);
});

it('what is mixed at the bench is told in parts; its paint by its own jar where it is tinted', () => {
	const plain = withCasts({});
	const paste = (colour: string | null) => {
		const coat = { ...newCast('casts'), kind: 'paste' as const, material: 'thickened-paint', colour, lays: 'fewest' as const, cut: false };
		return planProject({ ...plain, finish: { coats: [coat], decisions: [] } }).quantities;
	};
	const bare = paste(null).products[0]!;
	expect(bare.mixed).toEqual([
		{ of: 'powder', ml: expect.closeTo((bare.ml * 2) / 3, 9) },
		{ of: 'paint', ml: expect.closeTo(bare.ml / 3, 9) }
	]);
	const tinted = paste(demo.palette[0]!.id);
	expect(tinted.products[0]!.mixed).toEqual([{ of: 'powder', ml: expect.closeTo((bare.ml * 2) / 3, 9) }]);
	expect(tinted.paints[0]!.ml).toBeCloseTo(bare.ml / 3, 9);
});
