import type { PGlite } from '@electric-sql/pglite';
import { mkdir, open, readdir, rename, rm } from 'node:fs/promises';
import { join } from 'node:path';

const KEPT = 5;

/** Writes a dated copy of the whole workshop, whole or not at all, and drops the oldest beyond five. Returns its name. */
export async function backUp(client: PGlite, directory: string, now: Date): Promise<string> {
	await mkdir(directory, { recursive: true });
	const dump = new Uint8Array(await (await client.dumpDataDir('gzip')).arrayBuffer());
	const name = `workshop-${now.toISOString().replace(/[:.]/g, '-')}.tar.gz`;
	const part = join(directory, `${name}.part`);
	const file = await open(part, 'w');
	try {
		await file.writeFile(dump);
		await file.sync();
	} finally {
		await file.close();
	}
	await rename(part, join(directory, name));
	const old = (await readdir(directory)).filter((entry) => /^workshop-.*\.tar\.gz$/.test(entry)).sort();
	for (const entry of old.slice(0, -KEPT)) await rm(join(directory, entry));
	return name;
}
