import { decodeSrgb, encodeLinear } from '../../colour';

export type Bytes = readonly [r: number, g: number, b: number];

export function bytesOfHex(hex: string): Bytes {
	return [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16)) as unknown as Bytes;
}

/** For one channel of a paint: what every byte of the ground becomes under it, mixed in linear light. */
export function coverTable(paint: number, cover: number): Uint8Array {
	const light = decodeSrgb(paint) * cover;
	return Uint8Array.from({ length: 256 }, (_, ground) => encodeLinear(light + decodeSrgb(ground) * (1 - cover)));
}
