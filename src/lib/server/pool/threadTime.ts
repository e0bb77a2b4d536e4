import { readFileSync, readlinkSync } from 'node:fs';

/** Where the system tells how long the thread that asks has had a processor; '' where it does not. */
export function findThreadTime(): string {
	try {
		return `/proc/${readlinkSync('/proc/thread-self')}/schedstat`;
	} catch {
		return '';
	}
}

/** How long a thread has had a processor since it began, ms; NaN where nobody tells. */
export function readThreadTime(path: string): number {
	try {
		return Number(readFileSync(path, 'utf8').split(' ')[0]) / 1e6;
	} catch {
		return NaN;
	}
}
