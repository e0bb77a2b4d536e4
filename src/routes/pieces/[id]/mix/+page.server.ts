import { listColours } from '$lib/server/services/colours';
import { database } from '$lib/server/workshop';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async () => ({ shelf: await listColours(await database()) });
