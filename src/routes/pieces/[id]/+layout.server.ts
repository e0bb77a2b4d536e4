import { findShell } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import { error } from '@sveltejs/kit';
import type { LayoutServerLoad } from './$types';

/** What is known of a piece without reading it: the page comes with that, and the browser opens the piece itself. */
export const load: LayoutServerLoad = async ({ params }) => {
	const shell = await findShell(await database(), params.id);
	if (!shell) error(404, 'This piece is not in the workshop. It may have been taken out.');
	return { shell };
};
