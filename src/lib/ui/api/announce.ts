/** Tells something in passing, at the edge of the page, with a way back where there is one. What shows it is not part of the first script. */
export function announce(words: string, undo?: () => void): void {
	void import('svelte-sonner').then(({ toast }) =>
		toast(words, undo ? { action: { label: 'Undo', onClick: undo }, duration: 10_000 } : {})
	);
}
