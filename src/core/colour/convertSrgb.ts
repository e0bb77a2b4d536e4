/** One sRGB channel, 0 to 1, to linear light. */
export function convertSrgbToLinear(value: number): number {
	return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
}

/** One channel of linear light, 0 to 1, to sRGB. */
export function convertLinearToSrgb(value: number): number {
	return value <= 0.0031308 ? value * 12.92 : 1.055 * value ** (1 / 2.4) - 0.055;
}

const STEPS = 4095;
const encoded = Uint8Array.from({ length: STEPS + 1 }, (_, i) => Math.round(255 * convertLinearToSrgb(i / STEPS)));
const decoded = Float32Array.from({ length: 256 }, (_, i) => convertSrgbToLinear(i / 255));

/** A byte of sRGB for linear light 0 to 1, from a table: no power is taken per pixel. */
export function encodeLinear(value: number): number {
	return encoded[value <= 0 ? 0 : value >= 1 ? STEPS : (value * STEPS + 0.5) | 0]!;
}

/** Linear light of a byte of sRGB, from a table. */
export function decodeSrgb(byte: number): number {
	return decoded[byte]!;
}
