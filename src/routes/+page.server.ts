import { listPieces } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const pieces = await listPieces(await database());
	return { pieces: pieces.map(({ id, document, updatedAt }) => ({ id, document, updatedAt })) };
};
