import type { Material } from './material';
import type { Coat, CoatKind } from './schema';

export const COAT_WORDS: Readonly<Record<CoatKind, string>> = {
	clean: 'Cleaning',
	dust: 'Dusting off',
	sand: 'Sanding',
	'hardware-off': 'Hardware off',
	'hardware-masked': 'Hardware masked',
	'hardware-on': 'Hardware back on',
	prime: 'Primer',
	base: 'Base coat',
	blend: 'Blended coat',
	stencil: 'Stencil',
	clear: 'Clear coat',
	wax: 'Wax'
};

/** The name of a step within a sentence: `the base coat (chalk-type paint)`. */
export function nameCoat(coat: Coat, material: Material | null): string {
	const word = COAT_WORDS[coat.kind].toLowerCase();
	return material ? `the ${word} (${material.name.toLowerCase()})` : `the ${word}`;
}
