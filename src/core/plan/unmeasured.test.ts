import { expect, it } from 'vitest';
import { newProject, type Project } from '../project';
import { newBase } from '../layers';
import { STARTERS } from '../piece';
import { planProject } from './planProject';

const COLOUR = { id: 'c', name: 'Colour', hex: '#446688', opacity: 0.95 };
/** A base coat on the whole piece, and a zone over named faces; nothing is measured but what is given. */
function begun(shape: string, faces: Record<string, { width: string; height: string }>): Project {
	const project = newProject({ name: '', units: 'mm', count: null, shape });
	return {
		...project,
		palette: [COLOUR],
		piece: { ...project.piece, faces: project.piece.faces.map((face) => ({ ...face, ...faces[face.id] })) },
		finish: { ...project.finish, coats: [{ ...newBase('all', 'c', 'chalk-paint'), id: 'base' }] }
	};
}

it('counts only what is measured, and tells what the rest would take by its usual size', () => {
	const sized = { front: { width: '800', height: '900' } };
	const plan = planProject(begun('chest', sized));
	expect(plan.quantities.paints[0]!.area).toBeCloseTo(
		plan.quantities.surfaces.reduce((sum, { area }) => sum + area, 0),
		9
	);
	const left = plan.unmeasured!;
	expect(left.faces.map(({ face }) => face)).toEqual(plan.faces.filter(({ idle }) => idle).map(({ id }) => id));
	expect(left.paints[0]!.area).toBeCloseTo(
		left.faces.reduce((sum, { area }) => sum + area, 0),
		9
	);
	/** A base coat of 13 m2 a litre, a tenth of it lost. */
	expect(left.paints[0]!.ml).toBeCloseTo((left.paints[0]!.area / 13) * 1100, 6);
	/** One reading of a side, and it is counted, with what follows from it: the other side and the top. */
	const wider = planProject(begun('chest', { ...sized, left: { width: '400', height: '900' } }));
	expect(wider.quantities.paints[0]!.area - plan.quantities.paints[0]!.area).toBeCloseTo(2 * 0.36 + 0.32, 6);
	expect(wider.unmeasured).toBeNull();
});

/** The outline of a free board is drawn by figures, so it begins with them. */
it.each(STARTERS.flatMap(({ id }) => (id === 'free-board' ? [] : [id])))(
	'%s, of which nothing is measured: no sum counts anything, and all of it is told',
	(shape) => {
		const plan = planProject(begun(shape, {}));
		expect(plan.quantities.paints.reduce((sum, { ml }) => sum + ml, 0)).toBe(0);
		expect(plan.unmeasured!.faces).toHaveLength(plan.faces.length);
		expect(plan.unmeasured!.paints[0]!.ml).toBeGreaterThan(0);
	}
);

it('tells only what would take something: a coat on the drawers alone asks nothing of a side', () => {
	const project = begun('chest', { front: { width: '800', height: '900' } });
	const coats = project.finish.coats.map((coat) => ({ ...coat, on: 'drawers' }) as typeof coat);
	const { unmeasured } = planProject({ ...project, finish: { ...project.finish, coats } });
	expect(unmeasured).toMatchObject({ paints: [], products: [] });
	expect(unmeasured!.faces.length).toBeGreaterThan(2);
});

it('has nothing to tell where all is measured', () => {
	const { piece } = newProject({ name: '', units: 'mm', count: null, shape: 'chest' });
	const all = Object.fromEntries(piece.faces.map(({ id }) => [id, { width: '800', height: '900' }]));
	expect(planProject(begun('chest', all)).unmeasured).toBeNull();
});

it.each(['chest', 'sideboard', 'cabinet', 'bedside', 'desk', 'box'])(
	'of a %s only the top is read: it is planned by itself, and nothing of the front is missed',
	(shape) => {
		const level = newProject({ name: '', units: 'mm', count: null, shape }).piece.faces.find(
			({ kind }) => kind === 'top' || kind === 'lid'
		)!;
		const plan = planProject(begun(shape, { [level.id]: { width: '500', height: '400' } }));
		expect(plan.errors).toEqual([]);
		expect(plan.quantities.surfaces).toEqual([{ surface: level.id, area: expect.closeTo(0.2, 9) }]);
		expect(plan.order[0]!.surfaces).toEqual([level.id]);
		/** A front of which anything is read is asked for again. */
		const front = newProject({ name: '', units: 'mm', count: null, shape }).piece.faces[0]!;
		const both = planProject(begun(shape, { [level.id]: { width: '500', height: '400' }, [front.id]: { width: '500', height: '' } }));
		expect(both.errors.map(({ code, path }) => `${code} ${path}`)).toContain('length.empty piece.faces[0].height');
	}
);
