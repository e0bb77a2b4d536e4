import { planProject, type Plan } from '$core/plan';
import { addZone, newProject, ZONE_STARTERS, type Project } from '$core/project';
import type { MadePlan } from '$lib/workers/plan/client';
import { flushSync } from 'svelte';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { PieceState } from './index';
import { Planning, type FirstPlan } from './Planning.svelte';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

const chest = newProject({ name: 'Chest', units: 'mm', count: 2 });
const named = (name: string): Project => ({ ...chest, piece: { ...chest.piece, name } });
const shaded = addZone(chest, [chest.palette[0]?.id ?? 'a'], ZONE_STARTERS[0]!, ['drawer-1']).project;

/** A planning whose worker answers when it is told to. */
function open(first: FirstPlan) {
	let project = $state.raw(chest);
	const asked: { project: Project; answer: (took: number) => void; fail: () => void }[] = [];
	let stops = 0;
	let again = Infinity;
	const client = {
		plan: (of: Project) =>
			new Promise<MadePlan>((resolve, reject) => {
				asked.push({
					project: of,
					answer: (took) => resolve({ took, plan: { ...planProject(of), hints: [{ code: 'worker', path: '', message: '' }] } }),
					fail: () => reject(new Error('no'))
				});
			}),
		time: () => Promise.resolve(again),
		pages: () => Promise.resolve([]),
		stop: () => void stops++
	};
	const planning = new Planning(() => project, { ask: () => undefined, answering: (plan) => plan() }, first, client);
	const put = (next: Project) => {
		project = next;
		flushSync();
		planning.follow();
	};
	const wait = (ms: number) => vi.advanceTimersByTimeAsync(ms);
	planning.follow();
	return { planning, asked, put, wait, stops: () => stops, nextTime: (ms: number) => void (again = ms) };
}
const isOfWorker = (plan: Plan) => plan.hints.some(({ code }) => code === 'worker');

it('what fits is planned on the page at once, and no worker is asked', async () => {
	const { planning, asked, put, wait } = open('here');
	expect([planning.settled.faces.length > 0, planning.isBehind, planning.lacks]).toEqual([true, false, null]);
	put(shaded);
	expect(planning.settled.zones).toHaveLength(1);
	await wait(1000);
	expect(asked).toEqual([]);
});

it('what might not is planned in the worker; meanwhile its faces are there; what took little time comes to the page with the next edit', async () => {
	const { planning, asked, put, wait } = open('elsewhere');
	expect([planning.isBehind, planning.lacks, planning.waiting.kind]).toEqual([true, { last: null }, 'working']);
	expect(planning.settled.faces.map(({ id }) => id)).toEqual(planProject(chest).faces.map(({ id }) => id));
	await wait(1);
	asked[0]!.answer(120);
	await wait(1);
	expect([isOfWorker(planning.settled), planning.isBehind, planning.lacks, planning.isHere, planning.waiting.kind]).toEqual([
		true,
		false,
		null,
		true,
		'none'
	]);
	put(shaded);
	expect([isOfWorker(planning.settled), planning.settled.zones.length]).toEqual([false, 1]);
	await wait(1000);
	expect(asked).toHaveLength(1);
});

it('what took long stays there: after a pause the last of several edits is planned, and the last plan stands until then where it is of the same parts', async () => {
	const { planning, asked, put, wait, stops } = open('elsewhere');
	await wait(1);
	asked[0]!.answer(900);
	await wait(1);
	expect([planning.isHere, isOfWorker(planning.settled), stops()]).toEqual([false, true, 0]);
	put(named('One'));
	await wait(200);
	put(named('Two'));
	await wait(200);
	expect([asked.length, planning.isBehind, planning.lacks, isOfWorker(planning.settled)]).toEqual([1, true, null, true]);
	await wait(200);
	expect(asked.slice(1).map(({ project }) => project.piece.name)).toEqual(['Two']);
	/** A worker at leisure keeps what it remembers; one at what is no more asked is ended. */
	expect(stops()).toBe(0);
	put(shaded);
	expect(planning.lacks?.last?.project).toBe(chest);
	expect(isOfWorker(planning.settled)).toBe(false);
	/** An answer to what is no more asked changes nothing. */
	asked[1]!.answer(5);
	await wait(400);
	expect(planning.lacks).not.toBeNull();
	asked[2]!.answer(200);
	await wait(1);
	expect([planning.isBehind, planning.lacks, planning.settled.zones.length, stops()]).toEqual([false, null, 1, 1]);
});

it('what did not fit is not planned on the page either when undo brings it again', async () => {
	const { planning, asked, put, wait } = open('elsewhere');
	await wait(1);
	planning.stop();
	asked[0]!.fail();
	await wait(1);
	put(shaded);
	await wait(400);
	asked[1]!.answer(20);
	await wait(1);
	expect([planning.isHere, planning.settled.zones.length]).toEqual([true, 1]);
	put(chest);
	expect([planning.isHere, planning.lacks?.last?.project === shaded]).toEqual([false, true]);
	await wait(400);
	expect(asked).toHaveLength(3);
	put(shaded);
	expect([planning.isHere, planning.isBehind]).toEqual([true, false]);
});

