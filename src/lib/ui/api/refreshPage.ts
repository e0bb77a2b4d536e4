import { invalidateAll } from '$app/navigation';
import { isWorkshopThere } from './isWorkshopThere';

/** The page as the workshop has it now: one that does not answer leaves it as it is. */
export async function refreshPage(): Promise<void> {
	if (await isWorkshopThere()) await invalidateAll();
}
