import { convertHexToLab, simulateColourReading, type Lab } from '$core/colour';
import type { ColourReader } from './ColourReader';

/** Dried samples that lie about in the workshop. */
export const SAMPLES = [
	{ name: 'a sherd of slipware', hex: '#b5764a' },
	{ name: 'the shutter of the boathouse', hex: '#4f6f72' },
	{ name: 'a scrap of sailcloth', hex: '#d9cfb4' },
	{ name: 'a painted oar blade', hex: '#9a3f33' },
	{ name: 'lichen from the quay wall', hex: '#a3a368' },
	{ name: 'the inside of a mussel', hex: '#54627f' }
] as const;

/** A reading takes so long, ms. */
const PACE = 250;

/** Reads the sample that lies under it, a little off as a real one is. */
export class SimulatedColourReader implements ColourReader {
	#count = 0;

	constructor(
		private readonly sampleNow: () => string | null,
		private readonly seed = 5
	) {}

	async read(): Promise<Lab | null> {
		await new Promise((resolve) => setTimeout(resolve, PACE));
		const hex = this.sampleNow();
		return hex === null ? null : simulateColourReading(convertHexToLab(hex), this.seed, ++this.#count);
	}
}
