import { convertHexToLab, convertLabToHex } from './lab';

/** A colour as the eye tells it, after CIELAB: lightness 0 to 100, strength (distance from grey), hue in degrees from 0 up to 360. */
export interface Shade {
	readonly lightness: number;
	readonly strength: number;
	readonly hue: number;
}

/** Of a colour #rrggbb. Source: CIELAB in polar form. */
export function shadeOfHex(hex: string): Shade {
	const { l, a, b } = convertHexToLab(hex);
	return { lightness: l, strength: Math.hypot(a, b), hue: ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360 };
}

/** The nearest that a screen can show, #rrggbb. */
export function hexOfShade({ lightness, strength, hue }: Shade): string {
	const turn = (hue * Math.PI) / 180;
	return convertLabToHex({ l: lightness, a: strength * Math.cos(turn), b: strength * Math.sin(turn) }).hex;
}

/** Nearer to grey than this nobody names a hue. */
const GREY = 4;
/** Up to so many degrees a hue of CIELAB has this name; blue reaches further round than others. */
const HUES: readonly (readonly [upTo: number, name: string])[] = [
	[15, 'rose'],
	[45, 'red'],
	[75, 'orange'],
	[105, 'yellow'],
	[135, 'yellow green'],
	[165, 'green'],
	[195, 'sea green'],
	[225, 'teal'],
	[255, 'sea blue'],
	[308, 'blue'],
	[325, 'violet'],
	[345, 'purple'],
	[360, 'rose']
];

/** A word for its hue. */
export function nameHue({ strength, hue }: Shade): string {
	return strength < GREY ? 'grey' : HUES.find(([upTo]) => hue <= upTo)![1];
}
