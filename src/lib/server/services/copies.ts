import { listCopies as list, type Copy, type Workshop } from '../db';

/** The copies of a workshop, the newest first; none of one in memory. */
export async function listCopies({ directory }: Pick<Workshop, 'directory'>): Promise<Copy[]> {
	return directory === '' ? [] : list(directory);
}
