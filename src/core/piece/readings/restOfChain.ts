import type { Mm } from '../../units';
import type { Chain } from './chain';
import type { ChainReading } from './chainReading';
import type { LengthInput } from './lengths';

const REST = /^\s*(the\s+)?rest\s*$/i;

/** Whether a link is not measured but what its chain leaves: `rest`, or `the rest`. */
export function isRest(reading: LengthInput): boolean {
	return typeof reading === 'string' && REST.test(reading);
}

export type Rest =
	| { readonly kind: 'found'; readonly mm: Mm }
	/** Something else of the chain, or what it adds up to, is not known yet. */
	| { readonly kind: 'waiting' }
	/** Fault `none`: nothing is left for it; `twice`: another link is the rest already; `graded`: a rule shares it out among the fronts. */
	| { readonly kind: 'fault'; readonly fault: 'none' | 'twice' | 'graded'; readonly left: Mm };

/**
 * What a chain leaves for the link that is its rest, mm: what it has to add up to, less all others. One link of a chain at
 * most, and none where a rule of sizes shares out what is left.
 */
export function restOfChain(
	chain: Pick<Chain, 'readings' | 'overall'>,
	at: number,
	lengths: readonly (ChainReading | null)[],
	graded: number
): Rest {
	if (chain.readings.findIndex(({ reading }) => isRest(reading)) !== at) return { kind: 'fault', fault: 'twice', left: 0 };
	if (graded > 0) return { kind: 'fault', fault: 'graded', left: 0 };
	if (chain.overall === null || lengths.some((length, i) => i !== at && length === null)) return { kind: 'waiting' };
	const left = chain.overall.mm - lengths.reduce((sum, length, i) => sum + (i === at ? 0 : length!.mm), 0);
	return left > 0 ? { kind: 'found', mm: left } : { kind: 'fault', fault: 'none', left };
}
