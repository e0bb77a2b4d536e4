import { listCopies } from '$lib/server/services/copies';
import { workshopNow } from '$lib/server/workshop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => {
	const { workshop, upkeep } = await workshopNow();
	return { copies: await listCopies(workshop), fault: upkeep.fault };
};
