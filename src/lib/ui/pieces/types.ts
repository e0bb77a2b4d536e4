import type { Stage } from '$core/plan';
import type { LengthUnit } from '$core/units';

/** What the list tells of a sound piece: as it was saved last, mm. */
interface SoundCard {
	readonly kind: 'sound';
	readonly units: LengthUnit;
	readonly stage: Stage;
	readonly width: number;
	readonly height: number;
	readonly estimated: boolean;
	readonly stands: boolean;
	readonly isBox: boolean;
}

/** A piece as the workshop lists it. */
export interface ListedPiece {
	readonly id: string;
	readonly name: string;
	readonly version: number;
	/** As it was made at some save; null where none was made yet. */
	readonly card:
		| SoundCard
		| { readonly kind: 'faulty'; readonly faults: readonly { readonly path: string; readonly message: string }[] }
		| { readonly kind: 'stopped' }
		| null;
	readonly cardVersion: number | null;
}
