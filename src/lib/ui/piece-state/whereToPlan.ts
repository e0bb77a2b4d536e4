import { FITS_FIRST, type FirstPlan } from './Planning.svelte';

/** What the card of a piece knows of its plan. */
export interface CardOfPlan {
	/** Of the save that the card was made of. */
	readonly cardVersion: number | null;
	readonly card:
		| { readonly kind: 'sound'; readonly took: number }
		| { readonly kind: 'stopped'; readonly why: string }
		| { readonly kind: 'faulty' }
		| null;
}

/** Where a piece is planned first. What its card does not say of this very save is found out beside the page; what took its process along is not begun by itself. */
export function whereToPlan(version: number, { cardVersion, card }: CardOfPlan): FirstPlan {
	if (card === null || cardVersion !== version) return 'elsewhere';
	if (card.kind === 'stopped' && card.why === 'too-big') return 'asked';
	return card.kind === 'sound' && card.took <= FITS_FIRST ? 'here' : 'elsewhere';
}
