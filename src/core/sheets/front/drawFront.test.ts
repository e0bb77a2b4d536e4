import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProjectText } from '../../formats';
import { CAUGHT } from '../../layers';
import { partOfPiece } from '../../piece';
import { LINE } from '../../preview/effects/layGild';
import { planProject } from '../../plan';
import type { Project } from '../../project';
import type { PageItem } from '../page';
import { drawFront } from './drawFront';
import { numberRows } from './numberRows';

const load = (name: string): Project => {
	const read = readProjectText(readFileSync(`demo/${name}.json`, 'utf8'));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.project;
};

/** A part drawn one to one from 0, 0, and the colour that is seen at a place of it: of the last ring that holds it. */
function drawn(name: string, id: string) {
	const project = load(name);
	const plan = planProject(project);
	const part = partOfPiece(plan.faces, id);
	const items = drawFront({
		project,
		plan,
		part,
		laid: numberRows(project, plan, part),
		page: { scale: 0.4, at: (x, y) => [0.4 * x, 0.4 * y] }
	});
	const hexOf = (colour: string) => project.palette.find((one) => one.id === colour)!.hex;
	return { part, planOf: plan, items, hexOf, seen: (x: number, y: number) => seenAt(items, 0.4 * x, 0.4 * y) };
}
function seenAt(items: readonly PageItem[], x: number, y: number): string | null {
	const over = items.findLast((item) => item.kind === 'rings' && item.fill !== null && holds(item, x, y));
	return over?.kind === 'rings' ? over.fill : null;
}
/** Turns of the rings round a place, counted by the lines that a ray to the right crosses. */
function holds({ rings, rule }: Extract<PageItem, { kind: 'rings' }>, x: number, y: number): boolean {
	let turns = 0;
	let crossed = 0;
	for (const ring of rings)
		for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
			const [ax, ay, bx, by] = [ring[j]!, ring[j + 1]!, ring[i]!, ring[i + 1]!];
			if (ay > y === by > y || x >= ((bx - ax) * (y - ay)) / (by - ay) + ax) continue;
			crossed++;
			turns += by > ay ? 1 : -1;
		}
	return rule === 'nonzero' ? turns !== 0 : crossed % 2 === 1;
}

it('a shade from edge to centre is drawn in its colours, mixed where they meet', () => {
	const { part, seen, hexOf } = drawn('sail-loft-chest', 'drawer-2');
	const middle = part.height / 2;
	expect([seen(4, middle), seen(part.width - 4, 6)]).toEqual([hexOf('estuary'), hexOf('estuary')]);
	/** Between two knobs, clear of motifs. */
	expect(seen(part.width / 2 - 70, middle)).toBe(hexOf('morning-flat'));
	const joins = new Set(Array.from({ length: 30 }, (_, i) => seen(part.width / 2 - 70, 10 + 2 * i)));
	expect(joins.size).toBeGreaterThan(6);
});

it('a round top is cut by its outline: paper in the corners of its box, its rings inside, its motifs over them', () => {
	const { part, seen, hexOf } = drawn('ferry-table', 'top');
	expect([seen(5, 5), seen(part.width - 5, part.height - 5)]).toEqual(['#ffffff', '#ffffff']);
	const below = (by: number) => seen(part.width / 2 + 0.3 * by, part.height / 2 + 0.954 * by);
	expect([0, 200, 240, 360].map(below)).toEqual(['estuary', 'hull-white', 'slack-water', 'estuary'].map(hexOf));
});

it('a whole face shows its doors, and what each of its parts is painted in', () => {
	const { part, planOf, items, seen, hexOf } = drawn('chart-cabinet', 'front');
	const onIt = items.flatMap((item) => ('name' in item && item.name?.startsWith('on it: ') ? [item.name.slice(7)] : []));
	expect(onIt).toEqual(expect.arrayContaining(['Door 1', 'Door 2', 'Panel 1', 'Panel 2']));
	const along = (from: number, y: number) => Array.from({ length: 60 }, (_, i) => seen(part.width * from + 2 * i, part.height * y));
	/** Linen shows through the hollows that are laid over it, its threads run together: between its two colours, more of the first. */
	const greens = along(0.2, 0.4).map((hex) => parseInt(hex!.slice(3, 5), 16));
	const mean = greens.reduce((sum, one) => sum + one, 0) / greens.length;
	const [slack, white] = ['slack-water', 'hull-white'].map((id) => parseInt(hexOf(id).slice(3, 5), 16)) as [number, number];
	expect(mean).toBeGreaterThan(slack);
	expect(mean).toBeLessThan((slack + white) / 2 + 25);
	/** The bead begins 24 mm inside the panel; wax caught its edge only. */
	const bead = partOfPiece(planOf.faces, 'bead-1');
	const beside = (by: number) => seen(bead.x + by, bead.y + 200);
	expect([beside(1), beside(3), beside(6)].map((hex) => hex === hexOf('old-brass'))).toEqual([true, true, false]);
});

it('metal at an edge is as wide on paper as in the picture', () => expect(CAUGHT).toBe(LINE));
