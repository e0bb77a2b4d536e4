/** Set as a page of a piece is left while a save of it is on its way: the page that is loaded next must find what that brings. */
export const LEAVING = 'ember-leaving';

/** What the page says as it is left: the piece, and the version that the save is made on. It is forgotten soon. */
export const writeLeaving = (piece: string, version: number) => `${LEAVING}=${piece}.${version}; path=/; max-age=5; samesite=strict`;

/** The version that is being saved over, where it is this piece; null where none is. */
export function readLeaving(said: string | undefined, piece: string): number | null {
	const [of, version] = (said ?? '').split('.');
	return of === piece && version !== undefined && /^\d{1,10}$/.test(version) ? Number(version) : null;
}
