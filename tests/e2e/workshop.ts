import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type APIResponse, type Locator, type Page } from '@playwright/test';
import { cp, mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from '../../scripts/serve.mjs';

export interface Workshop {
	readonly directory: string;
	address: string;
	start(): Promise<void>;
	/** As a power cut would end it. */
	kill(): Promise<void>;
	stop(): Promise<void>;
}

/** The workshop of the file that a worker is at: the next file must find none of what this one did. */
interface AtHand {
	file: string;
	workshop: Workshop | null;
}

async function leave(atHand: AtHand): Promise<void> {
	const { workshop } = atHand;
	atHand.workshop = null;
	await workshop?.stop();
	if (workshop) await rm(workshop.directory, { recursive: true, force: true });
}

/** A server on a workshop of its own, with the demo in it (see `seed`); the same for all tests of a file. */
export const test = base.extend<{ workshop: Workshop }, { atHand: AtHand }>({
	atHand: [
		// eslint-disable-next-line no-empty-pattern
		async ({}, use) => {
			const atHand: AtHand = { file: '', workshop: null };
			await use(atHand);
			await leave(atHand);
		},
		{ scope: 'worker', timeout: 60_000 }
	],
	workshop: [
		async ({ atHand }, use, { file }) => {
			if (atHand.file !== file || atHand.workshop === null) {
				await leave(atHand);
				/** Beside other tests a machine is slow: what is asked of a server all the same is tried in one file. */
				process.env['EMBER_LONGEST'] = file.endsWith('endure.test.ts') ? '' : '10';
				const directory = await mkdtemp(join(tmpdir(), 'ember-e2e-'));
				await cp(process.env['EMBER_SEEDED']!, directory, { recursive: true });
				const workshop = createWorkshop(directory, await freePort());
				await workshop.start();
				Object.assign(atHand, { file, workshop });
			}
			await use(atHand.workshop!);
		},
		{ scope: 'test', timeout: 60_000 }
	]
});

export { expect };

/** Opens a page of the workshop and waits until it is alive. */
export async function visit(page: Page, workshop: Workshop, path: string): Promise<void> {
	await page.goto(workshop.address + path);
	await page.waitForSelector('html[data-ready]');
}

/** The chest of the demo, to be looked at: what changes it takes a copy, or a later test finds it changed. */
export async function demoPiece(workshop: Workshop): Promise<string> {
	const pieces = (await (await fetch(`${workshop.address}/api/pieces`)).json()) as { id: string; name: string }[];
	return pieces.find(({ name }) => name === 'The sail-loft chest')!.id;
}

/** A piece of its own: other tests work on those of the demo. */
export async function copyOf(workshop: Workshop, demo: string): Promise<string> {
	const project = JSON.parse(await readFile(`demo/${demo}.json`, 'utf8'));
	const body = JSON.stringify({ ...project, piece: { ...project.piece, name: `Copy of ${demo}` } });
	const answer = await fetch(`${workshop.address}/api/pieces`, { method: 'POST', headers: { 'content-type': 'application/json' }, body });
	return ((await answer.json()) as { id: string }).id;
}

/** Takes one of a list by its label; `nth` where several have it. */
export async function choose(within: Page | Locator, label: string, option: string, nth = 0): Promise<void> {
	const page = 'page' in within ? within.page() : within;
	await within
		.getByLabel(new RegExp(`^${label}`))
		.nth(nth)
		.click();
	await page.getByRole('option', { name: option, exact: true }).click();
}

/** What is at an address; asked again while the workshop says that it is busy, as a program would. */
export async function fetchPatiently(page: Page, address: string): Promise<APIResponse> {
	for (let tries = 1; ; tries++) {
		const answer = await page.request.get(address);
		if (answer.status() !== 503 || tries === 5) return answer;
	}
}

/** Saved, and said so. */
export async function saved(page: Page): Promise<void> {
	await expect(page.locator('[data-save="saved"]')).toHaveText(/saved \d/);
}

export async function expectNoViolations(page: Page, what: string): Promise<void> {
	/** It need not write down, node by node, what is well, nor ask frames of other sites: there are none. */
	const { violations } = await new AxeBuilder({ page })
		.options({ runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'], resultTypes: ['violations'] })
		.setLegacyMode(true)
		.analyze();
	expect(
		violations.map(
			({ id, nodes }) =>
				`${what}: ${id} at ${nodes
					.map((node) => node.target.join(' '))
					.slice(0, 3)
					.join(' | ')}`
		)
	).toEqual([]);
}

function createWorkshop(directory: string, port: number): Workshop {
	let server: import('node:child_process').ChildProcess | null = null;
	const end = async (signal: 'SIGKILL' | 'SIGTERM') => {
		const ending = server;
		server = null;
		if (!ending) return;
		const gone = new Promise((resolve) => ending.once('exit', resolve));
		ending.kill(signal);
		await gone;
	};
	const workshop: Workshop = {
		directory,
		address: '',
		async start() {
			const { startServer } = await import('../../scripts/serve.mjs');
			const started = await startServer({ workshop: directory, port, stdio: 'ignore' });
			server = started.server;
			workshop.address = started.address;
		},
		kill: () => end('SIGKILL'),
		stop: () => end('SIGTERM')
	};
	return workshop;
}
