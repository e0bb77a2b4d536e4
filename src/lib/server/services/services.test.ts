import { mkdtemp, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openMemory, openWorkshop, pieces, WorkshopOpenElsewhere, type Workshop } from '../db';
import { keepColour, listColours } from './colours';
import { idOfFile, keepMotif, listMotifs } from './motifs';
import {
	addPiece,
	bringBack,
	copyPiece,
	emptyBin,
	findDocument,
	findDocumentAfter,
	findShell,
	findStep,
	findSteps,
	listBin,
	listPieces,
	removePiece,
	savePiece
} from './pieces';
import { seeDay } from './days';
import { NEW_WORKSHOP } from '$core/project';
import { listFacts, noteFact, type Fact } from './facts';
import { findSettings, saveSettings, stepSettings } from './settings';
import { CardMaker, findCardPicture, makeCard } from './cards';
import { Pool, type SaveRead } from '../pool';

const demo = JSON.parse(await readFile('tests/fixtures/reed-chest.json', 'utf8'));
const renamed = (name: string) => ({ ...demo, piece: { ...demo.piece, name } });

const text = JSON.stringify;
const saveOf = (version: number, name: string, steps: SaveRead['steps'] = null): SaveRead => ({
	version,
	document: text(renamed(name)),
	steps
});

/** A piece with its document read. */
async function read(workshop: Workshop, id: string) {
	const stored = await findDocument(workshop.db, id);
	return stored && { ...stored, document: JSON.parse(stored.document) };
}

