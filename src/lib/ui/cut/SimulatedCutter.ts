import { simulateCut } from '$core/sheets';
import type { Cutter } from './Cutter';

/** Reads the file as a small desk cutter does, and cuts nothing. */
export class SimulatedCutter implements Cutter {
	cut(file: string) {
		return Promise.resolve(simulateCut(file));
	}
}
