import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { readProjectText } from '../../formats';
import type { Coat } from '../../layers';
import type { Project } from '../../project';
import { planProject } from '../planProject';

const read = readProjectText(readFileSync('tests/fixtures/reed-chest.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;
const [zone] = project.layout.zones;
const stencil = project.finish.coats.find((coat): coat is Extract<Coat, { kind: 'stencil' }> => coat.kind === 'stencil')!;
const base = project.finish.coats.find((coat): coat is Extract<Coat, { kind: 'base' }> => coat.kind === 'base')!;
const row = project.layout.arrangements[0]!.name;
const [one, other] = project.palette as unknown as [Project['palette'][0], Project['palette'][0]];

/** What steps of one word are called, in place of all that goes through motifs. */
const labelsOf = (...coats: Coat[]) => {
	const layout = { ...project.layout, zones: [zone!, { ...zone!, id: 'tide', name: 'Tide' }] };
	const plan = planProject({
		...project,
		layout,
		finish: { ...project.finish, coats: coats.map((coat, i) => ({ ...coat, id: `c${i}` })) }
	});
	return plan.order.map(({ label }) => label);
};

it.each<[string, Coat[], string[]]>([
	['one is told by its arrangement alone', [stencil], [row]],
	[
		'two in the colours of zones by these',
		[
			{ ...stencil, colour: { zone: zone!.id } },
			{ ...stencil, colour: { zone: 'tide' } }
		],
		[`${row}, ${zone!.name}`, `${row}, Tide`]
	],
	[
		'two of plain colours by these',
		[
			{ ...stencil, colour: one.id },
			{ ...stencil, colour: other.id }
		],
		[`${row}, ${one.name}`, `${row}, ${other.name}`]
	],
	['two of one colour by their place', [stencil, stencil], [`${row} 1`, `${row} 2`]],
	[
		'two of one colour and of two paints by these',
		[
			{ ...base, material: 'chalk-paint' },
			{ ...base, material: 'mineral-paint' }
		],
		['Base coat, Chalk-type paint', 'Base coat, Mineral furniture paint']
	]
])('%s', (_, coats, labels) => expect(labelsOf(...coats)).toEqual(labels));
