import type { Places } from '../layout';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import project from '../../../tests/fixtures/reed-chest.json';
import { type Project } from '../project';
import { readProject } from '../formats';
import { planProject } from '../plan';
import { gatherMaterials } from '../materials';
import { measurePiece } from '../piece';
import { freeId, KINDS, layersOn, layersOver, layersUnder, stackLayers, type Coat, type CoatKind } from './index';

const read = readProject({ ...project, workshop: { temperature: 20, humidity: 50 } });
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const demo = read.project;
const withCoats = (change: (coats: Coat[]) => Coat[]): Project => ({
	...demo,
	finish: { ...demo.finish, coats: change([...demo.finish.coats]) }
});
const stepOf = (p: Project, coat: string) => planProject(p).order.find((step) => step.coat === coat)!;

describe('waits', () => {
	it('are the recoat of what lies under, by the label at 20 C and 50 %', () => {
		expect(stepOf(demo, 'scuff')).toMatchObject({ waitBefore: expect.closeTo(45, 9), waitFor: 'prime', waitRule: 'recoat' });
		/** The primer dries while it is scuffed. */
		expect(stepOf(demo, 'base')).toMatchObject({ waitBefore: 0, waitFor: null });
		expect(stepOf(demo, 'blend')).toMatchObject({ waitBefore: expect.closeTo(120, 9), waitFor: 'base', waitRule: 'base-dry' });
		expect(stepOf(demo, 'stencil')).toMatchObject({ waitBefore: expect.closeTo(120, 9), waitFor: 'blend' });
		expect(stepOf(demo, 'hardware-on')).toMatchObject({ waitBefore: expect.closeTo(30, 9), waitFor: 'clear', waitRule: 'hardware-last' });
	});

	it('run on between two coats of one step', () => {
		const { beginsAt, doneAt, work, between } = stepOf(demo, 'blend');
		expect(between).toBe(120);
		expect(doneAt - beginsAt).toBeCloseTo(120 + work, 9);
	});

	it('are not made on one surface for what dries on another', () => {
		const apart = withCoats((coats) => coats.map((coat) => (coat.id === 'base' ? { ...coat, on: 'frame' } : coat)) as Coat[]);
		/** The primer has dried while the frame waited for its base. */
		expect(stepOf(apart, 'blend')).toMatchObject({ waitBefore: 0, waitFor: null });
	});

	it('count what has passed on other work', () => {
		const waited = withCoats((coats) => coats.map((coat) => (coat.id === 'blend' ? { ...coat, wait: 500 } : coat)));
		expect(stepOf(waited, 'blend')).toMatchObject({ waitBefore: 500 });
		expect(stepOf(waited, 'stencil').waitBefore).toBeCloseTo(120, 9);
	});

	it('grow with a thick coat and a cold, damp workshop', () => {
		const thick = withCoats((coats) => coats.map((coat) => (coat.id === 'base' ? { ...coat, thickness: 2 } : coat)) as Coat[]);
		expect(stepOf(thick, 'blend').waitBefore).toBeCloseTo(120 * 2 ** 1.5, 6);
		expect(stepOf({ ...demo, workshop: { temperature: 14, humidity: 70 } }, 'blend').waitBefore).toBeCloseTo(303, 0);
	});
});

describe('film against the gaps', () => {
	it('is brought by coats alone: none by what cleans, sands, scuffs or takes hardware off', () => {
		const films = new Map(planProject(demo).order.map(({ coat, film }) => [coat, film]));
		for (const id of ['hardware-off', 'clean', 'sand', 'scuff', 'hardware-on']) expect(films.get(id), id).toBe(0);
		expect(films.get('base')).toBe(100);
	});

	it('adds up on both sides, without the stencil', () => {
		const room = planProject(demo).gaps.find(({ gap }) => gap === 'gap-2')!;
		expect(room.film[0]).toBeCloseTo(0.035 + 2 * 0.05 + 0.1 + 0.05, 9);
		expect(room.left).toBeCloseTo(room.mm - 2 * 0.285, 9);
	});

	it('nearly closes a gap of 1 mm with primer, three coats and varnish, and binds where there was less', () => {
		const gapOf = (reading: string) => {
			const face = demo.piece.faces[0]!;
			const chain = face.chain.map((entry) =>
				entry.id === 'gap-2' ? { ...entry, reading } : entry.id === 'plinth' ? { ...entry, reading: String(79 - Number(reading)) } : entry
			);
			const thick = withCoats((coats) => coats.map((coat) => (coat.id === 'base' ? { ...coat, times: 3 } : coat)) as Coat[]);
			return planProject({ ...thick, piece: { ...thick.piece, faces: [{ ...face, chain }] } }).gaps.find(({ gap }) => gap === 'gap-2')!;
		};
		expect(gapOf('1')).toMatchObject({ verdict: 'tight' });
		expect(gapOf('0.5')).toMatchObject({ verdict: 'binds' });
		expect(gapOf('2')).toMatchObject({ verdict: 'free' });
	});
});

