import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, startServer } from '../serve.mjs';

export const JSON_TYPE = { 'content-type': 'application/json' };
export type Demo = { piece: { name: string } };
const demo = JSON.parse(readFileSync('tests/fixtures/reed-chest.json', 'utf8')) as Demo;
export const named = (name: string): Demo => ({ ...demo, piece: { ...demo.piece, name } });
/** What is promised of plain reads beside anything, ms; beside what our own pages do it is less. */
export const READS = { most: 50, worst: 150, worstBesideOurs: 100 };

let faults = 0;
export const countFaults = () => faults;

export interface Open {
	readonly address: string;
	readonly server: { readonly pid?: number; kill(signal: NodeJS.Signals): boolean; once(event: 'exit', then: () => void): void };
}

/** Opens a workshop, and says how long it took to answer, ms. */
export async function open(workshop: string, within: readonly string[] = []): Promise<Open & { readonly took: number }> {
	const began = performance.now();
	const opened = (await startServer({ workshop, port: await freePort(), stdio: 'ignore', within: [...within] })) as Open;
	return { ...opened, took: performance.now() - began };
}

export function end({ server }: Open, signal: NodeJS.Signals): Promise<number> {
	const began = performance.now();
	return new Promise((resolve) => {
		server.once('exit', () => resolve(performance.now() - began));
		server.kill(signal);
	});
}

export async function inWorkshop(what: string, work: (directory: string) => Promise<void>): Promise<void> {
	const directory = mkdtempSync(join(tmpdir(), 'ember-endure-'));
	console.log(`\n${what}`);
	try {
		await work(directory);
	} finally {
		rmSync(directory, { recursive: true, force: true });
	}
}

export function tell(text: string, isRight = true): void {
	if (!isRight) faults++;
	console.log(`  ${isRight ? ' ' : '!'} ${text}`);
}

export async function add(address: string, piece: string): Promise<string> {
	const answer = await fetch(`${address}/api/pieces`, { method: 'POST', headers: JSON_TYPE, body: piece });
	return ((await answer.json()) as { id: string }).id;
}

export function addPiece(address: string, name: string): Promise<string> {
	return add(address, JSON.stringify(named(name)));
}
