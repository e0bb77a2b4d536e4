import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProjectText } from '../formats';
import { newMask, newUnmask, withCoats, type Coat } from '../layers';
import { clayFor, measureMotif, volumeOfMould } from '../layout';
import { planProject } from '../plan';
import type { Project } from '../project';

const open = (name: string): Project => {
	const read = readProjectText(readFileSync(`demo/${name}.json`, 'utf8'));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.project;
};
const setCoats = (project: Project, coats: readonly Coat[]): Project => ({ ...project, finish: withCoats(project.finish, coats) });
const withMask = (project: Project, tapes?: number[]): Project => {
	const masked = setCoats(project, [newMask(['top']), ...project.finish.coats, newUnmask('mask')]);
	return tapes ? { ...masked, workshop: { ...masked.workshop, tapes } } : masked;
};

it('tape of each width as it is laid for what is taped and painted, and no more', () => {
	const table = open('ferry-table');
	const plan = planProject(table);
	const strips = plan.arrangements.flatMap(({ taping }) => taping.flatMap((one) => one.strips));
	/** Each strip reaches 30 mm over both its ends. */
	const laid = strips.reduce((sum, { tapes, length }) => sum + tapes.length * (length + 60), 0);
	expect(plan.supplies.tapes.reduce((sum, { length }) => sum + length, 0)).toBeCloseTo(laid, 3);
	expect(plan.supplies.tapes.length).toBeGreaterThan(0);
	const unpainted = setCoats(
		table,
		table.finish.coats.filter(({ kind }) => kind !== 'stripe')
	);
	expect(planProject(unpainted).supplies.tapes).toEqual([]);
});

it('round what is masked goes the tape of the shelf that is nearest to 24 mm, as long as the edge', () => {
	const chest = open('sail-loft-chest');
	expect(planProject(chest).supplies).toEqual({ tapes: [], glue: 0, moulds: [], pieces: [], sheets: [] });
	const { width, height } = planProject(chest).faces.find(({ id }) => id === 'top')!;
	expect(planProject(withMask(chest)).supplies.tapes).toEqual([{ width: 24, length: expect.closeTo(2 * (width + height), 3) }]);
	expect(planProject(withMask(chest, [6, 30, 50])).supplies.tapes.map((tape) => tape.width)).toEqual([30]);
});

it('glue by the area of casts, and a mould for each motif that is cast, a cast over a gap counted once', () => {
	const box = planProject(open('net-box'));
	const cast = box.order.find(({ kind }) => kind === 'cast')!;
	const items = box.items.filter(({ arrangement }) => arrangement === cast.through);
	expect(box.supplies.glue).toBeCloseTo((180 * items.reduce((sum, { openArea }) => sum + openArea, 0)) / 1e6, 6);
	expect(box.supplies.moulds).toEqual([{ motif: items[0]!.motif, name: expect.any(String), casts: items.length }]);
	/** Clay by what the moulds hold, and a little more. */
	const motif = open('net-box').layout.motifs.find(({ id }) => id === items[0]!.motif)!;
	const clay = clayFor(items.length * volumeOfMould(motif, measureMotif(motif).openArea));
	expect(box.quantities.products.find(({ material }) => material === cast.material)!.ml).toBeCloseTo(clay, 6);
	/** As ornaments they are bought by the piece: no mould, and no ml of anything but glue. */
	const project = open('net-box');
	const coats = project.finish.coats.map((coat) =>
		coat.id === cast.coat ? ({ ...coat, material: 'wood-applique' } as typeof coat) : coat
	);
	const bought = planProject({ ...project, finish: { ...project.finish, coats } });
	expect(bought.supplies.moulds).toEqual([]);
	expect(bought.supplies.pieces).toEqual([{ motif: items[0]!.motif, name: expect.any(String), count: items.length }]);
	expect(bought.supplies.glue).toBeCloseTo(box.supplies.glue, 9);
	expect(bought.quantities.products.some(({ material }) => material === 'wood-applique')).toBe(false);
});
