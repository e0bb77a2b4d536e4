/**
 * Keeps the focus by the work: where the element that has it goes away, as a button does with what it was about, the focus goes
 * to the heading of the nearest that is left of what it stood in, or to the first thing there that can take it. Returns what ends it.
 */
export function keepFocus(root: HTMLElement = document.body): () => void {
	let last: HTMLElement | null = null;
	/** What it stood in, the nearest first. */
	let around: HTMLElement[] = [];
	const remember = (event: FocusEvent) => {
		last = event.target as HTMLElement;
		around = [];
		for (let element = last.parentElement; element && root.contains(element); element = element.parentElement) around.push(element);
	};
	const look = () => {
		if (last === null || last.isConnected || (document.activeElement !== null && document.activeElement !== document.body)) return;
		last = null;
		const next = around
			.filter((element) => element.isConnected && element.matches(PLACES))
			.map((place) => place.querySelector<HTMLElement>(HEADINGS) ?? place.querySelector<HTMLElement>(TAKES_FOCUS))
			.find((element) => element !== null);
		if (!next) return;
		if (next.tabIndex < 0) next.setAttribute('tabindex', '-1');
		next.focus({ preventScroll: true });
	};
	/** What comes in place of the old is there one turn later. */
	const observer = new MutationObserver(() => setTimeout(look, 0));
	root.addEventListener('focusin', remember);
	observer.observe(root, { childList: true, subtree: true });
	return () => {
		observer.disconnect();
		root.removeEventListener('focusin', remember);
	};
}

/** Where a painter is at work: never so wide that the whole page is meant. */
const PLACES = 'section, fieldset, aside, main, [role="region"], [role="tabpanel"], li';
const HEADINGS = 'h2, h3, legend:not(.sr-only)';
const TAKES_FOCUS = 'button:not(:disabled), input:not(:disabled), a[href], [tabindex="0"]';
