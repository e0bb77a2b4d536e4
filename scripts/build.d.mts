export function buildIfNeeded(): void;
