import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { changeUnits, type Project } from '../project';
import { readProjectText } from '../formats';
import { describeSheets, planFile, writePlan } from '../sheets';
import { createPlanner, listSurfaces, nameSurface, planProject, type Plan } from './index';

const text = readFileSync('tests/fixtures/reed-chest.json', 'utf8');
const read = readProjectText(text);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;

it('gives the same plan to the byte, and leaves the project alone', () => {
	const before = JSON.stringify(demo);
	expect(writePlan(planProject(demo))).toBe(writePlan(planProject(demo)));
	expect(JSON.stringify(demo)).toBe(before);
});

it('lists what is painted by itself, face by face, what moves first; twins by their face', () => {
	const plan = planProject(demo);
	const front = listSurfaces(plan).filter(({ id }) => id === 'front' || plan.faces[0]!.parts.some((part) => part.id === id));
	expect(front).toEqual(
		[1, 2, 3, 4]
			.map((n) => ({ id: `drawer-${n}`, name: `Drawer ${n}` }))
			.concat({ id: 'rail', name: 'Rail' }, { id: 'plinth', name: 'Plinth' }, { id: 'front', name: 'Front, frame' })
	);
	const [one, ...rest] = plan.faces;
	expect(nameSurface({ faces: [one!, ...rest.map((face) => ({ ...face, idle: true }))] }, 'front')).toBe('Frame');
	const twin = { ...one!, id: 'back', name: 'Back', parts: one!.parts.map((part) => ({ ...part, id: `${part.id}-b`, face: 'back' })) };
	expect(nameSurface({ faces: [one!, twin] }, 'drawer-2')).toBe('Drawer 2, Front');
});

it('works one truth through every room: a taller drawer moves parts, paint, placements and sheets', () => {
	const chain = demo.piece.faces[0]!.chain.map((entry) =>
		entry.id === 'drawer-1' ? { ...entry, reading: '205' } : entry.id === 'plinth' ? { ...entry, reading: '46' } : entry
	);
	const taller: Project = { ...demo, piece: { ...demo.piece, faces: [{ ...demo.piece.faces[0]!, chain }] } };
	const [a, b] = [planProject(demo), planProject(taller)];
	const of = (plan: Plan) => ({
		height: plan.faces[0]!.parts.find((part) => part.id === 'drawer-1')!.height,
		glow: plan.zones[0]!.areas.reduce((sum, { area }) => sum + area, 0),
		centre: plan.items[0]!.centre.y,
		blue: plan.quantities.paints.find(({ colour }) => colour === 'slack-water')!.ml
	});
	expect(of(b).height - of(a).height).toBeCloseTo(30, 0);
	expect((of(b).glow - of(a).glow) * 1e6).toBeCloseTo(816 * (of(b).height - of(a).height), 3);
	expect(of(b).centre - of(a).centre).toBeCloseTo(15, 0);
	expect(of(b).blue).toBeGreaterThan(of(a).blue);
});

it('counts paint from areas: the surfaces add up to the face less its gaps, each zone to its front', () => {
	const plan = planProject(demo);
	const face = plan.faces[0]!;
	const gaps =
		face.gaps.filter((gap) => gap.at === 'chain').reduce((sum, gap) => sum + gap.mm * 822, 0) +
		face.parts.filter((part) => part.role === 'drawer').reduce((sum, part) => sum + part.height * 6, 0);
	const total = plan.quantities.surfaces.reduce((sum, { area }) => sum + area, 0) * 1e6;
	/** Two sides, the top, and the top edges of four drawers. */
	const rest = 2 * 470 * 940 + 860 * 470 + 4 * 816 * 16;
	expect(total).toBeCloseTo(860 * 940 - gaps + rest, 3);
	const clear = plan.quantities.products.find(({ material }) => material === 'clear-coat')!;
	expect(clear.ml).toBeCloseTo((total / 1e6 / 12) * 2 * 1000 * 1.1, 6);
	const blend = plan.quantities.paints.flatMap((row) => row.uses).filter(({ coat }) => coat === 'blend');
	expect(blend.reduce((sum, use) => sum + use.ml, 0)).toBeCloseTo(
		(face.parts.filter((p) => p.role === 'drawer').reduce((s, p) => s + p.width * p.height, 0) / 1e6 / 13) * 2 * 1000 * 1.1,
		3
	);
});

