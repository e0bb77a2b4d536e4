import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProjectText } from '../../formats';
import { STARTERS } from '../../piece';
import { newProject, type Project } from '../../project';
import { describeSheets } from '../../sheets';
import { plainPlan, planMeasured, planProject } from '../index';

function demo(file: string): Project {
	const read = readProjectText(readFileSync(`demo/${file}`, 'utf8'));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.project;
}
const DEMOS = readdirSync('demo').filter((name) => name.endsWith('.json') && name !== 'shelf.json');

it.each(DEMOS)('%s crosses to another thread whole: what arrives is what was planned, and prints the same pages', (file) => {
	const project = demo(file);
	const plan = planProject(project);
	const crossed = structuredClone(plainPlan(plan));
	expect(JSON.stringify(crossed)).toBe(JSON.stringify(plan));
	expect(JSON.stringify(describeSheets(project, crossed, 'a4'))).toBe(JSON.stringify(describeSheets(project, plan, 'a4')));
});

it.each(DEMOS)('%s: its faces alone are as in the whole plan', (file) => {
	const project = demo(file);
	const [faces, whole] = [planMeasured(project), planProject(project)];
	expect(faces.faces).toEqual(whole.faces);
	expect(faces.unfolded).toEqual(whole.unfolded);
	const ofPiece = ({ errors }: typeof whole) => errors.filter(({ path }) => path.startsWith('piece'));
	expect(ofPiece(faces)).toEqual(ofPiece(whole));
	expect([faces.items, faces.zones, faces.order]).toEqual([[], [], []]);
});

it.each(STARTERS.map(({ id }) => id))('%s: its faces alone are as in the whole plan, measured or not', (id) => {
	const project = newProject({ name: 'One', units: 'in', count: null, shape: id });
	expect(planMeasured(project).faces).toEqual(planProject(project).faces);
});
