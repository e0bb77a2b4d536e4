/** Where the four marks stand before anyone has set them: well inside the picture, px. */
export function startCorners({ width, height }: { readonly width: number; readonly height: number }): { x: number; y: number }[] {
	return [
		[0.2, 0.15],
		[0.8, 0.15],
		[0.8, 0.85],
		[0.2, 0.85]
	].map(([u, v]) => ({ x: Math.round(width * u!), y: Math.round(height * v!) }));
}
