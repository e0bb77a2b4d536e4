import { answerOrRefuse, refuseWith } from '$lib/server/answer';
import { listCopies } from '$lib/server/services/copies';
import { workshopNow } from '$lib/server/workshop';
import { withoutPaths } from '$lib/server/withoutPaths';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The copies of the workshop, the newest first. */
export const GET: RequestHandler = async () => json(await listCopies((await workshopNow()).workshop));

/** Makes a copy at once. */
export const POST: RequestHandler = () =>
	answerOrRefuse(async () => {
		const { upkeep } = await workshopNow();
		try {
			return json({ name: await upkeep.copyNow() }, { status: 201 });
		} catch (error) {
			return refuseWith(
				507,
				'copy.failed',
				`The copy was not made: ${withoutPaths(error instanceof Error ? error.message : String(error))}`
			);
		}
	});
