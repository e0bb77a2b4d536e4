import '@testing-library/jest-dom/vitest';

/** What the browser has and the stand-in for it lacks. */
Element.prototype.setPointerCapture ??= () => {};

/** The test DOM has no layout, so nothing ever changes its size. */
globalThis.ResizeObserver ??= class {
	observe(): void {}
	unobserve(): void {}
	disconnect(): void {}
};
