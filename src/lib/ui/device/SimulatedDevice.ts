import { simulateReading } from '$core/piece';
import type { MeasuringDevice } from './MeasuringDevice';

/** A person needs so long from one edge to the next, ms. */
const PACE = 900;

/** Sends what the piece would measure, with noise and the odd outlier; `lengthNow` is what it is held to. */
export class SimulatedDevice implements MeasuringDevice {
	#listeners = new Set<(mm: number) => void>();
	#timer: ReturnType<typeof setInterval> | null = null;
	#sent = 0;

	constructor(
		private readonly lengthNow: () => number | null,
		private readonly seed = 7
	) {}

	listen(onReading: (mm: number) => void): () => void {
		this.#listeners.add(onReading);
		return () => this.#listeners.delete(onReading);
	}

	/** As if its button were pressed. */
	press(): void {
		const length = this.lengthNow();
		if (length === null) return;
		const mm = simulateReading(length, this.seed, ++this.#sent);
		for (const listener of this.#listeners) listener(mm);
	}

	start(): void {
		this.stop();
		this.#timer = setInterval(() => this.press(), PACE);
	}

	stop(): void {
		if (this.#timer !== null) clearInterval(this.#timer);
		this.#timer = null;
	}
}
