import '@testing-library/jest-dom/vitest';
import { afterAll, vi } from 'vitest';

/** What a component asked for late (a word, a panel) must have come before its test's world is taken down. */
afterAll(async () => {
	await vi.dynamicImportSettled();
});

/** What the browser has and the stand-in for it lacks. */
Element.prototype.setPointerCapture ??= () => {};

/** The test DOM has no layout, so nothing ever changes its size. */
globalThis.ResizeObserver ??= class {
	observe(): void {}
	unobserve(): void {}
	disconnect(): void {}
};
