import { describe, expect, it } from 'vitest';
import { boxOutline } from '../../piece';
import { shapeEllipse } from '../../geometry';
import type { Lay } from '../../layout';
import { boardsOf } from '../../layout/arrangements/testing';
import type { Project } from '../../project';
import type { ItemRow, Plan } from '../types';
import { wordLay } from './wordLay';

const round = shapeEllipse(400, 400);
if (!round.ok) throw new Error(round.fault.code);
const BOX = boardsOf(600, 400, [boxOutline(600, 400)]);
const ROUND = boardsOf(400, 400, [round.outline]);
const row = (number: number, arrangement = 'a') =>
	({ key: `${arrangement} ${number}`, part: 'board-1', motif: 'm', arrangement, number }) as ItemRow;
const project = { units: 'mm', layout: { zones: [{ id: 'z' }], arrangements: [{ id: 'a' }, { id: 'b' }] } } as unknown as Project;
const NONE: Lay['dry'] = { column: 'first', keys: [] };
const say = (lay: Partial<Lay>, { faces } = BOX, items: readonly ItemRow[] = Array.from({ length: 12 }, (_, i) => row(i + 1))) =>
	wordLay(
		project,
		{ faces, items } as Plan,
		{ part: 'board-1', items: ['a 1'], design: [0, 0, 100, 0, 100, 50, 0, 50], dry: NONE, ...lay } as Lay
	);

describe('where a sheet is laid', () => {
	it.each<[string, readonly number[], string]>([
		['all of it on the part', [70, 35, 170, 35, 170, 85, 70, 85], 'its top left mark 70 mm from the left, 35 mm from the top'],
		['flush with its edges', [0, 0, 100, 0, 100, 50, 0, 50], 'its top left mark 0 mm from the left, 0 mm from the top'],
		['over the left edge', [-30, 35, 70, 35, 70, 85, -30, 85], 'its top right mark 70 mm from the left, 35 mm from the top'],
		['over a corner', [-30, -20, 70, -20, 70, 30, -30, 30], 'its bottom right mark 70 mm from the left, 30 mm from the top'],
		['over all edges', [-50, -50, 650, -50, 650, 450, -50, 450], 'its middle 300 mm from the left, 200 mm from the top']
	])('%s', (_name, design, where) => expect(say({ design }).where).toBe(where));
	it('on a round part from its centre lines', () => {
		expect(say({ design: [150, 250, 250, 250, 250, 300, 150, 300] }, ROUND).where).toBe(
			'its top left mark 50 mm left of the upright centre line, 50 mm below the level centre line'
		);
	});
	it('in a chain by the column that lies over what is dry', () => {
		expect(say({ dry: { column: 'first', keys: ['a 4', 'a 9'] } }).where).toBe('its first column over 4 and 9, which are dry');
		expect(say({ dry: { column: 'last', keys: ['a 4'] } }).where).toBe('its last column over 4, which is dry');
	});
});

describe('what is filled through it', () => {
	it.each([
		[[1], 'fills 1'],
		[[1, 2], 'fills 1 and 2'],
		[[3, 1, 2], 'fills 1 to 3'],
		[[1, 2, 3, 4, 9, 10, 11, 12], 'fills 1 to 4 and 9 to 12'],
		[[1, 3, 5], 'fills 1, 3 and 5']
	])('%j: %s', (numbers, fills) => expect(say({ items: numbers.map((number) => `a ${number}`) }).fills).toBe(fills));
	it('after the number of the balloon, where another arrangement lies there too', () => {
		const items = [row(1), row(2), row(3), row(1, 'b')];
		expect(say({ items: ['a 1', 'a 2', 'a 3'] }, BOX, items).fills).toBe('fills 2.1 to 2.3');
		expect(say({ items: ['b 1'] }, BOX, items).fills).toBe('fills 3.1');
	});
});
