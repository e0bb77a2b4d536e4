import type { Material, MaterialKind } from '$core/layers';

/** Under which heading a material stands in a list. */
export const KIND_WORDS: Readonly<Record<MaterialKind, string>> = {
	cleaner: 'cleaners',
	water: 'water',
	glue: 'glues',
	filler: 'fillers',
	primer: 'primers',
	paint: 'paints',
	stain: 'stains',
	extender: 'extenders',
	mineral: 'powders to stir in',
	glaze: 'glazes',
	crackle: 'crackles',
	gilding: 'for gilding',
	'liquid-gilding': 'liquid gilding',
	size: 'sizes',
	leaf: 'leaf',
	powder: 'dusting powders',
	ink: 'pens and inks',
	paste: 'pastes',
	casting: 'castings',
	transfer: 'transfers',
	paper: 'paper',
	medium: 'mediums',
	clear: 'clear coats',
	wax: 'waxes'
};

export const CARRIER_WORDS: Readonly<Record<Material['carrier'], string>> = {
	water: 'water-based',
	oil: 'oil-based',
	shellac: 'shellac',
	wax: 'wax'
};
