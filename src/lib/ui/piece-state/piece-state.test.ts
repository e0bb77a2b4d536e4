import { newProject } from '$core/project';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { PieceState } from './index';

const answer = (status: number, body: object) => new Response(JSON.stringify(body), { status });
const calls: { version: number; name: string }[] = [];
let respond: (version: number) => Response | Promise<Response>;

const isSaved = (version: number) => answer(200, { version: version + 1, updatedAt: '2026-03-01T08:00:00Z' });

beforeEach(() => {
	vi.useFakeTimers();
	calls.length = 0;
	respond = isSaved;
	vi.stubGlobal('fetch', async (_url: string, init?: RequestInit) => {
		const { version, document } = JSON.parse(String(init?.body)) as { version: number; document: { piece: { name: string } } };
		calls.push({ version, name: document.piece.name });
		return respond(version);
	});
});
/** No saver of one test is at work in the next. */
afterEach(async () => {
	respond = isSaved;
	await vi.advanceTimersByTimeAsync(10_000);
	vi.useRealTimers();
});

const open = () => new PieceState({ id: 'x', version: 1, document: newProject({ name: 'One', units: 'mm', count: 2 }) });
const rename = (piece: PieceState, name: string, together = '') => piece.edit((draft) => void (draft.piece.name = name), together);

describe('undo', () => {
	it('goes back and forth, and takes edits of one field within a moment as one', async () => {
		const piece = open();
		rename(piece, 'O', 'name');
		rename(piece, 'On', 'name');
		vi.advanceTimersByTime(2000);
		rename(piece, 'Two', 'name');
		await piece.undo();
		expect(piece.project.piece.name).toBe('On');
		await piece.undo();
		expect(piece.project.piece.name).toBe('One');
		expect(piece.history.canUndo).toBe(false);
		piece.redo();
		expect(piece.project.piece.name).toBe('On');
		rename(piece, 'Other');
		expect(piece.history.canRedo).toBe(false);
	});
});

describe('saving', () => {
	it('waits for a pause, saves one at a time, and saves again what came meanwhile', async () => {
		const piece = open();
		let release = () => {};
		respond = (version) =>
			new Promise((resolve) => (release = () => resolve(answer(200, { version: version + 1, updatedAt: '2026-03-01T08:00:00Z' }))));
		rename(piece, 'Two');
		expect(piece.saver.state.kind).toBe('saving');
		rename(piece, 'Three');
		await vi.advanceTimersByTimeAsync(400);
		rename(piece, 'Four');
		await vi.advanceTimersByTimeAsync(2000);
		expect(calls).toEqual([{ version: 1, name: 'Three' }]);
		release();
		await vi.advanceTimersByTimeAsync(0);
		expect(piece.saver.state.kind).toBe('saving');
		await vi.advanceTimersByTimeAsync(400);
		expect(calls.at(-1)).toEqual({ version: 2, name: 'Four' });
		expect(piece.saver.hasUnsaved).toBe(true);
		release();
		await vi.advanceTimersByTimeAsync(0);
		expect(piece.saver.state.kind).toBe('saved');
		expect(piece.saver.hasUnsaved).toBe(false);
	});

	it('begins no save on an old version while the answer to the one before is still being read', async () => {
		const piece = open();
		let arrive = () => {};
		respond = (version) => {
			const late = answer(200, {});
			const body = { version: version + 1, updatedAt: '2026-03-01T08:00:00Z' };
			return Object.assign(late, { json: () => new Promise((resolve) => (arrive = () => resolve(body))) });
		};
		rename(piece, 'Two');
		await vi.advanceTimersByTimeAsync(400);
		rename(piece, 'Three');
		await vi.advanceTimersByTimeAsync(2000);
		await piece.saver.flush();
		expect(calls).toEqual([{ version: 1, name: 'Two' }]);
		arrive();
		await vi.advanceTimersByTimeAsync(400);
		expect(calls.slice(1)).toEqual([{ version: 2, name: 'Three' }]);
	});

	it('tries again after a failure, and never calls it saved', async () => {
		const piece = open();
		respond = () => Promise.reject(new Error('down'));
		rename(piece, 'Two');
		await vi.advanceTimersByTimeAsync(400);
		expect(piece.saver.state.kind).toBe('waiting');
		respond = (version) => answer(200, { version: version + 1, updatedAt: '2026-03-01T08:00:00Z' });
		await vi.advanceTimersByTimeAsync(1000);
		expect(piece.saver.state.kind).toBe('saved');
		expect(calls.at(-1)!.name).toBe('Two');
	});

	it('tries again less and less often, and after a save as soon as before', async () => {
		const piece = open();
		const at: number[] = [];
		respond = () => {
			at.push(Date.now());
			return Promise.reject(new Error('down'));
		};
		rename(piece, 'Two');
		await vi.advanceTimersByTimeAsync(16_000);
		expect(at.slice(1).map((each, i) => each - at[i]!)).toEqual([800, 1600, 3200, 4000, 4000]);
		respond = (version) => answer(200, { version: version + 1, updatedAt: '2026-03-01T08:00:00Z' });
		await vi.advanceTimersByTimeAsync(4000);
		expect(piece.saver.state.kind).toBe('saved');
		at.length = 0;
		respond = () => {
			at.push(Date.now());
			return Promise.reject(new Error('down'));
		};
		rename(piece, 'Three');
		await vi.advanceTimersByTimeAsync(2000);
		expect(at[1]! - at[0]!).toBe(800);
	});

	it('stops where another window was first, until the painter has chosen', async () => {
		const piece = open();
		respond = () => answer(409, { version: 7, updatedAt: '2026-03-01T08:00:00Z' });
		rename(piece, 'Mine');
		await vi.advanceTimersByTimeAsync(400);
		expect(piece.saver.state).toMatchObject({ kind: 'stale', version: 7 });
		rename(piece, 'Mine still');
		await vi.advanceTimersByTimeAsync(5000);
		expect(calls).toHaveLength(1);
		respond = (version) => answer(200, { version: version + 1, updatedAt: '2026-03-01T08:00:00Z' });
		await piece.saver.overwrite();
		expect(calls.at(-1)).toEqual({ version: 7, name: 'Mine still' });
		expect(piece.saver.state.kind).toBe('saved');
	});
});
