import { asList, asObject, type Loose } from './loose';

/**
 * In version 6 a face was its frame to a coat, and all of it to a zone or an arrangement; a part was itself alone to a coat, without
 * what lies on it. Now a place means one thing to all three: a coat names the frame of a face, and what is left of a part, where it meant that.
 */
export function upgradeFrom6(document: Loose): Loose {
	const finish = asObject(document['finish']);
	if (!Array.isArray(finish['coats'])) return { ...document, version: 7 };
	const naming = readNaming(asList(asObject(document['piece'])['faces']));
	return { ...document, version: 7, finish: { ...finish, coats: asList(finish['coats']).map((coat) => withPlaces(coat, naming)) } };
}

interface Naming {
	/** Faces and parts that others lie on, by what a coat meant with their name. */
	readonly written: ReadonlyMap<string, string>;
	/** Rails and the like, which a coat could name and did not reach. */
	readonly members: ReadonlySet<string>;
}

function readNaming(faces: readonly unknown[]): Naming {
	const written = new Map<string, string>();
	const members = new Set<string>();
	const readChain = (chain: readonly unknown[]) => {
		for (const link of chain.map(asObject)) {
			const { id, role, split } = link;
			if (typeof id !== 'string') continue;
			if (['rail', 'stile', 'plinth', 'apron'].includes(String(role))) members.add(id);
			else if (split !== undefined && role !== 'row') written.set(id, `${id}/rest`);
			readChain(asList(asObject(split)['chain']));
		}
	};
	for (const face of faces.map(asObject)) {
		const [chain, parts] = [asList(face['chain']), asList(face['parts'])];
		if (typeof face['id'] === 'string' && chain.length + parts.length > 0) written.set(face['id'], `${face['id']}/frame`);
		readChain(chain);
		for (const { on } of parts.map(asObject)) if (typeof on === 'string' && !written.has(on)) written.set(on, `${on}/rest`);
	}
	return { written, members };
}

function withPlaces(coat: unknown, { written, members }: Naming): unknown {
	const { on } = asObject(coat);
	if (!Array.isArray(on)) return coat;
	const reached = on.filter((id) => !members.has(String(id)));
	return { ...asObject(coat), on: (reached.length > 0 ? reached : on).map((id) => written.get(String(id)) ?? id) };
}
