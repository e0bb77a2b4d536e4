/** Share of the ground that so many coats hide, each as much of what the one before it left. Source: methods 10. */
export function hiddenBy(opacity: number, coats: number): number {
	return 1 - (1 - opacity) ** coats;
}
