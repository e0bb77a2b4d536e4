import type { Applicator, ColourSource } from './fields';
import type { Rates } from '../rates';
import type { CoatKind, Site, Take } from './types';

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
	sections: () => null,
	worksWet: false,
	hands: () => 1,
	needs: () => [],
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
	work: (coat, site, rates) => workOver(coat, site, rates),
	passes: ({ times }) => ({ count: times, rest: 0 }),
	tools: ({ applicator }) => [{ tool: applicator, count: 1 }],
	look: () => ({ effect: 'paint' })
};

/** What goes where a coat goes: in one colour, or in each of the colours of its zone. */
export function takeIn(colour: ColourSource | null, { area, open, shares }: Site): Take[] {
	if (colour !== null && typeof colour !== 'string') return [...shares];
	return [{ colour, area: open?.area ?? area }];
}

/** Minutes for all passes with an applicator, and for the sheets that are held. */
function workOver({ times, applicator }: Film, site: Site, rates: Rates): number {
	return times * ((site.open?.area ?? site.area) / rates[applicator] + sheetsHeld(site) * rates['hold-sheet']);
}

/** How often a sheet is held in one pass: once for each lay, or for each motif where a sheet has no more than one. */
export function sheetsHeld({ lays, open }: Pick<Site, 'lays' | 'open'>): number {
	return lays?.count ?? open?.motifs ?? 0;
}
