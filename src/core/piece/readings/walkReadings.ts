import type { Face, Reading } from '../schema';

/** Every reading of a chain and of the chains within it, with its path from the chain's own. */
export function walkReadings(chain: readonly Reading[], path = ''): { readonly entry: Reading; readonly path: string }[] {
	return chain.flatMap((entry, i) => {
		const here = `${path}[${i}]`;
		return [{ entry, path: here }, ...(entry.split ? walkReadings(entry.split.chain, `${here}.split.chain`) : [])];
	});
}

/** Ids of all parts that a face has: by its chains, and laid on. */
export function partIdsOf(face: Face): string[] {
	const divided = walkReadings(face.chain).flatMap(({ entry }) => (entry.role === 'gap' || entry.role === 'row' ? [] : [entry.id]));
	return [...divided, ...face.parts.map(({ id }) => id)];
}
