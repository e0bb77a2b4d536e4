import chroma from 'chroma-js';
import { formatHex, interpolate } from 'culori';
import { convertHexToLab, convertHexToPaint, convertPaintToHex, differLabs, findMixes, mixPaints, pigmentsOf } from '../src/core/colour';
import { compare, print } from './ratio';

const MANY = 500;
/** Made-up colours, the same each time. */
const HEXES = Array.from({ length: MANY }, (_, i) => `#${(((i + 1) * 2654435761) >>> 8).toString(16).padStart(6, '0').slice(-6)}`);
const PAIRS = HEXES.slice(1).map((hex, i) => [HEXES[i]!, hex] as const);

/** Mixing as paint does against libraries that mix as light does, and CIEDE2000 against another library. */
export async function benchColour(): Promise<void> {
	const paints = HEXES.map(convertHexToPaint);
	const ours = () =>
		paints.slice(1).map((paint, i) =>
			convertPaintToHex(
				mixPaints([
					{ paint: paints[i]!, parts: 1 },
					{ paint, parts: 1 }
				])
			)
		);
	print(
		await compare(`${MANY} mixes of two paints`, ours, 'culori, OKLab', () =>
			PAIRS.map(([a, b]) => formatHex(interpolate([a, b], 'oklab')(0.5)))
		)
	);
	print(
		await compare(`${MANY} mixes of two paints`, ours, 'chroma-js, Lab', () => PAIRS.map(([a, b]) => chroma.mix(a, b, 0.5, 'lab').hex()))
	);
	const labs = HEXES.map(convertHexToLab);
	print(
		await compare(
			`${MANY} differences by CIEDE2000`,
			() => labs.slice(1).map((lab, i) => differLabs(labs[i]!, lab)),
			'chroma-js',
			() => PAIRS.map(([a, b]) => chroma.deltaE(a, b))
		)
	);
	const stock = (count: number) => [
		...pigmentsOf(HEXES.slice(0, count).map((hex) => ({ id: hex, name: hex, hex, opacity: 0.9 }))).values()
	];
	const [few, many] = [stock(6), stock(30)];
	print(
		await compare(
			'nearest mix from 30 colours, up to three',
			() => findMixes('#7d8f6a', many),
			'from 6 colours',
			() => findMixes('#7d8f6a', few)
		)
	);
}
