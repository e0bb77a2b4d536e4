// Fills an empty workshop with the demo: motifs drawn by us, colours on the shelf, and the pieces of a guest house. Talks to a running server, as a person would.
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const here = dirname(fileURLToPath(import.meta.url));

/** The last one added stands first. */
const PIECES = ['net-box', 'ferry-table', 'chart-cabinet', 'sail-loft-chest'];

export async function seedWorkshop(address) {
	const motifs = await (await fetch(`${address}/api/motifs`)).json();
	if (motifs.length === 0)
		for (const file of readdirSync(join(here, 'motifs')).sort().reverse())
			await post(`${address}/api/motifs?name=${file}`, 'image/svg+xml', readFileSync(join(here, 'motifs', file), 'utf8'));
	const shelf = await (await fetch(`${address}/api/colours`)).json();
	if (shelf.length === 0)
		for (const colour of JSON.parse(readFileSync(join(here, 'shelf.json'), 'utf8')))
			await post(`${address}/api/colours`, 'application/json', JSON.stringify(colour));
	const pieces = await (await fetch(`${address}/api/pieces`)).json();
	if (pieces.length === 0)
		for (const piece of PIECES) await post(`${address}/api/pieces`, 'application/json', readFileSync(join(here, `${piece}.json`), 'utf8'));
}

async function post(url, type, body) {
	const response = await fetch(url, { method: 'POST', headers: { 'content-type': type }, body });
	if (!response.ok) throw new Error(`The demo could not be set up: ${url} answered ${response.status} ${await response.text()}`);
}