describe('orders by chance', () => {
	const context = { colours: ['estuary', 'hull-white'], zones: [], arrangements: [], masks: [], paint: 'chalk-paint', hasHoles: false };
	const starts = Object.values(KINDS).flatMap((kind) => (kind as unknown as CoatKind<Coat>).starts(context).map(({ coat }) => coat));
	const on = fc.constantFrom<Places>('all', 'drawers', 'frame', ['drawer-1'], ['drawer-2', 'front'], ['left']);
	const coats = fc
		.array(fc.record({ start: fc.constantFrom(...starts), on, bare: fc.boolean() }), { minLength: 2, maxLength: 12 })
		.map((list) =>
			list.reduce<Coat[]>((made, { start, on: surfaces, bare }) => {
				const coat = { ...start, ...('on' in start ? { on: surfaces } : {}), ...('bare' in start ? { bare } : {}) } as Coat;
				return [...made, { ...coat, id: freeId(coat.id, made) } as Coat];
			}, [])
		);
	const piece = measurePiece(demo.piece, demo.units);
	const stackOf = (list: readonly Coat[]) =>
		stackLayers(
			{ coats: [...list] },
			{ piece, condition: 'finished', layout: demo.layout, laid: [], palette: demo.palette, materials: gatherMaterials([]) }
		);

	it('what lies under, over and on is as the slow way tells: surface by surface, until it is sanded off', () => {
		fc.assert(
			fc.property(coats, (list) => {
				const stack = stackOf(list);
				const pairs: string[] = [];
				for (const a of stack.layers)
					for (const b of stack.layers.slice(a.at + 1))
						for (const surface of a.surfaces) {
							const gone = stack.layers.some(({ at, traits, surfaces }) => at > a.at && at < b.at && traits.bares && surfaces.has(surface));
							if (b.surfaces.has(surface) && !gone) pairs.push(`${a.at} ${b.at} ${surface}`);
						}
				const told = stack.layers.flatMap((b) =>
					layersUnder(stack, b).flatMap(({ layer: a, where }) => where.map((surface) => `${a.at} ${b.at} ${surface}`))
				);
				const back = stack.layers.flatMap((a) =>
					layersOver(stack, a).flatMap(({ layer: b, where }) => where.map((surface) => `${a.at} ${b.at} ${surface}`))
				);
				expect(told.sort()).toEqual([...pairs].sort());
				expect(back.sort()).toEqual([...pairs].sort());
				for (const surface of stack.surfaces) {
					const here = stack.layers.filter(({ surfaces }) => surfaces.has(surface));
					const from = here.findLastIndex(({ traits }) => traits.bares);
					expect(layersOn(stack, surface)).toEqual(here.filter((_, i) => i > from));
				}
			}),
			{ numRuns: 60 }
		);
	});

	it('left to the plan, no wait is ever too short, and none longer than something asks for', () => {
		fc.assert(
			fc.property(coats, (list) => {
				const plan = planProject({ ...demo, finish: { coats: list, decisions: [] } });
				const stepOf = new Map(plan.order.map((step) => [step.coat, step]));
				for (const { before, after, least, asks } of plan.arcs) {
					const waited = stepOf.get(after)!.beginsAt - stepOf.get(before)!.doneAt;
					expect(waited).toBeGreaterThanOrEqual(Math.max(least, asks) - 1e-6);
				}
				for (const step of plan.order) {
					if (step.waitBefore === 0) continue;
					const asked = plan.arcs.filter(({ after }) => after === step.coat).map(({ before, asks }) => stepOf.get(before)!.doneAt + asks);
					expect(step.beginsAt).toBeCloseTo(Math.max(...asked), 6);
				}
			}),
			{ numRuns: 40 }
		);
	});
});

it('a keyhole alone is no hardware that comes off; a plate beside it is', () => {
	const box = JSON.parse(readFileSync('demo/net-box.json', 'utf8')) as Project;
	const withFitting = (kind: 'keyhole' | 'plate'): Project => ({
		...box,
		finish: { ...box.finish, coats: box.finish.coats.filter((coat) => !coat.kind.startsWith('hardware')) },
		piece: {
			...box.piece,
			faces: box.piece.faces.map((face) => ({
				...face,
				fittings: face.fittings.map(({ hardware, ...fitting }) => ({ ...fitting, hardware: { ...hardware, kind } as typeof hardware }))
			}))
		}
	});
	const found = (kind: 'keyhole' | 'plate') => planProject(withFitting(kind)).findings.filter(({ rule }) => rule === 'hardware-last');
	expect([found('keyhole').length, found('plate').length]).toEqual([0, 1]);
});
