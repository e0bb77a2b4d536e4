import type { Colour } from './schema';

type Mixed = Pick<Colour, 'id' | 'mix'>;

/** Whether a mix comes, by however many others, from a colour itself. */
export function leadsTo(from: string, to: string, mixOf: ReadonlyMap<string, Colour['mix']>): boolean {
	const seen = new Set<string>();
	const open = [from];
	for (let next = open.pop(); next !== undefined; next = open.pop())
		for (const { colour } of mixOf.get(next) ?? []) {
			if (colour === to) return true;
			if (seen.has(colour)) continue;
			seen.add(colour);
			open.push(colour);
		}
	return false;
}

/**
 * What every colour of a palette comes to, by what the parts of its mix come to; each is worked out once, in however many mixes it is. Parts that
 * are not in the palette, or lead back to the mix, are left out: then, as for a colour that is not mixed, there are none. Source: methods 9 and 10.
 */
export function foldMixes<C extends Mixed, T>(
	palette: readonly C[],
	fold: (colour: C, parts: readonly { readonly of: T; readonly parts: number }[]) => T
): ReadonlyMap<string, T> {
	const byId = new Map(palette.map((colour) => [colour.id, colour]));
	const mixOf = new Map(palette.map(({ id, mix }) => [id, mix]));
	const known = new Map<string, T>();
	const find = (colour: C): T => {
		if (known.has(colour.id)) return known.get(colour.id)!;
		const parts = (colour.mix ?? []).flatMap(({ colour: id, parts: share }) => {
			const part = byId.get(id);
			return !part || id === colour.id || leadsTo(id, colour.id, mixOf) ? [] : [{ of: find(part), parts: share }];
		});
		const found = fold(colour, parts);
		known.set(colour.id, found);
		return found;
	};
	return new Map(palette.map((colour) => [colour.id, find(colour)]));
}
