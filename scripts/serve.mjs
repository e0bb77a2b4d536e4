import { spawn } from 'node:child_process';
import { connect, createServer } from 'node:net';
import { join } from 'node:path';
import { root } from './setup.mjs';

/** Starts the built server on a workshop, by another program where one is given (`within`: its words). Resolves with its address when it answers; rejects where it ends before. */
export async function startServer({ workshop, port, stdio = 'inherit', within = [] }) {
	const address = `http://127.0.0.1:${port}`;
	if (await isTaken(port))
		throw new Error(
			`Something is already open at ${address}, perhaps this very workshop. Go on there, stop it first, or take another port: PORT=${port + 1} npm run demo.`
		);
	const env = {
		...process.env,
		HOST: '127.0.0.1',
		PORT: String(port),
		ORIGIN: address,
		EMBER_WORKSHOP: workshop,
		/** Each door has its own bounds, and says them. */
		BODY_SIZE_LIMIT: 'Infinity',
		SHUTDOWN_TIMEOUT: '3'
	};
	const [program, ...words] = [...within, process.execPath, join(root, 'build', 'pool', 'serve.js')];
	const server = spawn(program, words, { cwd: root, env, stdio });
	let ended = null;
	server.once('exit', (code) => (ended = code ?? 1));
	for (let i = 0; i < 600; i++) {
		if (ended !== null) throw Object.assign(new Error('The server ended before it answered.'), { exitCode: ended });
		if (await answers(`${address}/api/pieces`)) return { address, server };
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
	server.kill('SIGTERM');
	throw new Error('The server did not answer within a minute.');
}

/** One that nobody listens at now. */
export function freePort() {
	return new Promise((resolve) => {
		const probe = createServer().listen(0, '127.0.0.1', () => {
			const { port } = probe.address();
			probe.close(() => resolve(port));
		});
	});
}

function isTaken(port) {
	return new Promise((resolve) => {
		const probe = connect(port, '127.0.0.1');
		probe.once('connect', () => resolve(probe.destroy() && true));
		probe.once('error', () => resolve(false));
	});
}

async function answers(url) {
	try {
		return (await fetch(url)).ok;
	} catch {
		return false;
	}
}
