import { colourOf, isFilm, type PaintedCoat } from '$core/layers';
import type { Plan } from '$core/plan';
import type { Project } from '$core/project';

/** Paints of one colour that lie on surfaces, in their order: what can be touched up. */
export function listPainted({ finish }: Project, { order }: Plan): PaintedCoat[] {
	return order.flatMap(({ coat: id, traits, label, through }) => {
		const coat = finish.coats.find((one) => one.id === id);
		const colour = coat ? colourOf(coat) : null;
		return coat && coat.kind !== 'touch-up' && isFilm(coat) && traits.paints && through === null && typeof colour === 'string'
			? [{ coat: id, name: label.toLowerCase(), colour, material: coat.material }]
			: [];
	});
}
