/** Signs that a name may have. */
export const LONGEST_NAME = 80;

/** As much of a text as a name may have; never through the middle of a sign (an emoji is two). */
export function shortenName(text: string, most = LONGEST_NAME): string {
	return text.slice(0, most).replace(/[\ud800-\udbff]$/, '');
}
