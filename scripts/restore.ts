// Lists the copies of a workshop, and puts one back beside what is there: npm run restore [-- NUMBER]. The workshop must not be open.
import { resolve } from 'node:path';
import { restoreCopy } from '../src/lib/server/db/copies';
import { listCopies } from '../src/lib/server/db/copyList';
import { lockWorkshop } from '../src/lib/server/db/lock';

const workshop = resolve(process.env['EMBER_WORKSHOP'] ?? '.workshop/demo');
const [asked] = process.argv.slice(2);

try {
	const copies = await listCopies(workshop);
	if (copies.length === 0)
		throw new Error(`There is no copy in ${workshop}. Another workshop: EMBER_WORKSHOP=some/folder npm run restore.`);
	if (asked === undefined) {
		console.log(`Copies of the workshop in ${workshop}:\n`);
		for (const [i, { at, bytes, pieces, how }] of copies.entries())
			console.log(
				`${String(i + 1).padStart(3)}  ${at.toLocaleString()}  ${(bytes / 1e6).toFixed(1)} MB  ${how === 'put-aside' ? 'put aside when a copy was put back' : ''}${how === 'by-hand' ? 'by hand, ' : ''}${pieces ? `${pieces.length} pieces: ${pieces.slice(0, 4).join(', ')}${pieces.length > 4 ? ', ...' : ''}` : ''}`
			);
		console.log('\nPut one back, beside what is there now: npm run restore -- 1');
	} else {
		const copy = copies[Number(asked) - 1];
		if (!copy) throw new Error(`There is no copy number ${asked}: they go from 1 to ${copies.length}.`);
		const lock = await lockWorkshop(workshop);
		try {
			const kept = await restoreCopy(workshop, copy.name, new Date());
			console.log(`The workshop is as it was on ${copy.at.toLocaleString()}. What was there is kept as ${kept} in ${workshop}.`);
		} finally {
			await lock.release();
		}
	}
} catch (error) {
	console.error(error instanceof Error ? error.message : error);
	process.exitCode = 1;
}
