/** What a picture, or a band of it, is made of before light falls on it: 7 bytes a pixel, row by row. Source: methods 15. */
export interface Planes {
	readonly width: number;
	readonly height: number;
	/** The row of the picture that is the first one here. */
	readonly top: number;
	/** sRGB, three bytes a pixel. */
	readonly rgb: Uint8Array;
	/** Micrometres above the lowest ground. */
	readonly relief: Uint16Array;
	/** 0 dead matte, 255 full gloss. */
	readonly gloss: Uint8Array;
	/** How fast it wears under a cloth; 255 fast. */
	readonly wear: Uint8Array;
}

export function createPlanes(width: number, height: number, top = 0): Planes {
	const size = width * height;
	return {
		width,
		height,
		top,
		rgb: new Uint8Array(size * 3),
		relief: new Uint16Array(size),
		gloss: new Uint8Array(size),
		wear: new Uint8Array(size)
	};
}

export function copyPlanes(planes: Planes): Planes {
	return { ...planes, rgb: planes.rgb.slice(), relief: planes.relief.slice(), gloss: planes.gloss.slice(), wear: planes.wear.slice() };
}
