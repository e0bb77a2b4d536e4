import { describe, expect, it } from 'vitest';
import project from '../../../demo/sail-loft-chest.json';
import { type Project } from '../project';
import { readProject } from '../formats';
import { planProject } from '../plan';
import type { Coat } from './index';

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
		expect(stepOf(demo, 'scuff')).toMatchObject({ waitBefore: 45, waitFor: 'prime', waitRule: 'recoat' });
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
		const waited = withCoats((coats) => coats.map((coat) => (coat.id === 'base' ? { ...coat, wait: 500 } : coat)));
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
