/** Anything that sends lengths as a person takes them: the simulated one, or a real one behind the same few calls. */
export interface MeasuringDevice {
	/** Hears every reading, mm, from now on; the answer stops that. */
	listen(onReading: (mm: number) => void): () => void;
	/** The device begins to send on its own. */
	start(): void;
	stop(): void;
}
