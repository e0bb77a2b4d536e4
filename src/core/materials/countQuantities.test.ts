import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { isInRings } from '../geometry';
import { depthOnPart, joinsOf, layZone, sharesAtDepth } from '../layout';
import { readProjectText } from '../formats';
import { newWax, type Coat } from '../layers';
import { planProject } from '../plan';
import { setCoat, type Project } from '../project';
import { CATALOGUE } from './catalogue';

const read = readProjectText(readFileSync('tests/fixtures/reed-chest.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;
const quantitiesOf = (...coats: Coat[]) => planProject({ ...demo, finish: { coats, decisions: [] } }).quantities;
const film = { wait: null, times: 1, thickness: 1, applicator: 'brush' as const, on: 'all' as const };
const glaze: Extract<Coat, { kind: 'glaze' }> = {
	kind: 'glaze',
	id: 'glaze',
	material: 'glaze-medium',
	...film,
	colour: 'estuary',
	medium: 3
};
const gild: Extract<Coat, { kind: 'gilding-wax' }> = {
	kind: 'gilding-wax',
	id: 'gild',
	material: 'gilding-wax',
	...film,
	colour: 'sand-bar',
	catches: 'edges'
};
const plan = planProject(demo);
const whole = plan.quantities.surfaces.reduce((sum, { area }) => sum + area, 0);
const open = plan.items.reduce((sum, { openArea }) => sum + openArea, 0) / 1e6;

describe('a tinted glaze', () => {
	it('is so many parts of medium to one of paint: a quarter of it comes from the jar', () => {
		const { paints, products, jars } = quantitiesOf(glaze);
		const all = ((whole * 1000) / 18) * 1.1;
		expect(paints).toMatchObject([{ colour: 'estuary', material: 'glaze-medium', ml: expect.closeTo(all / 4, 6) }]);
		expect(products).toMatchObject([{ material: 'glaze-medium', ml: expect.closeTo((all * 3) / 4, 6) }]);
		expect(jars).toMatchObject([{ colour: 'estuary', ml: expect.closeTo(all / 4, 6) }]);
	});
	it('is all medium where it is clear', () => {
		const { paints, products } = quantitiesOf({ ...glaze, colour: null });
		expect(paints).toEqual([]);
		expect(products[0]!.ml).toBeCloseTo(((whole * 1000) / 18) * 1.1, 6);
	});
});

describe('gilding wax', () => {
	const areaOf = (coat: typeof gild) => quantitiesOf(coat).paints[0]!.area;
	it('takes a line along the edges, a share for the high points, all, or the tops of motifs', () => {
		const front = { ...gild, on: ['drawer-2'] };
		const drawer = plan.faces[0]!.parts.find(({ id }) => id === 'drawer-2')!;
		expect(areaOf(front)).toBeCloseTo((2 * (drawer.width + drawer.height) * 6) / 1e6, 6);
		expect(areaOf({ ...front, catches: 'all' })).toBeCloseTo((drawer.width * drawer.height) / 1e6, 6);
		expect(areaOf({ ...front, catches: 'heights' })).toBeCloseTo((0.12 * drawer.width * drawer.height) / 1e6, 6);
		expect(areaOf({ ...gild, catches: 'all', through: 'reeds' })).toBeCloseTo(open, 9);
	});
});

it('a coat through motifs takes what they let through, on the surfaces that it is for', () => {
	const { products } = quantitiesOf({ ...newWax(['drawer-2']), through: 'reeds' });
	const here = plan.items.filter(({ part }) => part === 'drawer-2').reduce((sum, { openArea }) => sum + openArea, 0) / 1e6;
	expect(products[0]!.area).toBeCloseTo(here, 9);
	expect(quantitiesOf({ ...newWax('frame'), through: 'reeds' }).products[0]!.area).toBe(0);
});

describe('a print in the colours of a zone', () => {
	const stencil = demo.finish.coats.find(({ id }) => id === 'stencil')!;
	const toned: Project = setCoat(demo, { ...stencil, colour: { zone: 'glow' } } as Coat);
	const printed = (project: Project) =>
		planProject(project).quantities.paints.flatMap(({ colour, uses }) =>
			uses.filter(({ coat }) => coat === 'stencil').map(({ area }) => ({ colour, area }))
		);

	it('takes of each as much as lies under its openings: beside a plain count of points, within 1 % of all', () => {
		const zone = demo.layout.zones[0]!;
		const counted = zone.colours.map(() => 0);
		const laid = layZone(zone, plan);
		for (const item of plan.items) {
			const on = laid.find(({ part }) => part.id === item.part)!.laid;
			const joins = joinsOf(zone, on.region);
			for (let x = item.left; x < item.left + item.width; x += 0.5)
				for (let y = item.top; y < item.top + item.height; y += 0.5)
					if (isInRings(x, y, item.rings))
						sharesAtDepth(joins, depthOnPart(zone.field, on, x, y)).forEach((share, i) => (counted[i]! += share / 4e6));
		}
		const areas = printed(toned);
		expect(areas.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(open, 9);
		zone.colours.forEach((colour, i) => {
			const area = areas.find((one) => one.colour === colour)?.area ?? 0;
			expect(Math.abs(area - counted[i]!) / open, colour).toBeLessThan(0.01);
		});
	});

	it('lays out a brush for each colour, and says where the zone reaches none of the motifs', () => {
		expect(planProject(toned).quantities.tools.filter(({ coat }) => coat === 'stencil')).toEqual([
			{ coat: 'stencil', sitting: 'stencil', tool: 'stencil brush', count: 3 }
		]);
		const at = toned.finish.coats.findIndex(({ id }) => id === 'stencil');
		expect(planProject(toned).hints).toEqual([]);
		const away = { ...toned, layout: { ...toned.layout, zones: [{ ...toned.layout.zones[0]!, parts: ['left'] }] } };
		expect(planProject(away).hints).toContainEqual(expect.objectContaining({ code: 'coat.no-zone', path: `finish.coats[${at}].colour` }));
	});
});

it('blending in a slip buys the glaze that lies under the colours: a coat of it for each pass', () => {
	const { quantities } = planProject(demo);
	expect(quantities.products.map(({ material }) => material)).not.toContain('glaze-medium');
	const blend = demo.finish.coats.find(({ kind }) => kind === 'blend') as Extract<Coat, { kind: 'blend' }>;
	const slipped = planProject(setCoat(demo, { ...blend, method: 'glaze-slip' })).quantities;
	const blended = slipped.paints.flatMap(({ uses }) => uses.filter(({ coat }) => coat === blend.id));
	const area = blended.reduce((sum, use) => sum + use.area, 0);
	const glaze = slipped.products.find(({ material }) => material === 'glaze-medium')!;
	expect(glaze.area).toBeCloseTo(area, 9);
	const { coverage } = CATALOGUE.find(({ id }) => id === 'glaze-medium')!;
	/** What the brush keeps is a tenth. */
	expect(glaze.ml).toBeCloseTo((blend.times * 1.1 * area * 1000) / coverage, 6);
});

it('a mix takes of the jars of its parts, and what is left in a jar need not be bought', () => {
	const palette: Project['palette'] = demo.palette.map((colour) => ({ ...colour, jar: { left: 50, size: 120 } }));
	const [first, second] = ['estuary', 'hull-white'];
	const mixed: Project = {
		...demo,
		palette: [
			...palette.filter(({ id }) => id !== 'slack-water'),
			{
				...palette.find(({ id }) => id === 'slack-water')!,
				mix: [
					{ colour: first, parts: 1 },
					{ colour: second, parts: 3 }
				]
			}
		]
	};
	const before = planProject(demo).quantities;
	const after = planProject(mixed).quantities;
	const mlOf = (jars: typeof before.jars, id: string) => jars.find(({ colour }) => colour === id)?.ml ?? 0;
	/** A tenth of the mix is made besides and kept back, from 5 to 10 ml. */
	const [kept] = after.keptBack;
	const poured = after.paints.filter(({ colour }) => colour === 'slack-water').reduce((sum, { ml }) => sum + ml, 0);
	expect([before.keptBack, kept!.colour]).toEqual([[], 'slack-water']);
	expect(kept!.ml).toBeCloseTo(Math.min(10, Math.max(5, poured / 10)), 9);
	const moved = mlOf(before.jars, 'slack-water') + kept!.ml;
	expect(mlOf(after.jars, 'slack-water')).toBe(0);
	expect(mlOf(after.jars, first) - mlOf(before.jars, first)).toBeCloseTo(moved / 4, 6);
	expect(mlOf(after.jars, second) - mlOf(before.jars, second)).toBeCloseTo((3 * moved) / 4, 6);
	for (const { ml, toBuy } of after.jars) expect(50 + 120 * toBuy!).toBeGreaterThanOrEqual(ml - 1e-6);
});
