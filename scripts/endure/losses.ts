import { JSON_TYPE, addPiece, end, inWorkshop, named, open, tell, type Demo } from './workshop';

export async function kills(): Promise<void> {
	await inWorkshop('Killed in a storm of saves', async (directory) => {
		/** Fewer for a short look. */
		const ROUNDS = Number(process.env['EMBER_ROUNDS'] ?? 200);
		let opened = await open(directory);
		const id = await addPiece(opened.address, 'Save 1');
		let [version, answered] = [1, 0];
		const starts: number[] = [];
		const [motifs, colours] = [new Set<string>(), new Set<string>()];
		const keep = async (path: string, value: { readonly id: string }, of: Set<string>) => {
			const answer = await fetch(opened.address + path, { method: 'POST', headers: JSON_TYPE, body: JSON.stringify(value) }).catch(
				() => null
			);
			/** Whole, or it was not answered for. */
			if (answer?.status === 201 && (await answer.text().catch(() => ''))) of.add(value.id);
		};
		for (let round = 0; round < ROUNDS; round++) {
			const before = answered;
			const storm = (async () => {
				for (;;) {
					const body = JSON.stringify({ version, document: named(`Save ${version + 1}`) });
					const answer = await fetch(`${opened.address}/api/pieces/${id}`, { method: 'PUT', headers: JSON_TYPE, body }).catch(() => null);
					const saved = (await answer?.json().catch(() => null)) as { version?: number } | null;
					if (!answer?.ok || !saved?.version) return;
					version = saved.version;
					answered++;
				}
			})();
			/** From the first that is answered on: its threads are there. */
			while (answered === before) await new Promise((resolve) => setTimeout(resolve, 5));
			const beside = (async () => {
				for (let i = 0; i < 4; i++) {
					const own = `r${round}-${i}`;
					await keep(
						'/api/motifs',
						{ id: own, name: own, width: 9, height: 9, paths: [{ d: 'M0 0H9V9Z', rule: 'nonzero' }] } as never,
						motifs
					);
					await keep('/api/colours', { id: own, name: own, hex: '#336699', opacity: 0.9 } as never, colours);
				}
			})();
			await new Promise((resolve) => setTimeout(resolve, (round * 37) % 400));
			await end(opened, 'SIGKILL');
			await Promise.all([storm, beside]);
			opened = await open(directory);
			starts.push(opened.took);
			for (const [path, of] of [
				['/api/motifs', motifs],
				['/api/colours', colours]
			] as const) {
				const there = new Set(((await (await fetch(opened.address + path)).json()) as { id: string }[]).map((one) => one.id));
				const lost = [...of].filter((one) => !there.has(one));
				if (lost.length > 0) tell(`round ${round}: ${path} lost ${lost.join()}`, false);
			}
			const now = (await (await fetch(`${opened.address}/api/pieces/${id}`)).json()) as { version: number; document: Demo };
			if (now.version < version || now.version > version + 1 || now.document.piece.name !== `Save ${now.version}`)
				tell(`round ${round}: answered for ${version}, found ${now.version} (${now.document.piece.name})`, false);
			version = now.version;
		}
		starts.sort((a, b) => a - b);
		const [most, worst] = [starts[Math.floor(0.95 * ROUNDS)]!, starts.at(-1)!];
		tell(`${ROUNDS} kills; answered for were ${answered} saves, ${motifs.size} motifs and ${colours.size} colours`);
		tell(`opened again in ${(most / 1000).toFixed(2)} s in 95 of 100, ${(worst / 1000).toFixed(2)} at most`, most < 2000 && worst < 4000);
		await end(opened, 'SIGTERM');
	});
}

export async function restores(): Promise<void> {
	await inWorkshop('Killed while a copy is put back', async (directory) => {
		const ROUNDS = 24;
		let opened = await open(directory);
		await addPiece(opened.address, 'Then');
		const { name } = (await (await fetch(`${opened.address}/api/copies`, { method: 'POST' })).json()) as { name: string };
		await addPiece(opened.address, 'Since');
		const seen = { before: 0, after: 0 };
		for (let round = 0; round < ROUNDS; round++) {
			const putting = fetch(`${opened.address}/api/copies/${name}`, { method: 'POST' }).catch(() => null);
			await new Promise((resolve) => setTimeout(resolve, 150 * round));
			await end(opened, 'SIGKILL');
			await putting;
			opened = await open(directory);
			const pieces = ((await (await fetch(`${opened.address}/api/pieces`)).json()) as { name: string }[])
				.map((one) => one.name)
				.sort()
				.join();
			if (pieces === 'Then') {
				seen.after++;
				await addPiece(opened.address, 'Since');
			} else if (pieces === 'Since,Then') seen.before++;
			else tell(`round ${round}: found ${pieces || 'nothing'}`, false);
		}
		tell(`${ROUNDS} kills: ${seen.before} times as before, ${seen.after} times put back`);
		const aside = ((await (await fetch(`${opened.address}/api/copies`)).json()) as { how: string }[]).filter(
			({ how }) => how === 'put-aside'
		).length;
		tell(`${aside} put aside are in the list`, aside >= seen.after);
		await end(opened, 'SIGTERM');
	});
}
