// What the workshop promises of its server and its data, tried at length: npm run endure [-- part ...] prints what it found. The parts are named below.
import { buildIfNeeded } from './build.mjs';
import { copies, load, pages, pictures } from './endure/beside';
import { pieces, processes } from './endure/costs';
import { hostile, stretchedPieces } from './endure/input';
import { kills, restores } from './endure/losses';
import { disk, growth } from './endure/room';
import { countFaults } from './endure/workshop';

const PARTS: Readonly<Record<string, () => Promise<void>>> = {
	hostile,
	stretched: stretchedPieces,
	pages,
	kills,
	growth,
	pictures,
	pieces,
	copies,
	restores,
	disk,
	load,
	processes
};
const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !(name in PARTS));
if (unknown.length > 0) {
	console.error(`There is no part called ${unknown.join(', ')}: ask for ${Object.keys(PARTS).join(', ')}.`);
	process.exit(2);
}
buildIfNeeded();
for (const [name, part] of Object.entries(PARTS)) if (asked.length === 0 || asked.includes(name)) await part();
const faults = countFaults();
console.log(faults === 0 ? '\nAll of it held.' : `\n${faults} did not hold.`);
process.exit(faults === 0 ? 0 : 1);
