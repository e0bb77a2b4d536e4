import { newProject } from '$core/project';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Drafts, PieceState, type PieceRecord, type Unsaved } from './index';

/** A store as the browser has it, that may be full. */
class Shelf {
	readonly kept = new Map<string, Unsaved>();
	isFull = false;
	set(key: string, draft: Unsaved) {
		if (this.isFull) return Promise.reject(new Error('QuotaExceeded'));
		this.kept.set(key, structuredClone(draft));
		return Promise.resolve();
	}
	del(key: string) {
		this.kept.delete(key);
		return Promise.resolve();
	}
	entries() {
		return Promise.resolve([...this.kept]);
	}
}

const record: PieceRecord = {
	id: 'x',
	version: 4,
	document: newProject({ name: 'One', units: 'mm', count: 2 }),
	steps: { place: 3, first: 1, last: 3 }
};
let shelf: Shelf;
let server: { status: number; body: object } | Error;
let told: number;
let asked: { method: string; name?: string; version?: number }[];
beforeEach(() => {
	vi.useFakeTimers();
	/** Windows that are gone answer nobody. */
	vi.stubGlobal('BroadcastChannel', undefined);
	[shelf, told, asked] = [new Shelf(), 0, []];
	server = { status: 200, body: { version: 5, updatedAt: '2026-03-01T08:00:00Z' } };
	vi.stubGlobal('fetch', (_url: string, init?: RequestInit) => {
		const sent = init?.body ? (JSON.parse(String(init.body)) as { version: number; document: PieceRecord['document'] }) : null;
		asked.push({ method: init?.method ?? 'GET', ...(sent ? { name: sent.document.piece.name, version: sent.version } : {}) });
		return server instanceof Error
			? Promise.reject(server)
			: Promise.resolve(new Response(JSON.stringify(server.body), { status: server.status }));
	});
});
afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

let windows = 0;
function open(of: PieceRecord = record) {
	const drafts = new Drafts(
		of.id,
		() => void told++,
		`w${++windows}`,
		() => shelf
	);
	const piece = new PieceState(of, 'here', drafts);
	return { drafts, piece, rename: (name: string) => piece.edit((draft) => void (draft.piece.name = name)) };
}
const found = async (drafts: Drafts) => {
	const left = drafts.left();
	await vi.advanceTimersByTimeAsync(300);
	return left;
};

it('an edit is kept at once with piece, version and steps, and let go when the workshop has answered for it', async () => {
	const { drafts, rename } = open();
	rename('Two');
	rename('Three');
	await drafts.settled();
	const [draft] = [...shelf.kept.values()];
	expect(draft).toMatchObject({ piece: 'x', version: 4, document: { piece: { name: 'Three' } }, steps: { keep: 3, place: 5 } });
	expect(draft!.steps.add.map((step) => step?.piece.name ?? null)).toEqual(['Two', null]);
	await vi.advanceTimersByTimeAsync(400);
	await drafts.settled();
	expect(shelf.kept.size).toBe(0);
});

it('of several that are left the newest stands first, however they lie in the store', async () => {
	for (const [key, at] of [
		['w-noon', 2000],
		['w-evening', 3000],
		['w-morning', 1000]
	] as const)
		shelf.kept.set(key, { piece: 'x', version: 4, at, document: record.document, steps: { keep: 3, add: [null], place: 4 } });
	expect((await found(open().drafts)).map(({ key }) => key)).toEqual(['w-evening', 'w-noon', 'w-morning']);
});

it('what a window that is gone had not saved is found by the next, taken up as steps that can be undone, and saved', async () => {
	server = new Error('down');
	const gone = open();
	gone.rename('Two');
	/** Its save is on its way, and does not come through. */
	await vi.advanceTimersByTimeAsync(350);
	gone.rename('Three');
	await vi.advanceTimersByTimeAsync(400);
	await gone.drafts.settled();
	const other = new Drafts(
		'y',
		() => {},
		'z',
		() => shelf
	);
	expect(await found(other)).toEqual([]);
	const { drafts, piece } = open();
	const [left] = await found(drafts);
	expect(left!.draft.document.piece.name).toBe('Three');
	expect(piece.project.piece.name).toBe('One');
	server = { status: 200, body: { version: 5, updatedAt: '2026-03-01T08:00:00Z' } };
	piece.takeUp(left!.draft);
	await drafts.drop(left!.key);
	const names = [piece.project.piece.name];
	for (let i = 0; i < 2; i++) {
		await piece.undo();
		names.push(piece.project.piece.name);
	}
	expect(names).toEqual(['Three', 'Two', 'One']);
	await piece.redo();
	await vi.advanceTimersByTimeAsync(400);
	await drafts.settled();
	expect([asked.at(-1)!.name, shelf.kept.size]).toEqual(['Two', 0]);
});

it('of another version only what it came to is taken up, after what the workshop has', async () => {
	const { piece } = open({ ...record, version: 9 });
	const theirs = newProject({ name: 'Mine', units: 'mm', count: 2 });
	piece.takeUp({
		piece: 'x',
		version: 4,
		at: 0,
		document: theirs,
		steps: { keep: 3, add: [newProject({ name: 'Step', units: 'mm', count: 2 }), null], place: 5 }
	});
	await piece.undo();
	expect(piece.project.piece.name).toBe('One');
});

