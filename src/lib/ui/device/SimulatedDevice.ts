import { simulateReading } from '$core/piece';
import type { MeasuringDevice } from './MeasuringDevice';

/** A person needs so long from one edge to the next, ms. */
const PACE = 900;

/** The one piece that it measures: how long each thing is, mm, by its id. */
export type TruePiece = Map<string, number>;

/**
 * Sends what the piece would measure, with noise and the odd outlier. It keeps one piece in its mind: what is typed, or sent from a wrong edge,
 * changes the drawing, not the piece, so that the chain can show it.
 */
export class SimulatedDevice implements MeasuringDevice {
	#listeners = new Set<(mm: number) => void>();
	#timer: ReturnType<typeof setInterval> | null = null;
	#sent = 0;

	constructor(
		private readonly piece: TruePiece,
		/** What it is held to. */
		private readonly heldTo: () => string | null,
		private readonly seed = 7
	) {}

	listen(onReading: (mm: number) => void): () => void {
		this.#listeners.add(onReading);
		return () => this.#listeners.delete(onReading);
	}

	/** As if its button were pressed. */
	press(): void {
		const length = this.piece.get(this.heldTo() ?? '');
		if (length === undefined) return;
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
