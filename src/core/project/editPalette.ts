import { followMixes, type Colour } from '../colour';
import { colourOf, whereOf, wordCoat } from '../layers';
import { LONGEST_NAME } from '../units';
import type { Project } from './project';

/** Puts a changed colour in the place of the one with its id, or adds it; every mix that has it among its parts follows. */
export function setColour(project: Project, colour: Colour): Project {
	const isThere = project.palette.some(({ id }) => id === colour.id);
	const palette = isThere ? project.palette.map((other) => (other.id === colour.id ? colour : other)) : [...project.palette, colour];
	return { ...project, palette: followMixes(palette) };
}

/**
 * A name for a new mix: its parts in order. A part that is named by its own parts stands in brackets, `2 (3 Hull white, 1 Sand bar)`: without them the
 * whole reads as another recipe. What is too long for a name ends with a whole part and says that there is more.
 */
export function nameMix(used: readonly { readonly colour: Pick<Colour, 'name'>; readonly parts: number }[]): string {
	const words = used.map(({ colour, parts }) => `${parts} ${colour.name.includes(', ') ? `(${colour.name})` : colour.name}`);
	for (let count = words.length; count > 0; count--) {
		const name = [...words.slice(0, count), ...(count < words.length ? ['and more'] : [])].join(', ');
		if (name.length <= LONGEST_NAME) return name;
	}
	return 'A mix';
}

/** What a colour is used for, in words; empty where it can be taken out. */
export function usesOfColour({ palette, layout, finish }: Project, id: string): string[] {
	return [
		...finish.coats.flatMap((coat) => {
			if (colourOf(coat) !== id && !('heart' in coat && coat.heart === id)) return [];
			const through = layout.arrangements.find((one) => one.id === whereOf(coat).through);
			return [through?.name ?? `a ${wordCoat(coat).toLowerCase()}`];
		}),
		...layout.zones.filter(({ colours }) => colours.includes(id)).map(({ name }) => name),
		...palette.filter(({ mix }) => mix?.some(({ colour }) => colour === id)).map(({ name }) => name)
	];
}

/** Takes a colour out of the palette. Throws RangeError where something still uses it: see `usesOfColour`. */
export function dropColour(project: Project, id: string): Project {
	const uses = usesOfColour(project, id);
	if (uses.length > 0) throw new RangeError(`dropColour(${id}): it is still used for ${uses.join(', ')}`);
	return { ...project, palette: project.palette.filter((colour) => colour.id !== id) };
}
