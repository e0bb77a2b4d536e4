import { newProject, type Project } from '$core/project';
import fc from 'fast-check';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { History } from './History.svelte';

const named = (name: string): Project => ({
	...newProject({ name: '', units: 'mm', count: 2 }),
	piece: { ...newProject({ name: '', units: 'mm', count: 2 }).piece, name }
});
const nameOf = ({ project }: History) => project.piece.name;

/** The steps as the server keeps them. */
class Kept {
	steps = new Map<number, Project>([[1, named('0')]]);
	place = 1;
	get last() {
		return Math.max(...this.steps.keys());
	}
	take(history: History): void {
		const { keep, add, place } = history.send().steps;
		for (const at of [...this.steps.keys()]) if (at > keep) this.steps.delete(at);
		add.forEach((step, i) => this.steps.set(keep + 1 + i, step ?? history.project));
		this.place = place;
		expect(this.steps.get(place)).toEqual(history.project);
	}
	open(): History {
		return new History('x', {
			id: 'x',
			version: 1,
			document: this.steps.get(this.place)!,
			steps: { place: this.place, first: 1, last: this.last }
		});
	}
}

let kept: Kept;
beforeEach(() => {
	kept = new Kept();
	vi.stubGlobal('fetch', async (url: string) => {
		const [, side, place] = /revisions\?(before|after)=(\d+)$/.exec(url)!;
		const at = Number(place) + (side === 'before' ? -1 : 1);
		return kept.steps.has(at) ? Response.json({ place: at, document: kept.steps.get(at) }) : new Response('', { status: 404 });
	});
});
afterEach(() => vi.unstubAllGlobals());

it('undo and redo go as over a plain list, whatever is saved, fails or is reloaded in between', async () => {
	const step = fc.constantFrom('edit', 'edit', 'undo', 'undo', 'redo', 'save', 'fail', 'reload');
	await fc.assert(
		fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 40 }), async (steps) => {
			kept = new Kept();
			let history = kept.open();
			let list = ['0'];
			let at = 0;
			for (const [i, one] of steps.entries()) {
				if (one === 'edit') {
					history.put(named(`${i + 1}`));
					list = [...list.slice(0, at + 1), `${i + 1}`];
					at++;
				} else if (one === 'undo') {
					expect(await history.undo()).toBe(at > 0);
					at = Math.max(0, at - 1);
				} else if (one === 'redo') {
					expect(await history.redo()).toBe(at < list.length - 1);
					at = Math.min(list.length - 1, at + 1);
				} else if (one === 'fail') history.send().failed();
				else {
					kept.take(history);
					if (one === 'reload') history = kept.open();
				}
				expect(nameOf(history)).toBe(list[at]);
				expect([history.canUndo, history.canRedo]).toEqual([at > 0, at < list.length - 1]);
			}
		}),
		{ numRuns: 150 }
	);
});

it('after another window: one step back brings mine again, or theirs where mine went over it', async () => {
	const history = kept.open();
	history.put(named('mine'));
	history.takeSaved({ id: 'x', version: 3, document: named('theirs'), steps: { place: 1, first: 1, last: 1 } });
	await history.undo();
	expect(nameOf(history)).toBe('mine');

	kept = new Kept();
	const over = kept.open();
	over.put(named('mine'));
	kept.steps.set(2, named('theirs'));
	over.putOver(2);
	kept.take(over);
	const again = kept.open();
	const names = [nameOf(again)];
	while (await again.undo()) names.push(nameOf(again));
	expect(names).toEqual(['mine', '0', 'theirs', '0']);
});

it('goes back two hundred steps by itself, and asks the workshop for what came before', async () => {
	const history = kept.open();
	for (let i = 1; i <= 230; i++) {
		history.put(named(`${i}`));
		kept.take(history);
	}
	const asked = vi.spyOn(globalThis, 'fetch');
	for (let i = 0; i < 200; i++) await history.undo();
	expect([nameOf(history), asked.mock.calls.length]).toEqual(['30', 0]);
	await history.undo();
	expect([nameOf(history), asked.mock.calls.length]).toEqual(['29', 1]);
});

it('tells a server that was away no more than it can take, and the last of it', () => {
	const history = kept.open();
	for (let i = 1; i <= 200; i++) {
		history.put(named(`${i}`));
		history.send().failed();
	}
	const { keep, add, place } = history.send().steps;
	expect([keep, add.length, place]).toEqual([1, 60, 61]);
	expect(add.at(-2)?.piece.name).toBe('199');
});

it('sends no more than eight megabytes of steps beside a document of nine: the newest, and undo goes on to those of before', async () => {
	const large = (name: string, bytes: number): Project => {
		const project = named(name);
		return { ...project, piece: { ...project.piece, notes: 'ö'.repeat(bytes / 2) } } as Project;
	};
	const history = kept.open();
	for (let i = 1; i <= 5; i++) history.put(large(`${i}`, 3e6));
	history.put(large('now', 8.9e6));
	const { keep, add, place } = history.send().steps;
	expect([keep, add.map((step) => step?.piece.name ?? null), place]).toEqual([1, ['4', '5', null], 4]);
	expect(new TextEncoder().encode(JSON.stringify(add)).length).toBeLessThan(8e6);
	await history.undo();
	await history.undo();
	expect(nameOf(history)).toBe('4');
	await history.undo();
	expect(nameOf(history)).toBe('0');
});

it('lets go of what was undone before it was ever sent, where the server would not take it', async () => {
	const history = kept.open();
	kept.take(history);
	for (let i = 1; i <= 70; i++) history.put(named(`${i}`));
	for (let i = 0; i < 70; i++) await history.undo();
	const { keep, add, place } = history.send().steps;
	expect([keep, add, place, history.canRedo, nameOf(history)]).toEqual([1, [], 1, false, '0']);
	for (let i = 1; i <= 50; i++) history.put(named(`${i}`));
	for (let i = 0; i < 20; i++) await history.undo();
	const some = history.send().steps;
	expect([some.keep, some.add.length, some.place, history.canRedo]).toEqual([1, 50, 31, true]);
});
