import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProjectText, readWorkshop } from '../formats';
import { CATALOGUE } from '../materials';
import { planProject } from '../plan';
import {
	changesOfWorkshop,
	giveOwn,
	giveUpOwn,
	markOwn,
	newProject,
	setOwn,
	settingsOf,
	takeWorkshop,
	type Project,
	type SharedField,
	type WorkshopSettings
} from './index';

const read = readProjectText(readFileSync('demo/chart-cabinet.json', 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.issues));
const piece: Project = read.project;
const same = settingsOf(piece);
const own = { ...CATALOGUE[0]!, id: 'own-tin', name: 'Own tin' };
/** What the piece is painted with. */
const used = CATALOGUE.find(({ id }) => id === 'chalk-paint')!;

/** Each field as the workshop may have it otherwise, and where a piece then has it. */
const CHANGES: [SharedField, Partial<WorkshopSettings>, (project: Project) => unknown][] = [
	['units', { units: 'in' }, ({ units }) => units],
	['paper', { paper: 'letter' }, ({ paper }) => paper],
	['temperature', { temperature: 11 }, ({ workshop }) => workshop.temperature],
	['humidity', { humidity: 71 }, ({ workshop }) => workshop.humidity],
	['degrees', { degrees: 'F' }, ({ workshop }) => workshop.degrees],
	['simulated', { simulated: !same.simulated }, ({ workshop }) => workshop.simulated],
	['hand', { hand: 'left' }, ({ workshop }) => workshop.hand],
	['hands', { hands: 3 }, ({ workshop }) => workshop.hands],
	['tapes', { tapes: [7, 19] }, ({ workshop }) => workshop.tapes],
	['rates', { rates: { brush: 0.3 } }, ({ workshop }) => workshop.rates],
	['drying', { drying: { colder: 2.4 } }, ({ workshop }) => workshop.drying],
	['schools', { schools: { method: 'dry-drag' } }, ({ workshop }) => workshop.schools],
	['volumes', { volumes: 'fl-oz' }, ({ workshop }) => workshop.volumes],
	['materials', { materials: [{ ...used, recoat: 77 }] }, ({ materials }) => materials]
];

describe('a piece and its workshop', () => {
	it('are the same where nothing was changed, whether it is said or not', () => {
		expect(changesOfWorkshop(piece, same)).toEqual([]);
		const plain = { ...piece, workshop: { temperature: 20, humidity: 50 } };
		expect(
			changesOfWorkshop(plain, { ...same, ...plain.workshop, degrees: 'C', hand: 'right', hands: 1, volumes: 'ml', simulated: false })
		).toEqual([]);
		expect(takeWorkshop(piece, same)).toEqual(piece);
	});

	it.each(CHANGES)('say that %s has changed; it is taken, kept as its own, or given up again', (field, change, of) => {
		const now = { ...same, ...change };
		expect(readWorkshop(now).ok).toBe(true);
		expect(changesOfWorkshop(piece, now)).toEqual([field]);
		const taken = takeWorkshop(piece, now);
		expect(of(taken)).toEqual(change[field]);
		expect(changesOfWorkshop(taken, now)).toEqual([]);
		/** The other way round: what it said and now leaves unsaid. */
		if (field !== 'materials') expect(changesOfWorkshop(takeWorkshop(taken, same), same)).toEqual([]);
		const kept = markOwn(piece, [field]);
		expect([kept.workshop.own, changesOfWorkshop(kept, now), takeWorkshop(kept, now)]).toEqual([[field], [], kept]);
		expect(of(giveUpOwn(kept, now))).toEqual(change[field]);
		expect(giveUpOwn(kept, now).workshop.own).toBeUndefined();
	});

	it('nothing is planned anew by a change of the workshop, and readings stay as long as they were when its unit is taken', () => {
		const taken = takeWorkshop(piece, { ...same, units: 'in' });
		const sizes = (project: Project) => planProject(project).faces.map(({ width, height }) => [width, height]);
		expect(sizes(taken)).toEqual(sizes(piece));
	});

	it('records of materials are taken by their id; others stay', () => {
		const mine = { ...own, id: 'mine' };
		const taken = takeWorkshop({ ...piece, materials: [mine, { ...own, recoat: 1 }] }, { ...same, materials: [own] });
		expect(taken.materials).toEqual([mine, own]);
		const second = { ...own, id: 'second-tin' };
		const both = takeWorkshop({ ...piece, materials: [mine, own] }, { ...same, materials: [own, second] });
		/** What lies on the shelf besides is not its concern. */
		expect(both.materials).toEqual([mine, own]);
		expect(changesOfWorkshop({ ...piece, materials: [mine, own] }, { ...same, materials: [own, second] })).toEqual([]);
	});

	it('gives the workshop what is its own, and nothing else that it has by now', () => {
		const now: WorkshopSettings = { ...same, humidity: 71, hand: 'left', materials: [own] };
		const mine = { ...own, id: 'mine' };
		const kept = markOwn(setOwn({ ...piece, materials: [mine] }, { temperature: 9, hand: 'right' }), ['materials']);
		expect(giveOwn(kept, now)).toEqual({ ...now, temperature: 9, hand: 'right', materials: [own, mine] });
		expect(giveOwn(piece, now)).toEqual(now);
	});

	it('what is set on the piece is its own, in the order of the fields, once', () => {
		const set = setOwn(setOwn(setOwn(piece, { humidity: 60 }), { paper: 'letter' }), { humidity: 61 });
		expect([set.workshop.own, set.workshop.humidity, set.paper]).toEqual([['paper', 'humidity'], 61, 'letter']);
	});

	it('a new piece begins as the workshop is; measured otherwise, that is its own', () => {
		const now: WorkshopSettings = { ...same, temperature: 12, schools: { brushes: 'one-dry' }, materials: [own] };
		const begun = newProject({ name: 'New', units: 'mm', count: null, shape: 'chest', settings: now });
		expect([changesOfWorkshop(begun, now), begun.workshop.own, begun.materials]).toEqual([[], undefined, [own]]);
		const inches = newProject({ name: 'New', units: 'in', count: null, shape: 'chest', settings: now });
		expect([changesOfWorkshop(inches, now), inches.workshop.own, inches.paper]).toEqual([[], ['units', 'paper'], 'letter']);
	});

	it.each([
		['nothing', null],
		['a temperature of no room', { ...same, temperature: 61 }],
		['five pairs of hands', { ...same, hands: 5 }],
		['a rate of none', { ...same, rates: { brush: 0 } }],
		['a rate of nothing known', { ...same, rates: { flying: 1 } }],
		['drying faster when it is colder', { ...same, drying: { colder: 0.5 } }],
		['drying by nothing known', { ...same, drying: { moon: 1 } }],
		['a field of pieces', { ...same, own: ['units'] }]
	])('refuses %s', (_says, value) => {
		const said = readWorkshop(value);
		expect(said.ok === false && said.issues.length).toBeGreaterThan(0);
	});
});
