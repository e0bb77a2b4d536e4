import type { Issue } from '../units';

/** Values looked at in one document; a document of ours has far fewer. */
const MOST_VALUES = 2_000_000;
/** One in another: what is deeper no program could give back. */
const MOST_DEEP = 500;

/**
 * What of a document no database and no page can hold: a text with a NUL in it, or half of a sign (a lone surrogate), as a cut through an emoji
 * leaves it; or all of it, where it is too large or too deep. Null where there is none. Walks without calling itself, however deep it is.
 */
export function findUnreadable(document: unknown): Issue | null {
	const open: { readonly value: unknown; readonly path: string; readonly deep: number }[] = [{ value: document, path: '', deep: 0 }];
	let looked = 0;
	for (let next = open.pop(); next !== undefined; next = open.pop()) {
		const { value, path, deep } = next;
		if (deep > MOST_DEEP) return { code: 'file.too-deep', path: '', values: { most: MOST_DEEP } };
		if (++looked > MOST_VALUES) return { code: 'file.too-large', path: '', values: { most: MOST_VALUES / 1e6 } };
		if (typeof value === 'string') {
			if (!isReadable(value)) return { code: 'text.unreadable', path };
		} else if (Array.isArray(value)) value.forEach((inner, i) => open.push({ value: inner, path: `${path}[${i}]`, deep: deep + 1 }));
		else if (typeof value === 'object' && value !== null)
			for (const [key, inner] of Object.entries(value)) {
				const own = path === '' ? key : `${path}.${key}`;
				if (!isReadable(key)) return { code: 'text.unreadable', path };
				open.push({ value: inner, path: own, deep: deep + 1 });
			}
	}
	return null;
}

function isReadable(text: string): boolean {
	return !text.includes('\0') && !/\p{Surrogate}/u.test(text);
}
