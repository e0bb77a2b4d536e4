import { convertHexToPaint, decodeSrgb, encodeLinear, layBand, thicknessOf } from '../../colour';

export type Bytes = readonly [r: number, g: number, b: number];

export function bytesOfHex(hex: string): Bytes {
	return [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16)) as unknown as Bytes;
}

/**
 * What every byte of the ground becomes under a film that hides `cover` (0 to 1) of it, for red, green and blue: as paint
 * lies over paint, not as light adds up. A ground's green is taken as even over its two halves. Source: methods 10.
 */
export function coverTables(hex: string, cover: number): readonly [r: Uint8Array, g: Uint8Array, b: Uint8Array] {
	const [blue, green1, green2, red] = convertHexToPaint(hex);
	const thickness = thicknessOf([blue, green1, green2, red], cover);
	const table = (bands: readonly number[], full: number) =>
		Uint8Array.from({ length: 256 }, (_, ground) => {
			if (thickness === Infinity) return full;
			const light = decodeSrgb(ground);
			return encodeLinear(bands.reduce((sum, k) => sum + layBand(k, thickness, light), 0) / bands.length);
		});
	const [r, g, b] = bytesOfHex(hex);
	return [table([red], r), table([green1, green2], g), table([blue], b)];
}
