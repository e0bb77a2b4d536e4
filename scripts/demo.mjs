// One command on a fresh machine: installs, builds, starts with the demo workshop, prints the address.
import { join } from 'node:path';
import { buildIfNeeded } from './build.mjs';
import { startServer } from './serve.mjs';
import { installPackages, root } from './setup.mjs';

installPackages();
buildIfNeeded();
const port = Number(process.env.PORT ?? 4173);
const workshop = process.env.EMBER_WORKSHOP ?? join(root, '.workshop', 'demo');
try {
	const { address, server } = await startServer({ workshop, port });
	const { seedWorkshop } = await import('../demo/seed.mjs');
	await seedWorkshop(address);
	console.log(`\nEmber Ribbon is open at ${address}\nStop it with Ctrl+C.`);
	for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill('SIGTERM'));
	server.on('exit', (code) => process.exit(code ?? 0));
} catch (error) {
	if (!error.exitCode) console.error(error.message);
	process.exit(error.exitCode ?? 1);
}