describe('pieces', () => {
	let workshop: Workshop;
	beforeAll(async () => void (workshop = await openMemory()));
	afterAll(() => workshop.close());

	it('copies a piece as it is now, under the next free number, with a way back of its own', async () => {
		const own = await openMemory();
		const id = await addPiece(own.db, text(renamed('The hall chest')));
		await savePiece(own.db, id, saveOf(1, 'The hall chest'));
		const first = await copyPiece(own.db, id);
		const second = await copyPiece(own.db, first!.id);
		expect([first!.name, second!.name]).toEqual(['The hall chest 2', 'The hall chest 3']);
		expect(await read(own, second!.id)).toMatchObject({ version: 1, document: renamed('The hall chest 3') });
		expect(await findStep(own.db, second!.id, 'before', 1)).toBeNull();
		const long = await copyPiece(own.db, await addPiece(own.db, text(renamed('x'.repeat(80)))));
		expect(long!.name).toBe(`${'x'.repeat(78)} 2`);
		expect([await copyPiece(own.db, 'none'), await removePiece(own.db, id), await copyPiece(own.db, id)]).toEqual([null, true, null]);
		await own.close();
	});

	it('keeps a piece as it was, and raises its version with each save', async () => {
		const id = await addPiece(workshop.db, text(demo));
		expect(await read(workshop, id)).toMatchObject({ version: 1, document: demo });
		expect(await findShell(workshop.db, id)).toMatchObject({ version: 1, name: demo.piece.name, card: null });
		expect(await savePiece(workshop.db, id, saveOf(1, 'Second'))).toMatchObject({ kind: 'saved', version: 2 });
		expect(JSON.parse((await findStep(workshop.db, id, 'before', 2))!.document)).toEqual(demo);
		expect(await findStep(workshop.db, id, 'before', 1)).toBeNull();
	});

	it('keeps its steps in order, those that were undone too, and no more than it says', async () => {
		const id = await addPiece(workshop.db, text(demo));
		let version = 1;
		const save = async (name: string, keep: number, add: (string | null)[], place: number) => {
			const steps = { keep, add: add.map((step) => step && text(renamed(step))), place };
			const outcome = await savePiece(workshop.db, id, saveOf(version++, name, steps));
			expect(outcome.kind).toBe('saved');
		};
		const at = async (side: 'before' | 'after', place: number) => {
			const step = await findStep(workshop.db, id, side, place);
			return step ? (JSON.parse(step.document).piece.name as string) : undefined;
		};
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

	it('refuses steps that count on what is not there, and changes nothing: what is sent next is taken', async () => {
		const id = await addPiece(workshop.db, text(demo));
		const save = (version: number, keep: number, count: number, place: number) =>
			savePiece(workshop.db, id, saveOf(version, 'S', { keep, add: Array.from({ length: count }, () => null), place }));
		expect(await save(1, 1, 4, 5)).toMatchObject({ kind: 'saved', version: 2 });
		const bad: [keep: number, count: number, place: number][] = [
			[6, 0, 6],
			[2 ** 31 - 1, 0, 5],
			[900, 1, 901],
			[0, 1, 0],
			[3, 0, -1]
		];
		for (const [keep, count, place] of bad)
			expect(await save(2, keep, count, place)).toMatchObject({ kind: 'stale', version: 2, place: 5 });
		expect(await findSteps(workshop.db, id)).toEqual({ place: 5, first: 1, last: 5 });
		expect(await save(2, 5, 0, 2)).toMatchObject({ kind: 'saved' });
		expect(await save(3, 2, 1, 3)).toMatchObject({ kind: 'saved' });
		expect(await findSteps(workshop.db, id)).toEqual({ place: 3, first: 1, last: 3 });
		/** All before may go, where the page has it. */
		expect(await save(4, 0, 2, 2)).toMatchObject({ kind: 'saved' });
		expect(await findSteps(workshop.db, id)).toEqual({ place: 2, first: 1, last: 2 });
		await removePiece(workshop.db, id);
	});

	it('refuses a stale save, and changes nothing', async () => {
		const [piece] = await listPieces(workshop.db);
		expect(await savePiece(workshop.db, piece!.id, saveOf(1, 'Stale'))).toMatchObject({ kind: 'stale', version: 2 });
		expect(await listPieces(workshop.db)).toMatchObject([{ name: 'Second', version: 2 }]);
	});

	it('puts a piece into the bin, from where it comes back whole, until its time is over', async () => {
		const [piece] = await listPieces(workshop.db);
		const { id } = piece!;
		expect(await removePiece(workshop.db, id)).toBe(true);
		expect(await removePiece(workshop.db, id)).toBe(false);
		expect(await savePiece(workshop.db, id, saveOf(2, 'Gone'))).toEqual({ kind: 'gone' });
		expect([await findDocument(workshop.db, id), await findShell(workshop.db, id), await findStep(workshop.db, id, 'before', 2)]).toEqual([
			null,
			null,
			null
		]);
		expect([await findDocument(workshop.db, 'no-such-id'), await findShell(workshop.db, 'no-such-id')]).toEqual([null, null]);
		expect(await listPieces(workshop.db)).toEqual([]);
		expect((await listBin(workshop.db)).map(({ name }) => name)).toContain('Second');
		expect(await bringBack(workshop.db, id)).toBe(true);
		expect(await bringBack(workshop.db, id)).toBe(false);
		expect(await read(workshop, id)).toMatchObject({ version: 2, document: { piece: { name: 'Second' } } });
		expect(JSON.parse((await findStep(workshop.db, id, 'before', 2))!.document)).toEqual(demo);
		await removePiece(workshop.db, id);
		const inDays = (days: number) => new Date(Date.now() + days * 86_400_000);
		/** By the clock alone nothing goes: it may be wrong. */
		await seeDay(workshop.db, inDays(500));
		expect(await emptyBin(workshop.db, inDays(500))).toBe(0);
		for (let day = 1; day <= 29; day++) await seeDay(workshop.db, inDays(day));
		expect(await emptyBin(workshop.db, inDays(29))).toBe(0);
		expect(await emptyBin(workshop.db, inDays(30))).toBe(0);
		await seeDay(workshop.db, inDays(31));
		await seeDay(workshop.db, inDays(31));
		expect(await emptyBin(workshop.db, inDays(31))).toBeGreaterThan(0);
		expect(await bringBack(workshop.db, id)).toBe(false);
	});

	it('lists what was kept of each at its last save; one that cannot be read has a card with its fault, and takes no other down', async () => {
		const threads = new Pool();
		const part = { id: 'a', name: 'A', role: 'panel', on: 'a', outline: { shape: 'rectangle' }, setOff: { way: 'level', by: '' } };
		const place = { rule: 'inset', left: 1, top: 1, right: 1, bottom: 1 };
		const looped = structuredClone(demo);
		looped.piece.faces[0].parts.push({ ...part, place });
		const id = await addPiece(workshop.db, text(demo));
		await workshop.db.insert(pieces).values([{ document: looped }, { document: { format: 'nothing' } as never }]);
		expect((await listPieces(workshop.db)).map(({ card }) => card)).toEqual([null, null, null]);
		for (const one of await listPieces(workshop.db)) await makeCard(workshop.db, threads, one.id);
		const list = await listPieces(workshop.db);
		const sound = list.find((one) => one.id === id)!;
		expect(sound).toMatchObject({ cardVersion: 1, card: { kind: 'sound', name: demo.piece.name, stage: expect.any(String) } });
		const picture = await sharp(Buffer.from((await findCardPicture(workshop.db, id))!)).metadata();
		expect(picture).toMatchObject({ format: 'png' });
		expect(picture.width / picture.height).toBeCloseTo(
			(sound.card as { width: number }).width / (sound.card as { height: number }).height,
			1
		);
		const faults = list.flatMap(({ card }) => (card?.kind === 'faulty' ? card.faults.map(({ path }) => path) : []));
		expect(faults.sort()).toEqual(['format', 'piece.faces[0].parts[0].on']);
		await savePiece(workshop.db, id, saveOf(1, 'Renamed'));
		expect((await listPieces(workshop.db)).find((one) => one.id === id)).toMatchObject({ name: 'Renamed', version: 2, cardVersion: 1 });
		for (const one of list) expect(await removePiece(workshop.db, one.id)).toBe(true);
		await threads.close();
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

	it('keeps motifs in the order they came, the last of an id', async () => {
		const motif = { id: 'a-knot', name: 'Knot', width: 70, height: 70, paths: [{ d: 'M0 0H70V70H0Z', rule: 'nonzero' as const }] };
		await keepMotif(workshop.db, motif);
		await keepMotif(workshop.db, { ...motif, name: 'Knot again' });
		expect((JSON.parse(await listMotifs(workshop.db)) as { name: string }[]).map(({ name }) => name)).toEqual(['Knot again']);
	});

	it('is read after the save that was on its way; one that does not come is not waited for long', async () => {
		const id = await addPiece(workshop.db, text(renamed('First')));
		const nameOf = (stored: { document: string } | null) => JSON.parse(stored!.document).piece.name as string;
		expect(nameOf(await findDocumentAfter(workshop.db, id, null))).toBe('First');
		const read = findDocumentAfter(workshop.db, id, 1);
		await new Promise((resolve) => setTimeout(resolve, 60));
		await savePiece(workshop.db, id, saveOf(1, 'Second'));
		expect(nameOf(await read)).toBe('Second');
		expect(nameOf(await findDocumentAfter(workshop.db, id, 1))).toBe('Second');
		expect(nameOf(await findDocumentAfter(workshop.db, id, 2))).toBe('Second');
		expect(await findDocumentAfter(workshop.db, 'no-such', 1)).toBeNull();
	});
});

it('cards that are wanted when the workshop is closed harm nobody, and are made when it is open again', async () => {
	const workshop = await openMemory();
	const threads = new Pool();
	let isOpen = false;
	const maker = new CardMaker(
		() => (isOpen ? Promise.resolve(workshop.db) : Promise.reject(new Error('closed'))),
		() => threads
	);
	const id = await addPiece(workshop.db, text(demo));
	maker.want(id);
	await new Promise((resolve) => setTimeout(resolve, 20));
	isOpen = true;
	maker.wantLater(id);
	maker.close();
	maker.want(id, id);
	const made = async () => (await listPieces(workshop.db))[0]!.cardVersion === 1;
	for (let i = 0; i < 200 && !(await made()); i++) await new Promise((resolve) => setTimeout(resolve, 50));
	expect(await made()).toBe(true);
	await threads.close();
	await workshop.close();
}, 30_000);

it('a card that took too long is tried again when somebody looks, a few times; one that took its process along is not, by itself', async () => {
	const workshop = await openMemory();
	const [hasty, greedy, threads] = [new Pool({ time: 1 }), new Pool({ growth: 0 }), new Pool()];
	hasty.run = ((job: 'card', input: string) => Pool.prototype.run.call(hasty, job, input, { time: 1 })) as never;
	const id = await addPiece(workshop.db, text(demo));
	await makeCard(workshop.db, hasty, id);
	expect(await listPieces(workshop.db)).toMatchObject([{ version: 1, cardVersion: 1, card: { kind: 'stopped', why: 'too-long' } }]);
	let asked = 0;
	const maker = new CardMaker(
		() => Promise.resolve(workshop.db),
		() => (asked++, asked > 2 ? threads : hasty)
	);
	const looks = async (until: () => Promise<boolean>) => {
		for (let i = 0; i < 200 && !(await until()); i++) await new Promise((resolve) => setTimeout(resolve, 50));
	};
	for (let look = 1; look <= 5; look++) {
		maker.wantOf(await listPieces(workshop.db));
		await looks(() => Promise.resolve(asked === Math.min(look, 3)));
		await new Promise((resolve) => setTimeout(resolve, 300));
	}
	await looks(async () => (await listPieces(workshop.db))[0]!.card?.kind === 'sound');
	expect([asked, (await listPieces(workshop.db))[0]!.card?.kind]).toEqual([3, 'sound']);
	await savePiece(workshop.db, id, saveOf(1, 'Greedy'));
	await makeCard(workshop.db, greedy, id);
	expect(await listPieces(workshop.db)).toMatchObject([{ cardVersion: 2, card: { kind: 'stopped', why: 'too-big' } }]);
	maker.wantOf(await listPieces(workshop.db));
	await makeCard(workshop.db, threads, id);
	await new Promise((resolve) => setTimeout(resolve, 300));
	expect([asked, (await listPieces(workshop.db))[0]!.card?.kind]).toEqual([3, 'stopped']);
	await Promise.all([hasty.close(), greedy.close(), threads.close()]);
	await workshop.close();
}, 60_000);

it('opens a workshop once only, keeps it when closed, and needs no copy at the next start', async () => {
	const directory = await mkdtemp(join(tmpdir(), 'ember-'));
	const first = await openWorkshop(directory);
	await expect(openWorkshop(directory)).rejects.toThrow(WorkshopOpenElsewhere);
	await addPiece(first.db, text(demo));
	await first.close();
	const second = await openWorkshop(directory);
	expect(await listPieces(second.db)).toMatchObject([{ name: demo.piece.name }]);
	expect(await readdir(directory)).not.toContain('backups');
	await second.close();
	await rm(directory, { recursive: true });
}, 60_000);

it('keeps colours on the shelf, the last of an id', async () => {
	const workshop = await openMemory();
	const cockle = { id: 'cockle', name: 'Cockle', hex: '#d8b9a0', opacity: 0.9, jar: { left: 80, size: 120 } };
	const emptier = { ...cockle, jar: { left: 10, size: 120 } };
	await keepColour(workshop.db, cockle);
	await keepColour(workshop.db, emptier);
	expect(await listColours(workshop.db)).toEqual([emptier]);
	await workshop.close();
});

describe('what holds in the workshop', () => {
	let workshop: Workshop;
	beforeAll(async () => void (workshop = await openMemory()));
	afterAll(() => workshop.close());
	const at = (temperature: number) => ({ units: 'mm' as const, paper: 'a4' as const, temperature, humidity: 50, materials: [] });
	const now = async () => {
		const { document, place, first, last } = await findSettings(workshop.db);
		return [document === null ? null : JSON.parse(document).temperature, place, first, last];
	};

	it('goes by steps: back, forth, and on from where it stands; who read it before another changed it changes nothing', async () => {
		expect(await now()).toEqual([null, 0, 0, 0]);
		expect(await saveSettings(workshop.db, 0, at(14))).toBe(true);
		expect(await saveSettings(workshop.db, 0, at(15))).toBe(false);
		expect(await now()).toEqual([14, 2, 1, 2]);
		expect(await saveSettings(workshop.db, 2, at(16))).toBe(true);
		expect(await stepSettings(workshop.db, 3, 'forth')).toBe(false);
		expect(await stepSettings(workshop.db, 3, 'back')).toBe(true);
		expect(await now()).toEqual([14, 2, 1, 3]);
		expect(await stepSettings(workshop.db, 3, 'back')).toBe(false);
		expect(await stepSettings(workshop.db, 2, 'forth')).toBe(true);
		expect(await now()).toEqual([16, 3, 1, 3]);
		await stepSettings(workshop.db, 3, 'back');
		expect(await stepSettings(workshop.db, 2, 'back')).toBe(true);
		/** As it was before anything was said. */
		expect(await now()).toEqual([NEW_WORKSHOP.temperature, 1, 1, 3]);
		expect(await stepSettings(workshop.db, 1, 'back')).toBe(false);
		expect(await saveSettings(workshop.db, 1, at(17))).toBe(true);
		expect(await now()).toEqual([17, 2, 1, 2]);
	});

	it('keeps its last hundred steps', async () => {
		for (let place = 2; place < 110; place++) await saveSettings(workshop.db, place, at(place / 10));
		expect(await now()).toEqual([10.9, 110, 11, 110]);
	});
});

describe('facts', () => {
	let workshop: Workshop;
	beforeAll(async () => void (workshop = await openMemory()));
	afterAll(() => workshop.close());
	const fact = (more: Partial<Fact> = {}): Fact => ({
		coat: 'base',
		sitting: 'base/1/drawer-2',
		what: 'done',
		at: new Date('2026-05-01T10:00:00Z'),
		amount: { value: 12, unit: 'minutes' },
		words: null,
		corrects: null,
		...more
	});

	it('stand beside the piece in the order in which they happened, put right by others, and go with it', async () => {
		const [id, other] = [await addPiece(workshop.db, text(demo)), await addPiece(workshop.db, text(demo))];
		const wrong = await noteFact(workshop.db, id, fact());
		const right = await noteFact(
			workshop.db,
			id,
			fact({ amount: { value: 21, unit: 'minutes' }, corrects: wrong, at: new Date('2026-05-01T09:59:00Z') })
		);
		await noteFact(workshop.db, other, fact({ what: 'poured', sitting: null, amount: null, words: 'a spoon more of the dark' }));
		expect((await listFacts(workshop.db, id)).map((one) => [one.id, one.amount?.value, one.corrects])).toEqual([
			[right, 21, wrong],
			[wrong, 12, null]
		]);
		await savePiece(workshop.db, id, saveOf(1, 'Later'));
		expect(await listFacts(workshop.db, id)).toHaveLength(2);
		await workshop.db.delete(pieces);
		expect(await listFacts(workshop.db, id)).toEqual([]);
		expect(await listFacts(workshop.db, other)).toEqual([]);
	});

	it.each([
		{ what: 'dreamt' as never },
		{ coat: '' },
		{ amount: { value: -1, unit: 'ml' as const } },
		{ words: 'x'.repeat(401) },
		{ corrects: 'no id' }
	])('refuses %j', async (more) => {
		const id = await addPiece(workshop.db, text(demo));
		await expect(noteFact(workshop.db, id, fact(more))).rejects.toThrow();
		expect(await listFacts(workshop.db, id)).toEqual([]);
	});
});
