import type { Mm, Um } from '../../units';
import type { Material } from '../material';
import { base } from './base';
import { blend } from './blend';
import { cast } from './cast';
import { clean } from './clean';
import { clear } from './clear';
import { cut } from './cut';
import { dust } from './dust';
import type { ColourSource } from './fields';
import { filler } from './filler';
import { gildingWax } from './gildingWax';
import { glaze } from './glaze';
import { hardwareMasked } from './hardwareMasked';
import { hardwareOff } from './hardwareOff';
import { hardwareOn } from './hardwareOn';
import { paste } from './paste';
import { prime } from './prime';
import { sand } from './sand';
import { mask } from './mask';
import { isFilm, type Coat, type FilmCoat } from './schema';
import { scuff } from './scuff';
import { stencil } from './stencil';
import { stripe } from './stripe';
import type { CoatKind, Where } from './types';
import { unmask } from './unmask';
import { wax } from './wax';
import { wipeEdges } from './wipeEdges';
import { tighten } from './tighten';
import { glue } from './glue';
import { fillDamage } from './fillDamage';
import { scrape } from './scrape';
import { rinse } from './rinse';
import { holdDoor } from './holdDoor';
import { wash } from './wash';
import { stain } from './stain';
import { wipeBack } from './wipeBack';
import { soften } from './soften';
import { comb } from './comb';
import { dryBrush } from './dryBrush';
import { pen } from './pen';
import { touchUp } from './touchUp';
import { size } from './size';
import { leaf } from './leaf';
import { liquidGilding } from './liquidGilding';
import { crackle } from './crackle';
import { powder } from './powder';
import { distress } from './distress';
import { transfer } from './transfer';
import { burnish } from './burnish';
import { paper } from './paper';
import { buff } from './buff';
import { heat } from './heat';

/** Every kind of coat, in the order in which they are offered. A new one is a file, a member of the union of schemas and a line here. */
export const KINDS: { readonly [Kind in Coat['kind']]: CoatKind<Extract<Coat, { kind: Kind }>> } = {
	'hardware-off': hardwareOff,
	'hardware-masked': hardwareMasked,
	'hold-door': holdDoor,
	tighten,
	glue,
	clean,
	rinse,
	dust,
	filler,
	'fill-damage': fillDamage,
	scrape,
	sand,
	scuff,
	prime,
	base,
	stain,
	wash,
	blend,
	soften,
	'wipe-edges': wipeEdges,
	comb,
	stencil,
	pen,
	paste,
	cast,
	cut,
	heat,
	transfer,
	paper,
	burnish,
	stripe,
	mask,
	unmask,
	glaze,
	'wipe-back': wipeBack,
	crackle,
	distress,
	size,
	leaf,
	'gilding-wax': gildingWax,
	'liquid-gilding': liquidGilding,
	'dry-brush': dryBrush,
	'touch-up': touchUp,
	clear,
	wax,
	powder,
	buff,
	'hardware-on': hardwareOn
};

/** The kind of a coat, whatever it is: it is only ever asked about that one. */
export function kindOfCoat(coat: Coat): CoatKind<Coat> {
	return KINDS[coat.kind] as unknown as CoatKind<Coat>;
}

/** What a step is called: `Base coat`. */
export function wordCoat(coat: Coat): string {
	return kindOfCoat(coat).word;
}

/** The name of a step within a sentence: `the base coat (chalk-type paint)`. */
export function nameCoat(coat: Coat, material: Material | null): string {
	const word = wordCoat(coat).toLowerCase();
	const name = material?.name.toLowerCase();
	return name === undefined || name === word ? `the ${word}` : `the ${word} (${name})`;
}

export function whereOf(coat: Coat): Where {
	return kindOfCoat(coat).where(coat);
}

/** The colour of the palette that a coat is of, or the zone whose colours it takes; null where it brings none. */
export function colourOf(coat: Coat): ColourSource | null {
	return kindOfCoat(coat).colour(coat);
}

/** Dry film of a coat: what its material leaves, or as high as the moulds of what it goes through. */
export function filmOfCoat(coat: Coat, material: Material | null, height: Mm | null): Um {
	const { film } = kindOfCoat(coat);
	if (film) return film(coat, height);
	return isFilm(coat) && material ? amountOfCoat(coat) * material.film : 0;
}

/** How many normal coats' worth of material a coat lays: of its film, its paint and its cover alike. */
export function amountOfCoat(coat: FilmCoat): number {
	return kindOfCoat(coat).amount(coat);
}

/** Whether steps of its kind are done with a material of the shelf. */
export function needsMaterial(coat: Coat): coat is Extract<Coat, { material: string }> {
	return kindOfCoat(coat).materials.length > 0;
}

/** The material of a coat; undefined for steps without one, and where it is not known. */
export function materialOf(coat: Coat, materials: ReadonlyMap<string, Material>): Material | undefined {
	return needsMaterial(coat) ? materials.get(coat.material) : undefined;
}

/** The coat in one colour of the palette in place of the one it has. */
export function recolour(coat: Coat, colour: string): Coat {
	return 'colour' in coat ? { ...coat, colour } : coat;
}
