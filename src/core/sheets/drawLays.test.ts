import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProjectText } from '../formats';
import { partOfPiece } from '../piece';
import { planProject } from '../plan';
import { drawLays } from './drawLays';
import type { PageItem } from './page';

const read = readProjectText(readFileSync('demo/chart-cabinet.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;
const plan = planProject(project);

it.each(['a4', 'letter'] as const)(
	'draws every sheet of the paste where it is laid, at one scale, and numbers it as the list does, on %s',
	(paper) => {
		const worked = plan.lays.find(({ lays }) => lays.length > 0)!;
		const [page, ...others] = drawLays(worked, plan, project, paper);
		expect(others).toEqual([]);
		/** Two doors beside each other are wider than high. */
		expect(page!.width).toBeGreaterThan(page!.height);
		const rings = (name: string) =>
			page!.items.filter((item): item is Extract<PageItem, { kind: 'rings' }> => item.kind === 'rings' && item.name === name);
		const sheets = rings('sheet').map(({ rings: [ring] }) => ring!);
		const onFace = worked.lays.map(({ part, sheet }) => {
			const { x, y } = partOfPiece(plan.faces, part);
			return sheet.map((value, i) => value + (i % 2 === 0 ? x : y));
		});
		expect(sheets).toHaveLength(onFace.length);
		const scale = (sheets[0]![2]! - sheets[0]![0]!) / (onFace[0]![2]! - onFace[0]![0]!);
		const off = [0, 1].map((axis) => sheets[0]![axis]! - onFace[0]![axis]! * scale);
		onFace.forEach((ring, i) => ring.forEach((value, at) => expect(sheets[i]![at]).toBeCloseTo(value * scale + off[at % 2]!, 6)));
		/** As large as the page takes, and all of it on the page. */
		const all = [...sheets.flat(), ...rings('part').flatMap(({ rings: [ring] }) => ring!)];
		const [xs, ys] = [0, 1].map((axis) => all.filter((_, i) => i % 2 === axis)) as [number[], number[]];
		expect([Math.min(...xs) >= 12 - 1e-6, Math.max(...xs) <= page!.width - 12 + 1e-6, Math.max(...ys) <= page!.height - 12]).toEqual([
			true,
			true,
			true
		]);
		expect(
			Math.max(Math.max(...xs) - Math.min(...xs) - (page!.width - 24), Math.max(...ys) - 38 - (page!.height - 38 - 14 - 12))
		).toBeCloseTo(0, 6);
		/** A number stands on its own sheet, in the tint of its round. */
		const numbers = page!.items.filter(
			(item): item is Extract<PageItem, { kind: 'text' }> => item.kind === 'text' && item.name === 'number'
		);
		expect(numbers.map(({ text }) => Number(text))).toEqual(worked.lays.map(({ number }) => number));
		const discs = page!.items.filter((item): item is Extract<PageItem, { kind: 'circle' }> => item.kind === 'circle');
		worked.lays.forEach(({ round }, i) => {
			const ring = sheets[i]!;
			for (const axis of ['x', 'y'] as const) {
				const corners = ring.filter((_, at) => at % 2 === (axis === 'x' ? 0 : 1));
				const at = axis === 'x' ? numbers[i]!.x : numbers[i]!.y - 1.1;
				expect(at).toBeGreaterThanOrEqual(Math.min(...corners) - 1e-6);
				expect(at).toBeLessThanOrEqual(Math.max(...corners) + 1e-6);
			}
			expect(discs[i]!.fill).toBe(discs[worked.lays.findIndex((lay) => lay.round === round)]!.fill);
		});
		const tints = new Set(worked.lays.slice(0, 60).map((_, i) => discs[i]!.fill));
		expect(tints.size).toBe(new Set(worked.lays.slice(0, 60).map(({ round }) => round)).size);
		const key = page!.items.flatMap((item) => (item.kind === 'text' && item.text.startsWith('round ') ? item.text : []));
		expect(key).toEqual(['round 1: 1 to 26', 'round 2: 27 to 51', 'round 3: 52 to 59', 'round 4: 60 to 67']);
	}
);
