import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, startServer } from '../../scripts/serve.mjs';

/** The demo workshop once, for all files to begin from a copy of. */
export default async function seed(): Promise<() => Promise<void>> {
	const directory = await mkdtemp(join(tmpdir(), 'ember-seeded-'));
	const { server, address } = await startServer({ workshop: directory, port: await freePort(), stdio: 'ignore' });
	const { seedWorkshop } = await import('../../demo/seed.mjs');
	await seedWorkshop(address);
	await cardsMade(address);
	const gone = new Promise((resolve) => server.once('exit', resolve));
	server.kill('SIGTERM');
	await gone;
	process.env['EMBER_SEEDED'] = directory;
	return () => rm(directory, { recursive: true, force: true });
}

async function cardsMade(address: string): Promise<void> {
	for (let i = 0; i < 200; i++) {
		const pieces = (await (await fetch(`${address}/api/pieces`)).json()) as { card: object | null }[];
		if (pieces.every(({ card }) => card !== null)) return;
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
}