it('prints a run on a whole face, and a piece without fronts, without failing', () => {
	for (const on of [['front'], ['top']]) {
		const project = { ...demo, layout: { ...demo.layout, arrangements: demo.layout.arrangements.map((one) => ({ ...one, parts: on })) } };
		const pages = describeSheets(project, planProject(project), 'a4');
		expect(pages.map(({ title }) => title)).toContain(on[0] === 'front' ? 'Front' : 'Top');
	}
});

it('keeps every length when the painter turns the tape over', () => {
	const inches = changeUnits(demo, 'in');
	expect(inches.piece.faces[0]!.chain[2]!.reading).toBe('175 mm');
	expect(planProject(inches).faces).toEqual(planProject(demo).faces);
	expect(planProject(changeUnits(inches, 'mm')).faces).toEqual(planProject(demo).faces);
});

it('works out again only what an edit touches', () => {
	const plan = createPlanner();
	const first = plan(demo);
	const finish = { ...demo.finish, coats: demo.finish.coats.map((coat) => (coat.id === 'hardware-on' ? { ...coat, wait: 300 } : coat)) };
	const second = plan({ ...demo, finish });
	expect(second.faces).toBe(first.faces);
	expect(second.zones).toBe(first.zones);
	expect(second.order).not.toBe(first.order);
	expect(second.order.at(-1)!.waitBefore).toBe(300);
});

it('answers with a list of errors, each with its remedy', () => {
	expect(planFile('{"format":"ember-ribbon/project","version":1}')).toMatchObject({
		read: false,
		answer: { errors: expect.arrayContaining([{ code: 'field.missing', path: 'units', message: expect.stringContaining('Add it') }]) }
	});
	const swapped = text.replace('"reading": "195"', '"reading": "159"');
	const { read, answer } = planFile(swapped);
	expect(read).toBe(true);
	expect(answer.errors).toMatchObject([{ code: 'chain.digits-swapped', path: 'piece.faces[0].chain[4].reading' }]);
	expect(answer.errors[0]!.message).toContain('195 mm');
});

/** Every leaf of the project in turn, put to something that a hand or a program may write there. */
it('answers whatever a file holds: a plan, or errors with a place and a remedy, and never fails', () => {
	const leaves: (string | number)[][] = [];
	const visit = (value: unknown, path: (string | number)[]) => {
		if (typeof value !== 'object' || value === null) return void leaves.push(path);
		for (const [key, inner] of Object.entries(value))
			if (key !== 'paths') visit(inner, [...path, Array.isArray(value) ? Number(key) : key]);
	};
	visit(demo, []);
	const odd = fc.oneof(
		fc.constantFrom<unknown>(null, '', 'x', '0', '1e9', '-3', '5 3/8', '1/0', [], {}, true, 1e308, -1, 0, 0.5, 7, 12, 400, 99_999),
		fc.double({ noNaN: true, min: -1e4, max: 1e4 }),
		fc.constantFrom(...demo.finish.coats.map(({ id }) => id), 'drawers', 'drawer-1', 'constructor', 'frame')
	);
	fc.assert(
		fc.property(fc.array(fc.tuple(fc.nat(leaves.length - 1), odd), { minLength: 1, maxLength: 3 }), (changes) => {
			const file = structuredClone(demo) as unknown as Record<string | number, unknown>;
			for (const [leaf, value] of changes) {
				const path = leaves[leaf]!;
				const holder = path
					.slice(0, -1)
					.reduce<Record<string | number, unknown>>((inner, key) => (inner?.[key] ?? {}) as Record<string | number, unknown>, file);
				holder[path.at(-1)!] = value;
			}
			const { read, answer } = planFile(JSON.stringify(file));
			if (!read) expect(answer.errors.length).toBeGreaterThan(0);
			for (const error of answer.errors) expect(error.message).toMatch(/\.$/);
			JSON.stringify(answer, (key, value: unknown) => {
				if (typeof value === 'number' && !Number.isFinite(value)) throw new Error(`${key} is ${value}`);
				return value;
			});
		}),
		{ numRuns: 200 }
	);
});
