import file from '../../../../tests/fixtures/reed-chest.json';
import { expect, it } from 'vitest';
import { readProject } from '../../formats';
import { listTools } from '../../materials';
import { listColourRows, planProject } from '../index';

const read = readProject(file);
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const { project } = read;

it('tells each colour once, with what it is poured for and what its jar holds', () => {
	const { quantities, unmeasured } = planProject(project);
	const rows = listColourRows(quantities, unmeasured);
	expect(rows.map(({ colour }) => colour)).toEqual(['estuary', 'slack-water', 'morning-flat', 'hull-white']);
	expect(rows[0]!.pours.map(({ uses }) => uses.map(({ coat }) => coat))).toEqual([['base', 'blend']]);
	for (const { pours, jar, inMixes } of rows) {
		expect(jar!.ml).toBeCloseTo(
			pours.reduce((sum, { ml }) => sum + ml, 0),
			9
		);
		expect(inMixes).toBeCloseTo(0, 9);
	}
});

it('has no jar for a mix, and tells of its parts what the mix takes', () => {
	const palette = project.palette.map((colour) =>
		colour.id === 'slack-water'
			? {
					...colour,
					mix: [
						{ colour: 'estuary', parts: 1 },
						{ colour: 'sand-bar', parts: 3 }
					]
				}
			: colour
	);
	const { quantities } = planProject({ ...project, palette });
	const rows = listColourRows(quantities, null);
	const of = (id: string) => rows.find(({ colour }) => colour === id)!;
	const mixed = of('slack-water').pours[0]!.ml;
	expect(of('slack-water').jar).toBeNull();
	/** A tenth of it is kept back, from 5 to 10 ml. */
	const keep = Math.min(10, Math.max(5, mixed / 10));
	expect(of('slack-water').keep).toBeCloseTo(keep, 9);
	expect(of('estuary').keep).toBe(0);
	expect(of('sand-bar')).toMatchObject({ pours: [], inMixes: expect.closeTo((3 * (mixed + keep)) / 4, 6) });
	expect(of('estuary').inMixes).toBeCloseTo((mixed + keep) / 4, 6);
});

it('adds what unmeasured faces would take where it belongs, a colour of theirs alone at the end', () => {
	const { quantities } = planProject(project);
	const paint = (colour: string, ml: number) => ({ colour, material: 'chalk-paint', area: 1, ml });
	const rows = listColourRows(quantities, { faces: [], paints: [paint('estuary', 30), paint('sand-bar', 7)], products: [] });
	expect(rows[0]!.pours[0]!.more).toBe(30);
	expect(rows.at(-1)).toMatchObject({ colour: 'sand-bar', jar: null, pours: [{ ml: 0, more: 7 }] });
});

it.each<[says: string, begun: [string, number][], rows: [tool: string, count: number, wrap: boolean][]]>([
	[
		'in one day: a dry brush serves one sitting, a colour brush is wrapped',
		[
			['a', 0],
			['b', 300],
			['d', 590]
		],
		[
			['brush', 2, true],
			['flat brush', 4, true],
			['clean dry brush', 6, false],
			['card', 1, false]
		]
	],
	[
		'over a night they are dry again',
		[
			['a', 0],
			['b', 700],
			['d', 1400]
		],
		[
			['brush', 2, false],
			['flat brush', 4, false],
			['clean dry brush', 3, false],
			['card', 1, false]
		]
	]
])('lists a tool once, as many as a day asks for: %s', (_says, begun, rows) => {
	const tools = [
		{ coat: 'a', sitting: 'a', tool: 'brush', count: 1 },
		{ coat: 'b', sitting: 'b', tool: 'flat brush', count: 3 },
		/** What is worked wet in wet has its tools in hand at once. */
		{ coat: 'c', sitting: 'b', tool: 'flat brush', count: 1 },
		{ coat: 'c', sitting: 'b', tool: 'brush', count: 2 },
		{ coat: 'b', sitting: 'b', tool: 'clean dry brush', count: 3 },
		{ coat: 'd', sitting: 'd', tool: 'clean dry brush', count: 3 },
		{ coat: 'd', sitting: 'd', tool: 'flat brush', count: 3 },
		{ coat: 'd', sitting: 'd', tool: 'card', count: 1 }
	];
	const listed = listTools(tools, new Map(begun));
	expect(listed.map(({ tool, count, wrap }) => [tool, count, wrap])).toEqual(rows);
	expect(listed[0]!.coats).toEqual(['a', 'c']);
});
