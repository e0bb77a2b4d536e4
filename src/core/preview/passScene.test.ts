import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProjectText } from '../formats';
import { planProject, sourceOfScene } from '../plan';
import { createSceneReader, createSceneWriter, describeScene } from './index';

const read = readProjectText(readFileSync('demo/chart-cabinet.json', 'utf8'));
if (!read.ok) throw new Error('no demo');
const { project } = read;
const plan = planProject(project);
const sceneOf = (one = project, face?: string) => describeScene(sourceOfScene(one, one === project ? plan : planProject(one), face));
const { coats } = project.finish;

it('a scene comes out as it went in, and what is as it was is not sent again', () => {
	const [write, readScene] = [createSceneWriter(), createSceneReader()];
	const moved = { ...project, finish: { ...project.finish, coats: [coats.at(-1)!, ...coats.slice(0, -1)] } };
	const recoloured = {
		...project,
		palette: project.palette.map((colour, i) => (i === 0 ? { ...colour, hex: '#123456' } : colour))
	};
	const scenes = [sceneOf(), sceneOf(), sceneOf(moved), sceneOf(recoloured), sceneOf(project, plan.faces[1]!.id), sceneOf()];
	const updates = scenes.map((scene) => {
		const update = structuredClone(write(scene));
		expect(readScene(update)).toEqual(scene);
		return update;
	});
	const sent = updates.map(({ layers }) => layers.filter((layer) => typeof layer !== 'string').length);
	expect(sent.slice(0, 3)).toEqual([coats.length, 0, 0]);
	expect(sent[3]).toBeGreaterThan(0);
	expect(sent[3]).toBeLessThan(coats.length);
	expect(updates.map(({ frame }) => frame !== null)).toEqual([true, false, false, false, true, true]);
	expect(JSON.stringify(updates[1]).length).toBeLessThan(JSON.stringify(updates[0]).length / 50);
});

it('an update of what never came is an error', () => {
	const write = createSceneWriter();
	write(sceneOf());
	expect(() => createSceneReader()(write(sceneOf()))).toThrow('never sent');
});
