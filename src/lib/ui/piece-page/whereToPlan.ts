import type { FirstPlan } from '$lib/ui/piece-state';

/** What the card of a piece knows of its plan. */
export interface KnownOfPlan {
	readonly version: number;
	/** Of the save that the card was made of. */
	readonly cardVersion: number | null;
	readonly card: { readonly kind: string; readonly took?: number; readonly why?: string } | null;
}

/** What takes longer is planned beside the page, ms. */
const FITS = 300;

/** Where a piece is planned first. What its card does not say of this very save is found out beside the page; what took its process along is not begun by itself. */
export function whereToPlan({ version, cardVersion, card }: KnownOfPlan): FirstPlan {
	if (card === null || cardVersion !== version) return 'elsewhere';
	if (card.kind === 'stopped' && card.why === 'too-big') return 'asked';
	return card.kind === 'sound' && card.took !== undefined && card.took <= FITS ? 'here' : 'elsewhere';
}
