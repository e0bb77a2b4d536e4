import type { Coat } from './kinds/schema';
import type { Decision } from './schema';

/** A change to the finish that answers a finding: plain data, applied by `applyRemedy`. */
export interface Remedy {
	readonly label: string;
	readonly edits: readonly FinishEdit[];
}

export type FinishEdit =
	| { readonly op: 'insert'; readonly at: number; readonly coat: Coat }
	| { readonly op: 'move'; readonly coat: string; readonly to: number }
	| { readonly op: 'replace'; readonly coat: string; readonly with: Coat }
	| { readonly op: 'wait'; readonly coat: string; readonly wait: number | null }
	| { readonly op: 'drop'; readonly coat: string }
	| { readonly op: 'decide'; readonly decision: Decision };
