import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { ARRANGEMENTS, PATTERNS, type Arrangement, type Motif, type PatternId } from '../layout';
import { roundToBegin } from '../units';
import { addArrangement, addZone, newProject, ZONE_STARTERS, type Project } from './index';

const { layout } = JSON.parse(readFileSync('tests/fixtures/reed-chest.json', 'utf8')) as Project;
const reed: Motif = layout.motifs[0]!;
const begun = newProject({ name: '', units: 'in', shape: 'chest' });
const SIXTEENTH = 25.4 / 16;

/** Lengths by their names; numbers of tape widths, of threads and of what has no length are none of them. */
const LENGTHS = /^(margin|inset|clearance|clear|plain|fieldGap|border|reach|size|apart|length|drip|width|across|down|least|most)$/;
const INSIDE = /^(gap|lines|field)$/;
function lengthsIn(value: object, within = ''): (readonly [string, number])[] {
	return Object.entries(value).flatMap(([key, inner]): (readonly [string, number])[] => {
		const path = within ? `${within}.${key}` : key;
		if (typeof inner === 'number') return LENGTHS.test(key) || key === 'gap' ? [[path, inner]] : [];
		if (Array.isArray(inner)) return key === 'lines' ? inner.flatMap((one: object) => lengthsIn(one, path)) : [];
		return inner !== null && typeof inner === 'object' && INSIDE.test(key) ? lengthsIn(inner as object, path) : [];
	});
}
const off = (lengths: readonly (readonly [string, number])[]) =>
	lengths.filter(([, mm]) => Math.abs(mm / SIXTEENTH - Math.round(mm / SIXTEENTH)) > 1e-6);

it.each((Object.keys(ARRANGEMENTS) as Arrangement['kind'][]).filter((kind) => kind !== 'stripes'))(
	'%s begins in whole sixteenths on a piece in inches, in whole mm on one in mm',
	(kind) => {
		const motif = ARRANGEMENTS[kind].of === 'motif' ? reed : null;
		const on = (project: Project) => lengthsIn(addArrangement({ project, motif, kind }).project.layout.arrangements[0]!);
		expect(off(on(begun))).toEqual([]);
		expect(on(newProject({ name: '', units: 'mm', shape: 'chest' })).filter(([, mm]) => mm !== Math.round(mm))).toEqual([]);
	}
);

it('a row keeps 3/4 in from the ends, and 1/8 in from a knob', () => {
	const [row] = addArrangement({ project: begun, motif: reed }).project.layout.arrangements as [Extract<Arrangement, { kind: 'run' }>];
	expect([row.margin, row.clearance]).toEqual([expect.closeTo(19.05, 6), expect.closeTo(3.175, 6)]);
});

it.each(ZONE_STARTERS)('$name begins so too', (starter) => {
	const { project } = addZone(begun, ['night-tide', 'gull'], starter);
	expect(off(lengthsIn(project.layout.zones[0]!))).toEqual([]);
});

it.each(Object.keys(PATTERNS) as PatternId[])('%s, when a zone turns to it, as the rule of the piece has it', (id) => {
	const region = { width: 803.3, height: 211.7, deepest: 105.85, hollows: [] } as never;
	const field = PATTERNS[id].start(region, (mm) => roundToBegin(mm, 'in'));
	expect(off(lengthsIn(field).filter(([key]) => key !== 'thread'))).toEqual([]);
});
