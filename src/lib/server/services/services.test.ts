import { mkdtemp, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openMemory, openWorkshop, pieces, WorkshopOpenElsewhere, type Workshop } from '../db';
import { keepColour, listColours } from './colours';
import { addMotif, idOfFile, listMotifs } from './motifs';
import { addPiece, findPiece, findStep, findSteps, listPieces, removePiece, savePiece } from './pieces';

const demo = JSON.parse(await readFile('tests/fixtures/reed-chest.json', 'utf8'));
const renamed = (name: string) => ({ ...demo, piece: { ...demo.piece, name } });

describe('pieces', () => {
	let workshop: Workshop;
	beforeAll(async () => void (workshop = await openMemory()));
	afterAll(() => workshop.close());

	it('keeps a piece as it was, and raises its version with each save', async () => {
		const added = await addPiece(workshop.db, demo);
		if (added.kind !== 'added') throw new Error('not added');
		expect(await findPiece(workshop.db, added.id)).toMatchObject({ version: 1, document: demo });
		expect(await savePiece(workshop.db, added.id, 1, renamed('Second'))).toMatchObject({ kind: 'saved', version: 2 });
		expect(await findStep(workshop.db, added.id, 'before', 2)).toEqual({ place: 1, document: demo });
		expect(await findStep(workshop.db, added.id, 'before', 1)).toBeNull();
	});

	it('keeps its steps in order, those that were undone too, and no more than it says', async () => {
		const added = await addPiece(workshop.db, demo);
		if (added.kind !== 'added') throw new Error('not added');
		const { id } = added;
		let version = 1;
		const save = async (name: string, keep: number, add: (string | null)[], place: number) => {
			const steps = { keep, add: add.map((step) => step && renamed(step)), place };
			const outcome = await savePiece(workshop.db, id, version++, renamed(name), steps);
			expect(outcome.kind).toBe('saved');
		};
		const at = async (side: 'before' | 'after', place: number) => (await findStep(workshop.db, id, side, place))?.document.piece.name;
		await save('C', 1, ['B', null], 3);
		expect(await findSteps(workshop.db, id)).toEqual({ place: 3, first: 1, last: 3 });
		await save('B', 3, [], 2);
		expect(await findSteps(workshop.db, id)).toEqual({ place: 2, first: 1, last: 3 });
		expect([await at('before', 3), await at('after', 2), await at('after', 3)]).toEqual(['B', 'C', undefined]);
		await save('D', 2, [null], 3);
		expect([await at('after', 2), await at('before', 3)]).toEqual(['D', 'B']);
		await save(
			'Late',
			3,
			Array.from({ length: 210 }, () => null),
			213
		);
		expect(await findSteps(workshop.db, id)).toEqual({ place: 213, first: 13, last: 213 });
		await removePiece(workshop.db, id);
	});

	it('refuses a stale save and a broken one, and changes nothing', async () => {
		const [piece] = await listPieces(workshop.db);
		expect(await savePiece(workshop.db, piece!.id, 1, renamed('Stale'))).toMatchObject({ kind: 'stale', version: 2 });
		expect(await savePiece(workshop.db, piece!.id, 2, { ...demo, units: 'furlong' })).toMatchObject({
			kind: 'bad',
			issues: [{ path: 'units' }]
		});
		expect(await addPiece(workshop.db, {})).toMatchObject({ kind: 'bad' });
		expect(await listPieces(workshop.db)).toMatchObject([{ kind: 'sound', document: { piece: { name: 'Second' } } }]);
	});

	it('says when a piece is gone', async () => {
		const [piece] = await listPieces(workshop.db);
		expect(await removePiece(workshop.db, piece!.id)).toBe(true);
		expect(await savePiece(workshop.db, piece!.id, 2, demo)).toEqual({ kind: 'gone' });
		expect(await findPiece(workshop.db, 'no-such-id')).toBeNull();
	});

	it('lists a piece that is stored with a fault beside the sound ones, and takes it out', async () => {
		const part = { id: 'a', name: 'A', role: 'panel', on: 'a', outline: { shape: 'rectangle' }, setOff: { way: 'level', by: '' } };
		const place = { rule: 'inset', left: 1, top: 1, right: 1, bottom: 1 };
		const looped = structuredClone(demo);
		looped.piece.faces[0].parts.push({ ...part, place });
		expect(await addPiece(workshop.db, looped)).toMatchObject({
			kind: 'bad',
			issues: [{ code: 'part.circle', path: 'piece.faces[0].parts[0].on' }]
		});
		const added = await addPiece(workshop.db, demo);
		if (added.kind !== 'added') throw new Error('not added');
		await workshop.db.insert(pieces).values([{ document: looped }, { document: { format: 'nothing' } as never }]);
		const list = await listPieces(workshop.db);
		expect(list.map(({ kind }) => kind).sort()).toEqual(['faulty', 'faulty', 'sound']);
		expect(list.filter(({ kind }) => kind === 'faulty')).toEqual(
			expect.arrayContaining([
				expect.objectContaining({ name: demo.piece.name, issues: [expect.objectContaining({ code: 'part.circle' })] })
			])
		);
		for (const { id } of list) expect(await removePiece(workshop.db, id)).toBe(true);
	});

	it('gives motifs in any script ids of their own, and the same name the same', () => {
		const ids = [
			'葦.svg',
			'波.svg',
			'نخل.svg',
			'Тростник.svg',
			'Héron.svg',
			'heron.svg',
			`${'reed '.repeat(12)}1.svg`,
			`${'reed '.repeat(12)}2.svg`
		].map(idOfFile);
		expect(new Set(ids).size).toBe(ids.length);
		for (const id of ids) expect(id).toMatch(/^[a-z0-9][a-z0-9-]{0,39}$/);
		expect(idOfFile('葦.svg')).toBe(idOfFile('葦.SVG'));
		expect(idOfFile('A Knot!.svg')).toBe('a-knot');
	});

	it('takes motifs from SVG, and refuses what it cannot read', async () => {
		const svg = await readFile('demo/motifs/knot.svg', 'utf8');
		expect(await addMotif(workshop.db, 'A Knot!.svg', svg)).toMatchObject({
			kind: 'added',
			motif: { id: 'a-knot', name: 'Knot', width: 70 }
		});
		expect(await addMotif(workshop.db, 'x.svg', '<svg/>')).toMatchObject({ kind: 'bad' });
		expect((await listMotifs(workshop.db)).map(({ id }) => id)).toEqual(['a-knot']);
	});
});

