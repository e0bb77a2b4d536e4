import type { Minutes } from '../units';
import type { Remedy } from './remedy';
import type { Layer } from './stackLayers';

export type RuleKind = 'must' | 'should' | 'school' | 'note';

/** How far a layer must have come: laid, dry to the touch, tacky, tacky no more, past its recoat, hard at the earliest or for certain; half set, so that it can be dabbed; begun to set, so that it can be worked no more; a wax that has set, and one that is hard; or so many minutes old. What that means in minutes here, `schedule` knows. */
export type Readiness =
	'laid' | 'touch-dry' | 'tacky' | 'tack-lost' | 'recoat' | 'hardening' | 'hard' | 'half-set' | 'set' | 'wax-set' | 'wax-hard' | Minutes;

/** What has to pass from the end of one step to the beginning of another at least, and to its end at most. Data: it sees no clock. */
export interface Arc {
	readonly rule: string;
	readonly before: Layer;
	readonly after: Layer;
	/** Surfaces where the two meet. */
	readonly where: readonly string[];
	/** Sooner is wrong. */
	readonly least: Readiness;
	/** Waited for where the painter says nothing: never less than `least`. */
	readonly asks: Readiness;
	/** A window: what is not done by then is too late, surface by surface; null: it may be as late as it likes. */
	readonly most: Readiness | null;
	/** How wrong. */
	readonly kind: RuleKind;
	/** What is wrong when it is begun too soon, or done too late: from how long that was and how long it needs, in words. */
	readonly what: (took: string, needs: string, isLate: boolean) => string;
	readonly why: string;
	/** What helps where it is too late, besides giving up waits of the painter's own. */
	readonly ifLate?: readonly Remedy[];
}
