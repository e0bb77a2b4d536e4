import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProjectText } from '../../formats';
import { measurePiece } from '../../piece';
import { planProject } from '../../plan';
import { addArrangement, type Project } from '../../project';
import { openingsOn, openingsOverlap } from '../index';
import type { Single } from './single';

function read(name: string): Project {
	const file = readProjectText(readFileSync(`demo/${name}.json`, 'utf8'));
	if (!file.ok) throw new Error(name);
	return file.project;
}
const motif = { id: 'dot', name: 'Dot', width: 40, height: 40, paths: [{ d: 'M0 0H40V40H0Z', rule: 'nonzero' as const }] };

/** A square of 40 mm on a part of a piece, its middle so far from that of the part; the items of it as they are planned. */
function lay(demo: string, part: string, x: number, y: number, size = 1) {
	const { project, id } = addArrangement({
		project: read(demo),
		motif: motif as never,
		kind: 'single',
		fronts: undefined,
		colour: 'hull-white'
	});
	const arrangements = project.layout.arrangements.map((one) =>
		one.id === id ? ({ ...one, parts: [part], at: 'centre', offset: { x, y }, scale: size } as Single) : one
	);
	const laid: Project = { ...project, layout: { ...project.layout, arrangements } };
	const items = planProject(laid).items.filter(({ arrangement }) => arrangement === id);
	return { items, piece: measurePiece(laid.piece, laid.units) };
}
const surfacesUnder = (...at: Parameters<typeof lay>) => {
	const { items, piece } = lay(...at);
	return [...openingsOn(items, piece).keys()].sort();
};

describe('a motif on a whole face lies on what its shape lies on', () => {
	const { faces } = measurePiece(read('sail-loft-chest').piece, 'mm');
	const [front] = faces;
	const drawer = (n: number) => front!.parts.find(({ id }) => id === `drawer-${n}`)!;
	const fromMiddle = (y: number) => y - front!.height / 2;

	it('on one drawer, where it lies in that', () => {
		expect(surfacesUnder('sail-loft-chest', 'front', 0, fromMiddle(drawer(2).y + 80))).toEqual(['drawer-2']);
	});
	it('on the plinth alone, where it lies on that', () => {
		expect(surfacesUnder('sail-loft-chest', 'front', 0, fromMiddle(front!.height - 30))).toEqual(['plinth']);
	});
	it('on two drawers, where it lies across their gap, which is neither', () => {
		expect(surfacesUnder('sail-loft-chest', 'front', 0, fromMiddle(drawer(2).y - 1.5))).toEqual(['drawer-1', 'drawer-2']);
	});
	it('on drawer and frame, where it lies across the side of a drawer', () => {
		expect(surfacesUnder('sail-loft-chest', 'front', drawer(1).x - front!.width / 2, fromMiddle(drawer(1).y + 80))).toEqual([
			'drawer-1',
			'front'
		]);
	});
	it('on no more than it touches: less than half a square mm beyond an edge is none, and three quarters is', () => {
		const below = drawer(4).y + drawer(4).height + 20;
		const at = (beyond: number) => surfacesUnder('sail-loft-chest', 'front', 0, fromMiddle(below - beyond));
		expect(at(0)).toEqual(['plinth']);
		expect(at(0.01)).toEqual(['plinth']);
		expect(at(0.018)).toEqual(['drawer-4', 'plinth']);
	});
});

describe('a motif on a door', () => {
	it('lies on the panel that is in it, or on the moulding on that, not on the door itself', () => {
		expect(surfacesUnder('chart-cabinet', 'door-1', 0, 30)).toEqual(['bead-1']);
		expect(surfacesUnder('chart-cabinet', 'door-1', 0, 30, 12)).toEqual(['bead-1', 'door-1', 'panel-1']);
	});
});

it('two motifs overlap where their shapes do, not where their boxes or edges touch', () => {
	const [a, beside, over] = [0, 40, 39].map((x) => lay('sail-loft-chest', 'drawer-1', x, 0));
	const on = ({ items, piece }: ReturnType<typeof lay>) => openingsOn(items, piece);
	expect(openingsOverlap(on(a!), on(beside!), 'drawer-1')).toBe(false);
	expect(openingsOverlap(on(a!), on(over!), 'drawer-1')).toBe(true);
	expect(openingsOverlap(on(a!), on(over!), 'drawer-2')).toBe(false);
});
