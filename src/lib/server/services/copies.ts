import { bringBackCopy as bringBack, listCopies as list, takeOutCopy as takeOut, type Copy, type Workshop } from '../db';

type Held = Pick<Workshop, 'directory'>;

/** The copies of a workshop, the newest first; none of one in memory. */
export async function listCopies({ directory }: Held): Promise<Copy[]> {
	return directory === '' ? [] : list(directory);
}

/** Takes a copy out; for an hour it can be brought back. False where there is none of that name. */
export async function takeOutCopy({ directory }: Held, name: string): Promise<boolean> {
	return directory !== '' && takeOut(directory, name);
}

export async function bringBackCopy({ directory }: Held, name: string): Promise<boolean> {
	return directory !== '' && bringBack(directory, name);
}
