import type { Applicator } from '../layers';
import type { Ml, Mm2 } from '../units';

const MM2_PER_M2 = 1e6;
const ML_PER_LITRE = 1000;

/** What stays in the tool, the tray and the air. Source: craft 3, methods 9. */
export const LOSS: Readonly<Record<Applicator, number>> = {
	brush: 0.1,
	roller: 0.1,
	sponge: 0.15,
	spray: 0.3,
	cloth: 0.1,
	trowel: 0.25,
	dip: 0.25
};

/** Millilitres to cover an area (mm2) so many times: area x coats / coverage (m2 per litre), and the loss. Source: methods 9. */
export function volumeForArea(area: Mm2, coats: number, coverage: number, loss: number): Ml {
	return ((area / MM2_PER_M2) * coats * ML_PER_LITRE * (1 + loss)) / coverage;
}
