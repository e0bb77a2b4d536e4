import { announce } from './announce';
import { askWorkshop } from './askWorkshop';

/** Whether the workshop answers; where it does not that is told in passing, and nothing on the page changes. */
export async function isWorkshopThere(): Promise<boolean> {
	const answer = await askWorkshop('/api/workshop');
	const isThere = answer.ok || answer.status !== null;
	if (!isThere) announce(answer.faults[0]!.message);
	return isThere;
}
