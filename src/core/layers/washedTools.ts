/** What is washed after use: a washed one is not dry before tomorrow. */
const WASHED = /\b(brush|sponge|pad|roller|comb|trowel|knife|spray)\b/;
/** What has to be dry when it is taken up: a damp one drags. */
const DRY = /\bdry\b/;

/** Whether a tool is washed when its step is done. Source: craft 4 and 13. */
export const isWashed = (tool: string): boolean => WASHED.test(tool) && !DRY.test(tool);

/** Whether it serves only while it is dry: once in a day. Source: craft 4. */
export const mustBeDry = (tool: string): boolean => DRY.test(tool) && /\bbrush\b/.test(tool);

/** So much is wiped with a side of a cloth, m2, before a fresh one is taken up. A starting figure of ours. */
const CLOTH = 0.6;

/** Cloths for what is wiped or worn back: by its area, two at least. */
export function clothsFor(area: number | undefined): number {
	return Math.max(2, Math.ceil((area ?? 0) / CLOTH - 1e-9));
}
