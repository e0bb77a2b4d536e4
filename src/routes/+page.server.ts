import { listBin, listPieces } from '$lib/server/services/pieces';
import { cardMaker, database } from '$lib/server/workshop';
import type { PageServerLoad } from './$types';

/** What was kept of each piece at its last save: none is read or planned. Cards that are missing or old are made meanwhile. */
export const load: PageServerLoad = async () => {
	const db = await database();
	const [pieces, bin] = [await listPieces(db), await listBin(db)];
	cardMaker().wantOf(pieces);
	return { pieces, bin };
};