it('a store that is full or forbidden is told, and stops nothing', async () => {
	shelf.isFull = true;
	const { drafts, piece, rename } = open();
	rename('Two');
	await drafts.settled();
	expect(told).toBe(1);
	await vi.advanceTimersByTimeAsync(400);
	expect(piece.saver.state.kind).toBe('saved');
	const closed = new Drafts(
		'x',
		() => {},
		'f',
		() => {
			throw new Error('forbidden');
		}
	);
	expect(await found(closed)).toEqual([]);
});

it('its own save whose answer was lost is no other window: it goes on from there', async () => {
	const { piece, rename } = open();
	server = new Error('cut off');
	rename('Two');
	await vi.advanceTimersByTimeAsync(400);
	expect(piece.saver.state.kind).toBe('waiting');
	const sent = JSON.parse(JSON.stringify(piece.project)) as PieceRecord['document'];
	/** The workshop has it as version 5: what is sent on 4 is refused, then what is sent on 5 is taken. */
	vi.stubGlobal('fetch', (_url: string, init?: RequestInit) => {
		const isSave = init?.method === 'PUT';
		const version = isSave ? (JSON.parse(String(init!.body)) as { version: number }).version : 0;
		const say = (status: number, body: object) => Promise.resolve(new Response(JSON.stringify(body), { status }));
		if (!isSave) return say(200, { id: 'x', version: 5, document: sent });
		return version === 5
			? say(200, { version: 6, updatedAt: '2026-03-01T08:00:00Z' })
			: say(409, { version: 5, place: 4, updatedAt: '2026-03-01T08:00:00Z' });
	});
	rename('Three');
	await vi.advanceTimersByTimeAsync(2000);
	expect([piece.saver.state.kind, piece.saver.version]).toEqual(['saved', 6]);
});

it('of several saves without an answer any may have come through: here the first', async () => {
	const { piece, rename } = open();
	server = new Error('cut off');
	rename('Two');
	await vi.advanceTimersByTimeAsync(400);
	const first = JSON.parse(JSON.stringify(piece.project)) as PieceRecord['document'];
	rename('Three');
	await vi.advanceTimersByTimeAsync(2000);
	expect(asked.filter(({ version }) => version === 4).map(({ name }) => name)).toContain('Three');
	vi.stubGlobal('fetch', (_url: string, init?: RequestInit) => {
		const isSave = init?.method === 'PUT';
		const version = isSave ? (JSON.parse(String(init!.body)) as { version: number }).version : 0;
		const say = (status: number, body: object) => Promise.resolve(new Response(JSON.stringify(body), { status }));
		if (!isSave) return say(200, { id: 'x', version: 5, document: first });
		return version === 5
			? say(200, { version: 6, updatedAt: '2026-03-01T08:00:00Z' })
			: say(409, { version: 5, place: 4, updatedAt: '2026-03-01T08:00:00Z' });
	});
	await vi.advanceTimersByTimeAsync(6000);
	expect([piece.saver.state.kind, piece.saver.version, piece.project.piece.name]).toEqual(['saved', 6, 'Three']);
});

it('another window that was first is told, though a save of this one was never answered for', async () => {
	const { piece, rename } = open();
	server = new Error('cut off');
	rename('Two');
	await vi.advanceTimersByTimeAsync(400);
	vi.stubGlobal('fetch', (_url: string, init?: RequestInit) => {
		const body =
			init?.method === 'PUT'
				? { version: 5, place: 4, updatedAt: '2026-03-01T08:00:00Z' }
				: { id: 'x', version: 5, document: newProject({ name: 'Theirs', units: 'mm', count: 2 }) };
		return Promise.resolve(new Response(JSON.stringify(body), { status: init?.method === 'PUT' ? 409 : 200 }));
	});
	await vi.advanceTimersByTimeAsync(3000);
	expect(piece.saver.state.kind).toBe('stale');
});

it('what came back takes what the workshop has by now: newer, its own that came through, or nothing', async () => {
	const changed = {
		...record,
		version: 7,
		document: newProject({ name: 'Newer', units: 'mm', count: 2 }),
		steps: { place: 9, first: 1, last: 9 }
	};
	const { piece } = open();
	server = { status: 200, body: changed };
	await piece.comeBack();
	expect([piece.project.piece.name, piece.saver.version, piece.saver.state.kind]).toEqual(['Newer', 7, 'saved']);
	await piece.comeBack();
	expect(piece.saver.version).toBe(7);

	const mine = open();
	server = new Error('gone');
	mine.rename('Mine');
	await vi.advanceTimersByTimeAsync(400);
	server = { status: 200, body: { ...record, version: 5, document: JSON.parse(JSON.stringify(mine.piece.project)) } };
	await mine.piece.comeBack();
	expect([mine.piece.project.piece.name, mine.piece.saver.version, mine.piece.saver.hasUnsaved]).toEqual(['Mine', 5, false]);

	const unsaved = open();
	server = new Error('gone');
	unsaved.rename('Unsaved');
	server = { status: 200, body: changed };
	await unsaved.piece.comeBack();
	expect([unsaved.piece.project.piece.name, unsaved.piece.saver.hasUnsaved]).toEqual(['Unsaved', true]);
});
