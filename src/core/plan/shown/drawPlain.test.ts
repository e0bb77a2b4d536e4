import chest from '../../../../tests/fixtures/reed-chest.json';
import { readProject } from '../../formats';
import { GROUNDS } from '../../piece';
import { drawPlain } from './drawPlain';
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
