import type { Applicator, ColourSource } from './fields';
import type { CoatKind, Site, Take } from './types';

/** Gone over in a minute by one person, m2: starting figures of ours, for the log to correct. */
export const RATES: Readonly<Record<Applicator, number>> = { brush: 0.1, roller: 0.2, sponge: 0.12, spray: 0.4, cloth: 0.15, trowel: 0.02 };
/** To hold a sheet in place and lift it again, minutes a motif. */
const SHEET = 1.5;

type Defaults = Omit<CoatKind<object>, 'word' | 'phase' | 'starts' | 'where' | 'traits'>;

/** Of a step without a material: it takes nothing and is not seen. */
export const STEP: Defaults = {
	materials: [],
	colour: () => null,
	amount: () => 0,
	takes: () => [],
	work: () => 0,
	bench: () => 0,
	passes: () => ({ count: 1, rest: 0 }),
	lays: () => null,
	tools: () => [],
	steps: () => [],
	cautions: [],
	look: () => ({ effect: 'none' }),
	detail: () => ''
};

interface Film {
	readonly times: number;
	readonly thickness: number;
	readonly applicator: Applicator;
}

/** Of a step that leaves a film in no colour of the palette. */
export const FILM: Omit<CoatKind<Film>, 'word' | 'phase' | 'starts' | 'where' | 'traits' | 'materials'> = {
	...STEP,
	amount: ({ times, thickness }) => times * thickness,
	takes: (_coat, site) => takeIn(null, site),
	work: (coat, site) => workOver(coat, site, RATES[coat.applicator]),
	passes: ({ times }) => ({ count: times, rest: 0 }),
	tools: ({ applicator }) => [{ tool: applicator, count: 1 }],
	look: () => ({ effect: 'paint' })
};

/** What goes where a coat goes: in one colour, or in each of the colours of its zone. */
export function takeIn(colour: ColourSource | null, { area, open, shares }: Site): Take[] {
	if (colour !== null && typeof colour !== 'string') return [...shares];
	return [{ colour, area: open?.area ?? area }];
}

/** Minutes for all passes at so many m2 a minute, and for the sheets that are held. */
export function workOver({ times }: { readonly times: number }, { area, open }: Site, rate: number): number {
	return times * ((open?.area ?? area) / rate + (open?.motifs ?? 0) * SHEET);
}
