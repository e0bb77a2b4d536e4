import { asList, asObject, type Loose } from './loose';

/** In version 5 a wait belonged to the step before it; now to the step that waits. That of the last step waited for nothing, and is gone. */
export function upgradeFrom5(document: Loose): Loose {
	const finish = asObject(document['finish']);
	if (!Array.isArray(finish['coats'])) return { ...document, version: 6 };
	const coats = asList(finish['coats']);
	const waits = coats.map((coat) => asObject(coat)['wait']);
	return { ...document, version: 6, finish: { ...finish, coats: coats.map((coat, i) => withWait(coat, i === 0 ? null : waits[i - 1])) } };
}

/** A step that is none, or had no wait at all, is left for the schema to name. */
function withWait(coat: unknown, wait: unknown): unknown {
	return 'wait' in asObject(coat) ? { ...asObject(coat), wait: wait ?? null } : coat;
}
