import { z } from 'zod';
import { type APPLICATORS } from './kinds/fields';
import { type BLEND_METHODS } from './methods/schema';

/** How a rate counts: m2, or m, done in a minute; minutes for each piece, or each ml. */
export type RateUnit = 'm2 a minute' | 'm a minute' | 'minutes each' | 'minutes a ml';

interface Rate {
	readonly says: string;
	readonly unit: RateUnit;
	/** A starting figure of ours. */
	readonly usual: number;
}

/** How fast each kind of work goes, by one person: by applicator, by method of blending, by what else is done. A new rate is a line here. Source: craft 3 to 13. */
export const RATE_TABLE = {
	brush: { says: 'Laid by brush', unit: 'm2 a minute', usual: 0.1 },
	roller: { says: 'Laid by roller', unit: 'm2 a minute', usual: 0.2 },
	sponge: { says: 'Laid by sponge', unit: 'm2 a minute', usual: 0.12 },
	spray: { says: 'Sprayed', unit: 'm2 a minute', usual: 0.4 },
	cloth: { says: 'Rubbed on by cloth', unit: 'm2 a minute', usual: 0.15 },
	dip: { says: 'Dipped, and drained', unit: 'm2 a minute', usual: 0.05 },
	trowel: { says: 'Trowelled', unit: 'm2 a minute', usual: 0.02 },
	'mist-and-feather': { says: 'Blended by mist and feather', unit: 'm2 a minute', usual: 0.04 },
	'glaze-slip': { says: 'Blended in a slip of glaze', unit: 'm2 a minute', usual: 0.03 },
	'loaded-brush': { says: 'Blended with a loaded brush', unit: 'm2 a minute', usual: 0.06 },
	'running-colour': { says: 'Colour let run', unit: 'm2 a minute', usual: 0.05 },
	'sponge-on-sponge': { says: 'Blended sponge on sponge', unit: 'm2 a minute', usual: 0.03 },
	'dry-drag': { says: 'Dragged dry', unit: 'm2 a minute', usual: 0.05 },
	'layer-and-wear': { says: 'Laid and worn back', unit: 'm2 a minute', usual: 0.08 },
	clean: { says: 'Washed', unit: 'm2 a minute', usual: 0.25 },
	dust: { says: 'Dusted', unit: 'm2 a minute', usual: 0.5 },
	scuff: { says: 'Scuffed', unit: 'm2 a minute', usual: 0.25 },
	'sand-to-key': { says: 'Sanded to key it', unit: 'm2 a minute', usual: 0.08 },
	'sand-to-bare': { says: 'Sanded to the bare ground', unit: 'm2 a minute', usual: 0.02 },
	glaze: { says: 'Glazed and wiped back', unit: 'm2 a minute', usual: 0.06 },
	gild: { says: 'Gilding wax rubbed on', unit: 'm2 a minute', usual: 0.03 },
	tighten: { says: 'A joint or a screw tightened', unit: 'minutes each', usual: 3 },
	'glue-joint': { says: 'A joint glued and clamped, a plug or a patch set in', unit: 'minutes each', usual: 8 },
	'fill-damage': { says: 'A gouge or a corner built up', unit: 'minutes each', usual: 4 },
	scrape: { says: 'Runs and blobs scraped off', unit: 'm2 a minute', usual: 0.2 },
	rinse: { says: 'Rinsed and wiped dry', unit: 'm2 a minute', usual: 0.3 },
	hold: { says: 'A door held shut', unit: 'minutes each', usual: 2 },
	wash: { says: 'A wash laid and wiped', unit: 'm2 a minute', usual: 0.12 },
	stain: { says: 'Stain laid and wiped', unit: 'm2 a minute', usual: 0.1 },
	'wipe-back': { says: 'Paint laid and wiped back', unit: 'm2 a minute', usual: 0.05 },
	soften: { says: 'Running colour dabbed soft', unit: 'm2 a minute', usual: 0.1 },
	'wipe-edges': { says: 'Wet edges wiped', unit: 'm a minute', usual: 4 },
	comb: { says: 'Paint laid and combed', unit: 'm2 a minute', usual: 0.04 },
	'dry-brush': { says: 'Brushed over nearly dry', unit: 'm2 a minute', usual: 0.08 },
	pen: { says: 'A line drawn', unit: 'm a minute', usual: 0.4 },
	'touch-up': { says: 'A place touched up', unit: 'minutes each', usual: 1.5 },
	size: { says: 'Size laid', unit: 'm2 a minute', usual: 0.08 },
	leaf: { says: 'Leaf laid and brushed off', unit: 'm2 a minute', usual: 0.015 },
	crackle: { says: 'Crackle laid', unit: 'm2 a minute', usual: 0.12 },
	powder: { says: 'Powder dusted on and brushed off', unit: 'm2 a minute', usual: 0.15 },
	'distress-dry': { says: 'Rubbed through dry', unit: 'm2 a minute', usual: 0.1 },
	'distress-wet': { says: 'Rubbed through with a damp cloth', unit: 'm2 a minute', usual: 0.08 },
	transfer: { says: 'A transfer laid out and rubbed on', unit: 'm2 a minute', usual: 0.01 },
	burnish: { says: 'Burnished', unit: 'm2 a minute', usual: 0.08 },
	paper: { says: 'Paper glued and smoothed', unit: 'm2 a minute', usual: 0.02 },
	buff: { says: 'Buffed', unit: 'm2 a minute', usual: 0.2 },
	heat: { says: 'Gone over with a heat gun or a dryer', unit: 'm2 a minute', usual: 0.02 },
	'fill-holes': { says: 'Filler pressed in', unit: 'minutes a ml', usual: 2 },
	'hold-sheet': { says: 'A sheet held in place and lifted', unit: 'minutes each', usual: 1.5 },
	'wash-tool': { says: 'A brush, sponge or pad washed', unit: 'minutes each', usual: 2 },
	'wash-sheet': { says: 'A sheet washed', unit: 'minutes each', usual: 3 },
	'lay-sheet': { says: 'A sheet held to its marks, filled with paste, lifted and washed', unit: 'minutes each', usual: 3 },
	'make-cast': { says: 'A cast pressed, shaved flat and turned out', unit: 'minutes each', usual: 4 },
	'fit-piece': { says: 'An ornament fitted dry, its outline pencilled', unit: 'minutes each', usual: 1 },
	'bend-piece': { says: 'An ornament warmed, bent and pressed down', unit: 'minutes each', usual: 3 },
	'glue-cast': { says: 'A cast glued and pressed on', unit: 'minutes each', usual: 1.5 },
	'tape-cast': { says: 'A cast taped where the face stands', unit: 'minutes each', usual: 1 },
	'cut-cast': { says: 'A cast sawn through at a gap, its edges eased', unit: 'minutes each', usual: 3 },
	tape: { says: 'Tape laid and pressed down', unit: 'm a minute', usual: 2 },
	'seal-tape': { says: 'Edges of tape sealed', unit: 'm a minute', usual: 4 },
	mask: { says: 'Taped round and papered', unit: 'm a minute', usual: 0.8 },
	unmask: { says: 'A mask taken off', unit: 'm a minute', usual: 2 },
	'hardware-off': { says: 'Hardware taken off', unit: 'minutes each', usual: 2 },
	'hardware-masked': { says: 'Hardware masked', unit: 'minutes each', usual: 2 },
	'hardware-on': { says: 'Hardware put back', unit: 'minutes each', usual: 3 }
} as const satisfies Readonly<Record<string, Rate>> & Readonly<Record<(typeof APPLICATORS)[number] | (typeof BLEND_METHODS)[number], Rate>>;

export type RateId = keyof typeof RATE_TABLE;
const RATE_IDS = Object.keys(RATE_TABLE) as [RateId, ...RateId[]];

/** Of every rate its figure, in its own unit. */
export type Rates = Readonly<Record<RateId, number>>;

/** Nobody works slower or faster: areas and lengths would be done in no time, or never. */
const RATE_LIMITS = { least: 0.001, most: 100 };

export const OwnRatesSchema = z.partialRecord(z.enum(RATE_IDS), z.number().min(RATE_LIMITS.least).max(RATE_LIMITS.most)).meta({
	description: 'How fast this workshop works, where it is not as we begin from: m2 or m a minute, minutes each, or minutes a ml.'
});
export type OwnRates = z.infer<typeof OwnRatesSchema>;

/** What we begin from. */
export const USUAL_RATES = Object.fromEntries(Object.entries(RATE_TABLE).map(([id, { usual }]) => [id, usual])) as unknown as Rates;

/** What a workshop knows of itself, and our starting figures for the rest. */
export function ratesOf(own: OwnRates = {}): Rates {
	return { ...USUAL_RATES, ...own };
}
