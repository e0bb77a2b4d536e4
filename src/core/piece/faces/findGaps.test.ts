import { expect, it } from 'vitest';
import { newProject } from '../../project';
import { measurePiece } from '../measurePiece';

/** The first face of a shape, 800 by 900, with a frame of 20 and side gaps of 3 beside its drawers; each gap of its chains where it lies: x, y, width, height. */
function gapsOf(shape: string) {
	const { piece } = newProject({ name: '', units: 'mm', shape });
	const [face, ...others] = piece.faces;
	const sized = { ...face!, width: '800', height: '900', stile: '20', sideGap: '3' };
	const measured = measurePiece({ ...piece, faces: [sized, ...others] }, 'mm').faces[0]!;
	const boxes = measured.gaps.flatMap(({ at, id, between, boxes: [box] }) =>
		at === 'chain' && box ? [[`${id}: ${between.join(', ')}`, [box.x, box.y, box.width, box.height]] as const] : []
	);
	return { measured, boxes: new Map(boxes.map(([what, box]) => [what, box.map((mm) => Math.round(mm * 10) / 10)])) };
}

it('between drawers, and between a drawer and the rail, a gap reaches from stile to stile', () => {
	const { measured, boxes } = gapsOf('chest');
	const drawers = measured.parts.filter(({ role }) => role === 'drawer');
	expect(boxes.size).toBe(drawers.length + 1);
	for (const [, [x, , width]] of boxes) expect([x, width]).toEqual([20, 760]);
	const after = [...boxes.values()].map((box) => box[1]! + box[3]!);
	expect(after.slice(0, -1)).toEqual(drawers.map(({ y }) => Math.round(y * 10) / 10));
});

it('over a row a gap reaches over what moves in it, with the upright gaps beside that, not over its stiles', () => {
	const { boxes } = gapsOf('sideboard');
	for (const [what, [x, , width]] of boxes) if (/^gap-\d: /.test(what)) expect([what, x, width]).toEqual([what, 25, 750]);
	/** Upright ones are as high as what they part. */
	const uprights = [...boxes].filter(([what]) => /^(drawer|door)-gap/.test(what)).map(([, box]) => box);
	expect(uprights.map(([x, , width]) => [x, width])).toEqual([25, 274, 523, 772, 25, 274, 523, 772].map((x) => [x, 3]));
	expect(new Set(uprights.map((box) => box[3]))).toEqual(new Set([389]));
});

it('one drawer between two stiles of its row', () => {
	const { boxes } = gapsOf('desk');
	expect(boxes.get('gap-1: top-rail, drawer-1')).toEqual([45, 25, 710, 3]);
	expect(boxes.get('drawer-gap-1: front, drawer-1')).toEqual([45, 28, 3, 422]);
});
