import chest from '../../../../tests/fixtures/reed-chest.json';
import { hiddenBy, KINDS, type Coat } from '../../layers';
import { layOver } from '../../colour';
import { readProject } from '../../formats';
import { GROUNDS, partOfPiece } from '../../piece';
import { coverOn, drawPlain } from './drawPlain';
import { planProject } from '../planProject';
import { expect, it } from 'vitest';

const read = readProject(chest);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;
const plan = planProject(project);
const hexesAfter = (steps: number, face = 'front') => new Map(drawPlain(project, plan, face, steps).map(({ part, hex }) => [part.id, hex]));
const hex = (id: string) => project.palette.find((colour) => colour.id === id)!.hex;
const stepOf = (id: string) => project.finish.coats.findIndex((coat) => coat.id === id) + 1;

it('a face in plain colours is bare at first, then in the last colour of each of its parts', () => {
	expect([...hexesAfter(0).values()]).toEqual(Array(7).fill(GROUNDS[plan.faces[0]!.ground].look[0]));
	const base = (project.finish.coats.find(({ id }) => id === 'base') as { colour: string }).colour;
	expect(hexesAfter(stepOf('base')).get('drawer-2')).toBe(hex(base));
	const blended = hexesAfter(project.finish.coats.length);
	expect(blended.get('drawer-2')).toBe(hex(project.layout.zones[0]!.colours[1]!));
	expect(blended.get('front')).toBe(hex(base));
});

it('what lets be seen what is under it does not hide it: a glaze is laid over the blend, wax at the edges is told as such', () => {
	const { colours, zones } = { colours: project.palette.map(({ id }) => id), zones: project.layout.zones };
	const begun = (kind: 'glaze' | 'gilding-wax', change: object) =>
		({
			...KINDS[kind].starts({ colours, zones, arrangements: [], masks: [], paint: 'chalk-paint', hasHoles: false })[0]!.coat,
			...change,
			id: kind
		}) as Coat;
	const coverWith = (...coats: Coat[]) => {
		const with_ = { ...project, finish: { ...project.finish, coats: [...project.finish.coats, ...coats] } };
		const planned = planProject(with_);
		return coverOn(with_, planned, partOfPiece(planned.faces, 'drawer-2'), with_.finish.coats.length);
	};
	const [plain, colour] = [coverWith(), project.palette[0]!];
	const hides = hiddenBy(hiddenBy(colour.opacity, 1 / 4), 1);
	const glazed = coverWith(begun('glaze', { colour: colour.id, medium: 3, thickness: 1, times: 1 }));
	expect(glazed).toEqual({ ...plain, hex: layOver(colour.hex, hides, plain.hex), films: [...plain.films, { hex: colour.hex, hides }] });
	expect(coverWith(begun('gilding-wax', { colour: colour.id, catches: 'heights' }))).toEqual(plain);
	expect(coverWith(begun('gilding-wax', { colour: colour.id, catches: 'edges' }))).toEqual({ ...plain, edges: colour.hex });
	expect(coverWith(begun('gilding-wax', { colour: colour.id, catches: 'all' }))).toEqual({
		hex: colour.hex,
		ground: colour.hex,
		films: [],
		edges: null
	});
});
