import chest from '../../../tests/fixtures/reed-chest.json';
import { readProject } from '../formats';
import { planProject } from '../plan';
import { describe, expect, it } from 'vitest';
import { addArrangement } from './editLayout';
import { judgeContrast, leastContrast } from '../colour';
import { colourToBegin, coloursUnder } from './coloursUnder';

const read = readProject(chest);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;
const plan = planProject(project);
const [zone] = project.layout.zones;

describe('what lies under a motif', () => {
	it('is the colours of the zone on its parts, and the base coat where none is', () => {
		expect(coloursUnder(project, ['drawer-2'], plan)).toEqual(zone!.colours);
		const base = project.finish.coats.find(({ id }) => id === 'base') as { colour: string };
		expect(coloursUnder(project, ['front'], { faces: plan.faces.map((face) => ({ ...face, parts: [] })) })).toEqual([base.colour]);
	});
	it('is the ground too, where the zone leaves it', () => {
		const left = { ...project, layout: { ...project.layout, zones: [{ ...zone!, leaves: true }] } };
		const base = project.finish.coats.find(({ id }) => id === 'base') as { colour: string };
		expect(new Set(coloursUnder(left, ['drawer-2'], plan))).toEqual(new Set([...zone!.colours, base.colour]));
	});
});

describe('a motif begins where it can be seen', () => {
	it('in the colour that is farthest from the nearest under it', () => {
		const hexes = coloursUnder(project, 'drawers', plan).map((id) => project.palette.find((colour) => colour.id === id)!.hex);
		const begun = project.palette.find(({ id }) => id === colourToBegin(project, 'drawers', plan))!;
		const far = (hex: string) => leastContrast(hex, hexes)!.difference;
		for (const { hex } of project.palette) expect(far(begun.hex)).toBeGreaterThanOrEqual(far(hex));
		expect(far(begun.hex)).toBeGreaterThan(12);
	});
	it('tells black on white as far in lightness, and nothing where nothing lies there', () => {
		expect(leastContrast('#000000', ['#ffffff', '#808080'])!.lightness).toBeCloseTo(53.6, 0);
		expect(leastContrast('#000000', [])).toBeNull();
	});
	it.each([
		[11.9, 'lost'],
		[12, 'quiet'],
		[24.9, 'quiet'],
		[25, 'clear']
	] as const)('%f away is %s', (difference, word) => expect(judgeContrast({ difference, lightness: 0 })).toBe(word));
	it.each(['run', 'single', 'grid'] as const)('at a size that its own advice passes: %s', (kind) => {
		const motif = { ...project.layout.motifs[0]!, width: 40, height: 260 };
		const { project: laid, id } = addArrangement({
			project: { ...project, layout: { ...project.layout, motifs: [motif], arrangements: [] } },
			motif,
			kind
		});
		const told = planProject(laid);
		const at = laid.layout.arrangements.findIndex((one) => one.id === id);
		const codes = [...told.errors, ...told.hints]
			.filter(({ path }) => path.startsWith(`layout.arrangements[${at}]`))
			.map(({ code }) => code);
		expect(codes.filter((code) => /large|small|tall|no-fit/.test(code))).toEqual([]);
		expect(told.items.filter(({ arrangement }) => arrangement === id).length).toBeGreaterThan(0);
	});
});
