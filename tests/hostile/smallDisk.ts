import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { open } from 'node:fs/promises';

/** Whether this machine lets anybody have a disk of his own. */
export const CAN_MOUNT = spawnSync('unshare', ['-rm', 'sh', '-c', 'mount -t tmpfs none /mnt && nsenter --version']).status === 0;

/** A disk of its own, of so many MB and files, that only servers started within it see; a folder by which it is seen from here. */
export async function mountDisk(directory: string, size: number, files = 0) {
	const options = `size=${size}m${files > 0 ? `,nr_inodes=${files}` : ''}`;
	const script = 'mount -t tmpfs -o "$1" none "$0" && echo && exec sleep 1200';
	const holder = spawn('unshare', ['-rm', 'sh', '-c', script, directory, options]);
	await once(holder.stdout, 'data');
	const within = ['nsenter', '--preserve-credentials', '-U', '-m', '-t', String(holder.pid), `--wd=${process.cwd()}`];
	return { within, seen: `/proc/${holder.pid}/root${directory}`, drop: () => holder.kill('SIGKILL') };
}

/** To the last byte. */
export async function fillDisk(path: string): Promise<void> {
	const file = await open(path, 'w');
	for (const size of [1 << 20, 4096])
		try {
			for (;;) await file.write(new Uint8Array(size));
		} catch {
			continue;
		}
	await file.close();
}
