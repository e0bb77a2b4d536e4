import demo from '../../../../demo/chart-cabinet.json';
import { readProject } from '../../formats';
import type { Coat } from '../../layers';
import { planProject } from '../planProject';
import { describe, expect, it } from 'vitest';

const read = readProject(demo);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;
const coatOf = (id: string) => project.finish.coats.find((coat) => coat.id === id)!;
const labelsOf = (...coats: Coat[]) => planProject({ ...project, finish: { ...project.finish, coats } }).order.map(({ label }) => label);
const twin = (id: string, more: object = {}) => ({ ...coatOf(id), ...more, id: `${id}-2` }) as Coat;

describe('steps are called so that no two are alike', () => {
	it.each<[string, Coat[], string[]]>([
		['alone, by their word', [coatOf('base'), coatOf('blend')], ['Base coat', 'Blended coat']],
		[
			'blended ones by their zone',
			[coatOf('blend'), coatOf('hollows')],
			['Blended coat, Linen in the panels', 'Blended coat, Dark in the hollows']
		],
		['base coats by their colour', [coatOf('base'), coatOf('beads')], ['Base coat, Hull white', 'Base coat, Sand bar']],
		['where the colour is the same too, by their place', [coatOf('base'), twin('base')], ['Base coat 1', 'Base coat 2']],
		[
			'clear coats by their material',
			[coatOf('clear'), twin('clear', { material: 'tough-clear-coat' })],
			['Clear coat', 'Clear coat, Tough clear coat']
		]
	])('%s', (_, coats, labels) => {
		expect(labelsOf(...coats)).toEqual(labels);
	});
});
