import { expect, it } from 'vitest';
import { leaveOutMotif, moveMotif, pickFit, releaseMotif, type Run } from '../../index';

const run: Run = {
	kind: 'run',
	id: 'r',
	name: 'Row',
	motif: 'm',
	parts: 'drawers',
	ends: 'whole',
	middle: 'either',
	margin: 0,
	scale: { least: 1, most: 1, wish: 1 },
	gap: { least: 0, most: 9, wish: null },
	hardware: 'avoid',
	clearance: 0,
	sizing: 'each',
	line: { from: 'middle' },
	picks: {},
	moved: [],
	leftOut: []
};
const spot = { part: 'drawer-1', place: '-1', index: 2 };

it('places a motif by hand once, however often it is moved', () => {
	const moved = moveMotif(moveMotif(run, spot, { x: 1, y: 2 }), spot, { x: 3, y: 4 });
	expect(moved.moved).toEqual([{ part: 'drawer-1', place: '-1', x: 3, y: 4 }]);
	expect(releaseMotif(moved, spot)).toEqual(run);
	expect(run.moved).toEqual([]);
});

it('leaves a motif out, and forgets where it had been moved to', () => {
	const out = leaveOutMotif(moveMotif(run, spot, { x: 1, y: 1 }), spot);
	expect(out).toMatchObject({ moved: [], leftOut: [{ part: 'drawer-1', place: '-1' }] });
	expect(leaveOutMotif(out, spot).leftOut).toHaveLength(1);
});

it('lets go of what was moved on the fronts of a new fit, and only there', () => {
	const both = moveMotif(moveMotif(run, spot, { x: 1, y: 1 }), { part: 'drawer-2', place: '0' }, { x: 5, y: 5 });
	const pick = { ends: 'whole' as const, count: 5, by: 'gap-wish' };
	expect(pickFit(both, 'drawer-1', pick)).toMatchObject({ picks: { 'drawer-1': pick }, moved: [{ part: 'drawer-2' }] });
	expect(pickFit(both, 'common', pick).moved).toEqual([]);
});

it('finds what a file of version 4 counted from the left, and counts it anew with the next move', () => {
	const old = { ...run, moved: [{ part: 'drawer-1', place: 'left 2', x: 1, y: 1 }], leftOut: [{ part: 'drawer-1', place: 'left 2' }] };
	expect(moveMotif(old, spot, { x: 5, y: 6 }).moved).toEqual([{ part: 'drawer-1', place: '-1', x: 5, y: 6 }]);
	expect(releaseMotif(old, spot).moved).toEqual([]);
	expect(leaveOutMotif(old, { ...spot, place: '0', index: 3 }).leftOut).toHaveLength(2);
});
