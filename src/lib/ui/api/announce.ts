/** Tells something in passing, at the edge of the page, with a way back where there is one. What shows it is not part of the first script. */
export function announce(words: string, undo?: () => void): void {
	void import('svelte-sonner').then(({ toast }) =>
		toast(words, undo ? { action: { label: 'Undo', onClick: undo }, duration: 10_000 } : {})
	);
}

/** What a step back or forth did: one at a time, the last in the place of the one before. */
export function announceStep(words: string): void {
	void import('svelte-sonner').then(({ toast }) => toast(words, { id: 'step', duration: 2000 }));
}
