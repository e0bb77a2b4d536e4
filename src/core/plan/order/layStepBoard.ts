import type { OrderStep } from '../types';

/** A step of the order on a step board: what it is on one surface, and how far along the board it lies. */
export interface BoardStep {
	readonly coat: string;
	/** A slab over all before it; raised where it stands up through openings; a mark for work without film; elsewhere where it is on other surfaces only. */
	readonly kind: 'slab' | 'raised' | 'mark' | 'elsewhere';
	/** Root of the dry film in µm: a wax of 5 µm and two coats of 100 µm are both to be seen. 0 for marks and elsewhere. */
	readonly height: number;
	/** The arrangement that it stands in; null for slabs. */
	readonly through: string | null;
	/** The step that takes it off again on this surface, by its place; null: it lies to the end of the board. */
	readonly endsBy: number | null;
}

/** The finish of one surface as painters make a step board: each coat begins at its own step and lies over all before it to the end. */
export function layStepBoard(order: readonly OrderStep[], surface: string): BoardStep[] {
	return order.map(({ coat, traits, film, through, surfaces, takenOff }) => {
		const here = surfaces.includes(surface);
		const kind = !traits.film ? 'mark' : !here ? 'elsewhere' : through !== null ? 'raised' : 'slab';
		const lies = kind === 'slab' || kind === 'raised';
		const barer = takenOff.find((one) => one.surface === surface)?.by;
		return {
			coat,
			kind,
			height: lies ? Math.sqrt(film) : 0,
			through: lies ? through : null,
			endsBy: lies && barer !== undefined ? order.findIndex((step) => step.coat === barer) : null
		};
	});
}
