// Works on the sources, with reload, on a workshop of its own.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { bin, installPackages, root } from './setup.mjs';

installPackages();
const port = Number(process.env.PORT ?? 5173);
const env = { ...process.env, EMBER_WORKSHOP: process.env.EMBER_WORKSHOP ?? join(root, '.workshop', 'dev') };
const vite = spawn(bin('vite'), ['dev', '--host', '127.0.0.1', '--port', String(port), '--strictPort'], {
	cwd: root,
	env,
	stdio: 'inherit'
});
vite.on('exit', (code) => process.exit(code ?? 0));
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => vite.kill(signal));

const { seedWorkshop } = await import('../demo/seed.mjs');
for (let i = 0; i < 120; i++) {
	await new Promise((resolve) => setTimeout(resolve, 500));
	try {
		await seedWorkshop(`http://127.0.0.1:${port}`);
		break;
	} catch {
		// not up yet
	}
}
