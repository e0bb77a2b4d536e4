import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProjectText } from '../../formats';
import { newMask, newStripe, newUnmask, type Coat } from '../../layers';
import { ARRANGEMENTS, type Motif } from '../../layout';
import { startSettingOf } from '../../layout/arrangements/testing';
import { newProject, type Project } from '../../project';
import { planProject } from '../index';

const bird: Motif = { id: 'bird', name: 'Bird', width: 60, height: 60, up: true, paths: [{ d: 'M0 0h60v60h-60z', rule: 'nonzero' }] };

/** A board with stripes at an angle, in a colour on a base, and a bird on it or none. */
function board(angle: number, ink: string, ground: string, grain: 'level' | 'upright', withBird: boolean): Project {
	const begun = newProject({ name: '', units: 'mm', count: null, shape: 'free-board' });
	const faces = begun.piece.faces.slice(0, 1).map((face) => ({
		...face,
		id: 'front',
		grain,
		outline: { shape: 'rectangle' as const },
		width: '400',
		height: '300',
		parts: [],
		chain: []
	}));
	const stripes = { ...ARRANGEMENTS.stripes.start(startSettingOf(null, ['front'])), id: 's', angle };
	const single = { ...ARRANGEMENTS.single.start(startSettingOf(bird, ['front'], { scale: 2 })), id: 'b', name: 'Bird alone' };
	return {
		...begun,
		piece: { ...begun.piece, faces, seams: [] },
		layout: { motifs: [bird], zones: [], arrangements: withBird ? [stripes, single] : [stripes] },
		finish: {
			coats: [
				{
					kind: 'base',
					id: 'base',
					wait: null,
					material: 'chalk-paint',
					times: 2,
					thickness: 1,
					applicator: 'brush',
					on: 'all',
					colour: ground
				},
				newStripe('s', ink, 'chalk-paint')
			],
			decisions: []
		}
	};
}

describe('stripes under art', () => {
	it.each<[string, Parameters<typeof board>, string[]]>([
		['upright, with the grain, alone', [90, 'night-tide', 'gull', 'upright', false], []],
		['upright across a level grain', [90, 'night-tide', 'gull', 'level', false], ['stripes.across-grain']],
		['level across an upright grain', [0, 'night-tide', 'gull', 'upright', false], ['stripes.across-grain']],
		['at an angle under what has an up', [45, 'night-tide', 'night-tide', 'level', true], ['stripes.slanted-under']],
		['stark under a motif', [90, 'night-tide', 'gull', 'upright', true], ['stripes.stark']],
		['of one tone under a motif', [90, 'night-tide', 'night-tide', 'upright', true], []]
	])('%s', (_name, args, codes) =>
		expect(
			planProject(board(...args))
				.hints.map(({ code }) => code)
				.filter((code) => code.startsWith('stripes'))
		).toEqual(codes)
	);
});

const chest = (() => {
	const read = readProjectText(readFileSync('demo/sail-loft-chest.json', 'utf8'));
	if (!read.ok) throw new Error(JSON.stringify(read.issues));
	return read.project;
})();
const hintsOf = (project: Project) => planProject(project).hints.map(({ code, path }) => `${code} ${path}`);

it('a border round all of a front lies on its rails: only what lies on the front is crowded by it', () => {
	const motif = { ...bird, width: 10, height: 10, up: false };
	const begun = ARRANGEMENTS.border.start(startSettingOf(motif, ['front'], { scale: 1 }));
	const withBorder = (inset: number) =>
		planProject({
			...chest,
			layout: { ...chest.layout, motifs: [motif], zones: [], arrangements: [{ ...begun, id: 'b', inset }] },
			finish: { coats: [], decisions: [] }
		}).hints;
	/** The plinth is 60 high, the rail 28: along the edge it keeps clear of the drawers but for their sides, which are 22 in. */
	const named = withBorder(3).flatMap(({ code, message }) => (code === 'border.crowds' ? [message] : []));
	expect(named.join(' ')).not.toMatch(/Rail|Plinth/);
	expect(
		withBorder(40)
			.map(({ code, message }) => (code === 'border.crowds' ? message : ''))
			.join(' ')
	).toMatch(/Drawer/);
});

it('a coat whose places are all masked, or not measured, goes nowhere, and the plan says so', () => {
	const base = chest.finish.coats.find(({ id }) => id === 'base')!;
	const withCoat = (...coats: Coat[]) => ({ ...chest, finish: { coats, decisions: [] } });
	const on = (...places: string[]) => ({ ...base, on: places }) as Coat;
	expect(hintsOf(withCoat(on('top')))).not.toContain('coat.nowhere finish.coats[0].on');
	expect(hintsOf(withCoat(newMask(['top']), on('top'), newUnmask('mask')))).toContain('coat.nowhere finish.coats[1].on');
	const idle = newProject({ name: '', units: 'mm', count: null, shape: 'chest' });
	expect(hintsOf({ ...idle, palette: chest.palette, finish: { coats: [on('left')], decisions: [] } })).toContain(
		'coat.nowhere finish.coats[0].on'
	);
});