it('what was slow the first time and is not the second comes to the page', async () => {
	const { planning, asked, wait, nextTime } = open('elsewhere');
	nextTime(120);
	await wait(1);
	asked[0]!.answer(2000);
	await wait(1);
	expect([planning.isHere, isOfWorker(planning.settled), planning.isBehind]).toEqual([true, true, false]);
});

it('what was planned before is planned again when it comes back by undo', async () => {
	const { planning, asked, put, wait } = open('elsewhere');
	await wait(1);
	asked[0]!.answer(900);
	await wait(1);
	put(shaded);
	await wait(400);
	asked[1]!.answer(900);
	await wait(1);
	put(chest);
	await wait(400);
	asked[2]!.answer(900);
	await wait(1);
	expect([planning.isBehind, planning.settled.zones.length, planning.waiting.kind]).toEqual([false, 0, 'none']);
});

it('it ends after half a minute, when the painter stops it, or when it fails; each time it is begun again only when somebody says so or edits', async () => {
	const { planning, asked, put, wait, stops } = open('elsewhere');
	await wait(29_000);
	expect(planning.waiting.kind).toBe('working');
	await wait(2000);
	expect(planning.waiting).toEqual({ kind: 'stopped', why: 'time' });
	expect(stops()).toBeGreaterThan(0);
	planning.follow();
	await wait(5000);
	expect(asked).toHaveLength(1);
	planning.again();
	await wait(1);
	planning.stop();
	asked[1]!.fail();
	await wait(1);
	expect(planning.waiting).toEqual({ kind: 'stopped', why: 'painter' });
	put(named('Edited'));
	await wait(400);
	asked[2]!.fail();
	await wait(1);
	expect(planning.waiting).toEqual({ kind: 'stopped', why: 'failed' });
	await wait(40_000);
	expect([planning.waiting, asked.length]).toEqual([{ kind: 'stopped', why: 'failed' }, 3]);
});

it('what took its process along is not begun by itself', async () => {
	const { planning, asked, wait } = open('asked');
	await wait(5000);
	expect([asked.length, planning.waiting, planning.lacks]).toEqual([0, { kind: 'stopped', why: 'before' }, { last: null }]);
	planning.again();
	await wait(1);
	expect(asked).toHaveLength(1);
});

it('while what is shown is frozen, what is set elsewhere on the page is kept; what would put the old one back is not', async () => {
	vi.useRealTimers();
	const piece = new PieceState({ id: 'x', version: 1, document: chest }, 'here');
	piece.screen = 'layout';
	let clock = 0;
	vi.spyOn(performance, 'now').mockImplementation(() => (clock += 9000));
	piece.replace(shaded);
	void piece.plan;
	await Promise.resolve();
	vi.restoreAllMocks();
	/** Planned elsewhere from now on: one part less, and it is frozen until that has come. */
	piece.replace(chest);
	expect([piece.isFrozen, piece.project, piece.plan.zones.length]).toEqual([true, shaded, 1]);
	piece.edit((draft) => void (draft.workshop.humidity = 77));
	expect([piece.history.project.workshop.humidity, piece.history.project.layout.zones.length]).toEqual([77, 0]);
	piece.replace({ ...piece.project, paper: 'letter' });
	expect([piece.history.project.paper, piece.history.project.layout.zones.length]).toEqual([chest.paper, 0]);
	piece.planning.close();
});

it('a page that becomes slow is left for the worker with the plan that it has: three plans running, or one by far; a drag on it is kept', async () => {
	vi.useRealTimers();
	let clock = 0;
	let takes = 0;
	vi.spyOn(performance, 'now').mockImplementation(() => (clock += takes));
	const record = { id: 'x', version: 1, document: chest };
	const piece = new PieceState(record);
	const after = async (next: Project) => {
		piece.replace(next);
		void piece.plan;
		await Promise.resolve();
		return piece.planning.isHere;
	};
	takes = 2500;
	expect([await after(named('1')), await after(named('2'))]).toEqual([true, true]);
	/** A drag is under way when it is left. */
	piece.drag.trial = { ...piece.project, piece: { ...piece.project.piece, name: 'dragged' } };
	void piece.plan;
	expect(piece.planning.isHere).toBe(true);
	expect(await after(shaded)).toBe(false);
	expect([piece.isFrozen, piece.planning.isBehind, piece.plan.zones.length]).toEqual([false, false, 1]);
	const trial = { ...piece.project, piece: { ...piece.project.piece, name: 'dragged' } };
	piece.drag.trial = trial;
	void piece.plan;
	piece.replace(trial);
	expect(piece.history.project).toBe(trial);
	piece.planning.close();
	vi.restoreAllMocks();
});
