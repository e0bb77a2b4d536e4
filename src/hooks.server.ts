import { startWorkshop, stopWorkshop } from '$lib/server/workshop';
import { building } from '$app/environment';
import type { ServerInit } from '@sveltejs/kit';

export const init: ServerInit = async () => {
	if (building) return;
	await startWorkshop(process.env['EMBER_WORKSHOP'] ?? '.workshop/main');
	process.once('sveltekit:shutdown', () => void stopWorkshop());
};
