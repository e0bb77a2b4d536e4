import { colourOf } from './kinds';
import { isFilm, type Coat } from './kinds/schema';

/** The coats, in which each touching up has the colour and the material of the coat that it mends. Where that is gone, or has no one colour, it keeps its own, and follows none. */
export function followTouchedUp(coats: readonly Coat[]): Coat[] {
	return coats.map((coat): Coat => {
		if (coat.kind !== 'touch-up' || coat.of === undefined) return coat;
		const source = coats.find(({ id }) => id === coat.of);
		const colour = source ? colourOf(source) : null;
		if (!source || source === coat || !isFilm(source) || typeof colour !== 'string') {
			const own = { ...coat };
			delete own.of;
			return own;
		}
		return coat.colour === colour && coat.material === source.material ? coat : { ...coat, colour, material: source.material };
	});
}
