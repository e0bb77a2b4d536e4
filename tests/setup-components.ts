import '@testing-library/jest-dom/vitest';

/** What the browser has and the stand-in for it lacks. */
Element.prototype.setPointerCapture ??= () => {};
