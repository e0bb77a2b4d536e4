import { hostileCases, metDoor, stretched, type HostileCase } from '../../tests/hostile/cases';
import { readMeanwhile, wordWaits } from '../readMeanwhile';
import { READS, add, addPiece, end, inWorkshop, open, tell, type Demo } from './workshop';

/** One case, with its time; what is amiss is told. */
async function send(address: string, id: string, { name, method, path, headers, body, own, door }: HostileCase) {
	const made = own ? await add(address, JSON.stringify(own())) : '';
	const sent = body?.();
	const began = performance.now();
	const answer = await fetch(address + path.replace('{piece}', id).replace('{own}', made), {
		method,
		...(headers ? { headers } : {}),
		...(sent === undefined ? {} : { body: sent }),
		redirect: 'manual',
		signal: AbortSignal.timeout(20_000)
	}).catch((error: unknown) => String(error));
	const said = typeof answer === 'string' ? answer : await answer.text();
	const took = performance.now() - began;
	const status = typeof answer === 'string' ? 0 : answer.status;
	if (status === 0 || status >= 500) tell(`${name}: ${status} ${said.slice(0, 100)}`, false);
	else if (!metDoor(door, status, said)) tell(`${name}: never came to its door: ${status} ${said.slice(0, 100)}`, false);
	return { status, took, wasStopped: said.includes('"pool.') };
}

async function throughCases(what: string, cases: readonly HostileCase[]): Promise<void> {
	await inWorkshop(what, async (directory) => {
		const opened = await open(directory);
		const id = await addPiece(opened.address, 'Kept');
		const stop = readMeanwhile(opened.address);
		let [slowest, slowestName, read, ended] = [0, '', 0, 0];
		for (const one of cases) {
			const { status, took, wasStopped } = await send(opened.address, id, one);
			if (status < 300) read++;
			if (wasStopped) ended++;
			if (took > slowest) [slowest, slowestName] = [took, one.name];
		}
		tell(`${cases.length} answered, the slowest in ${(slowest / 1000).toFixed(1)} s (${slowestName})`, slowest < 2000);
		tell(`${read} were read and worked out, ${ended} ended with their process`);
		const waits = await stop();
		tell(wordWaits(waits), waits.most < READS.most && waits.worst < READS.worst);
		const kept = (await (await fetch(`${opened.address}/api/pieces/${id}`)).json()) as { document: Demo };
		tell('the piece beside it is as it was', kept.document.piece.name === 'Kept');
		await end(opened, 'SIGTERM');
	});
}

export const hostile = () => throughCases('Hostile input', hostileCases(900));
export const stretchedPieces = () =>
	throughCases(
		'Sound pieces with figures at their extremes',
		Array.from({ length: Number(process.env['EMBER_CASES'] ?? 2000) }, (_, i) => stretched(i + 1))
	);
