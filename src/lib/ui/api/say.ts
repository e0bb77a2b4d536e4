/** Tells something in passing, at the edge of the page. What shows it is not part of the first script. */
export function say(words: string): void {
	void import('svelte-sonner').then(({ toast }) => toast(words));
}
