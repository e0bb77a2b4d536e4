import { convertHexToLab } from './lab';
import type { Colour } from './schema';

/** How metals are called by whoever names their paints. */
const METALS = /\b(brass|gold|gilt|copper|bronze|silver|pewter|nickel|steel|iron|tin|aluminium|champagne)\b/i;
/** Gold, brass and bronze as a flat swatch: yellow to orange, of middling lightness and chroma. */
const GOLDEN = { hue: [55, 100], chroma: [18, 65], lightness: [35, 80] } as const;

/** Of a palette the colour that is most likely a metal, by its name, else by its look; undefined where none is. */
export function findMetal(palette: readonly Pick<Colour, 'id' | 'name' | 'hex'>[]): string | undefined {
	const named = palette.find(({ name }) => METALS.test(name));
	return (named ?? palette.find(({ hex }) => isGolden(hex)))?.id;
}

function isGolden(hex: string): boolean {
	const { l, a, b } = convertHexToLab(hex);
	const [chroma, hue] = [Math.hypot(a, b), (Math.atan2(b, a) * 180) / Math.PI];
	const within = (value: number, [least, most]: readonly [number, number]) => value >= least && value <= most;
	return within(hue, GOLDEN.hue) && within(chroma, GOLDEN.chroma) && within(l, GOLDEN.lightness);
}