it('opens a workshop once only, keeps it when closed, and backs it up at the next start', async () => {
	const directory = await mkdtemp(join(tmpdir(), 'ember-'));
	const first = await openWorkshop(directory);
	await expect(openWorkshop(directory)).rejects.toThrow(WorkshopOpenElsewhere);
	await addPiece(first.db, demo);
	await first.close();
	const second = await openWorkshop(directory, new Date('2026-03-01T08:00:00Z'));
	expect(await listPieces(second.db)).toMatchObject([{ kind: 'sound', document: demo }]);
	expect(await readdir(join(directory, 'backups'))).toEqual(['workshop-2026-03-01T08-00-00-000Z.tar.gz']);
	await second.close();
	await rm(directory, { recursive: true });
}, 60_000);

it('keeps colours on the shelf, the last of an id; refuses a mix and what is no colour, naming the field', async () => {
	const workshop = await openMemory();
	const cockle = { id: 'cockle', name: 'Cockle', hex: '#d8b9a0', opacity: 0.9, jar: { left: 80, size: 120 } };
	expect(await keepColour(workshop.db, cockle)).toEqual({ kind: 'kept', colour: cockle });
	const emptier = { ...cockle, jar: { left: 10, size: 120 } };
	await keepColour(workshop.db, emptier);
	expect(await listColours(workshop.db)).toEqual([emptier]);
	const issuesOf = async (value: unknown) => {
		const answer = await keepColour(workshop.db, value);
		return answer.kind === 'bad' ? answer.issues.map(({ path }) => path) : [];
	};
	expect(await issuesOf({ ...cockle, hex: 'pink' })).toEqual(['hex']);
	expect(await issuesOf({ ...cockle, mix: [{ colour: 'a', parts: 1 }] })).toEqual(['mix']);
	expect(await issuesOf(null)).not.toEqual([]);
	expect(await listColours(workshop.db)).toEqual([emptier]);
	await workshop.close();
});
