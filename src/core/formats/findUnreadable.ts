import type { Issue } from '../units';

/** Values looked at in one document; a document of ours has far fewer. */
const MOST_VALUES = 2_000_000;

/**
 * The first text in a document that no database and no page can hold: with a NUL in it, or half of a sign (a lone surrogate), as a cut through an
 * emoji leaves it. Null where there is none. Walks without calling itself, however deep it is.
 */
export function findUnreadable(document: unknown): Issue | null {
	const open: { readonly value: unknown; readonly path: string }[] = [{ value: document, path: '' }];
	let looked = 0;
	for (let next = open.pop(); next !== undefined; next = open.pop()) {
		const { value, path } = next;
		if (++looked > MOST_VALUES) return { code: 'file.too-large', path: '', values: { most: MOST_VALUES / 1e6 } };
		if (typeof value === 'string') {
			if (!isReadable(value)) return { code: 'text.unreadable', path };
		} else if (Array.isArray(value)) value.forEach((inner, i) => open.push({ value: inner, path: `${path}[${i}]` }));
		else if (typeof value === 'object' && value !== null)
			for (const [key, inner] of Object.entries(value)) {
				const own = path === '' ? key : `${path}.${key}`;
				if (!isReadable(key)) return { code: 'text.unreadable', path };
				open.push({ value: inner, path: own });
			}
	}
	return null;
}

function isReadable(text: string): boolean {
	return !text.includes('\0') && !/\p{Surrogate}/u.test(text);
}
