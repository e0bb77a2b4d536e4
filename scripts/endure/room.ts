import { spawnSync } from 'node:child_process';
import { readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { CAN_MOUNT, fillDisk, mountDisk } from '../../tests/hostile/smallDisk';
import { JSON_TYPE, addPiece, end, inWorkshop, named, open, tell } from './workshop';

function sizeOf(directory: string): number {
	return Number(/^\d+/.exec(spawnSync('du', ['-sm', directory], { encoding: 'utf8' }).stdout)![0]);
}

export async function growth(): Promise<void> {
	await inWorkshop('Four thousand saves', async (directory) => {
		let opened = await open(directory);
		const id = await addPiece(opened.address, 'Save 1');
		let version = 1;
		const found: { size: number; took: number }[] = [];
		for (const until of [400, 4000]) {
			while (version < until) {
				const body = JSON.stringify({ version, document: named(`Save ${version + 1}`) });
				const answer = await fetch(`${opened.address}/api/pieces/${id}`, { method: 'PUT', headers: JSON_TYPE, body });
				version = ((await answer.json()) as { version: number }).version;
			}
			await end(opened, 'SIGTERM');
			const size = sizeOf(join(directory, 'database'));
			opened = await open(directory);
			found.push({ size, took: opened.took });
			tell(`after ${until} saves: ${size} MB, opened in ${(opened.took / 1000).toFixed(2)} s`);
		}
		const [early, late] = found as [(typeof found)[0], (typeof found)[0]];
		tell(`${(late.size / early.size).toFixed(2)} times the size`, late.size < 2 * early.size);
		await end(opened, 'SIGTERM');
	});
}

export async function disk(): Promise<void> {
	if (!CAN_MOUNT) return tell('This machine lets nobody mount a disk of his own: a full one was not tried.');
	for (const [what, size, files] of [
		['A disk of 260 MB', 260, 0],
		['A disk with room for few files', 400, 1250]
	] as const)
		await inWorkshop(what, async (directory) => {
			const small = await mountDisk(directory, size, files);
			try {
				const opened = await open(directory, small.within);
				const id = await addPiece(opened.address, 'Kept');
				let version = 1;
				const save = async () => {
					const body = JSON.stringify({ version, document: named(`Save ${version + 1}`) });
					const answer = await fetch(`${opened.address}/api/pieces/${id}`, {
						method: 'PUT',
						headers: JSON_TYPE,
						body,
						signal: AbortSignal.timeout(5000)
					});
					const said = (await answer.json()) as { errors?: { message: string }[] };
					if (answer.ok) version++;
					return { status: answer.status, words: said.errors?.[0]?.message ?? '' };
				};
				for (let i = 0; i < 5; i++) await save();
				/** By then it has its reserve. */
				if (files > 0) await new Promise((resolve) => setTimeout(resolve, 13_000));
				if (files > 0) {
					let made = 0;
					try {
						for (; ; made++) writeFileSync(join(small.seen, `file-${made}`), '');
					} catch {
						tell(`${made} files, and no room for one more`);
					}
				} else await fillDisk(join(small.seen, 'fill'));
				const { status, words } = await save();
				tell(`a save is refused in words: ${words.slice(0, 90)}`, status === 507);
				tell('reads are answered', (await fetch(`${opened.address}/api/pieces/${id}`)).ok);
				await end(opened, 'SIGTERM');
				const again = await open(directory, small.within);
				const kept = (await (await fetch(`${again.address}/api/pieces/${id}`)).json()) as { version: number };
				tell(`opened again, full as it is, with all ${version} versions`, kept.version === version);
				await end(again, 'SIGTERM');
				for (const name of readdirSync(small.seen)) if (/^fi(ll|le-)/.test(name)) rmSync(join(small.seen, name));
				const free = await open(directory, small.within);
				const body = JSON.stringify({ version, document: named('Free') });
				tell('with room it saves again', (await fetch(`${free.address}/api/pieces/${id}`, { method: 'PUT', headers: JSON_TYPE, body })).ok);
				await end(free, 'SIGTERM');
			} finally {
				small.drop();
			}
		});
}
