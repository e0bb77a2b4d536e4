import type { WorkshopSettings } from '$core/project';
import { findSettings } from './services/settings';
import { database, pool } from './workshop';

/** What holds in the workshop, read, and where it stands among its steps. */
export async function settingsNow(): Promise<{ document: WorkshopSettings; place: number; first: number; last: number }> {
	const { document, ...places } = await findSettings(await database());
	return { document: await pool().run('openSettings', document, { isQuick: true }), ...places };
}
