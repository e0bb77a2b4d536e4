import type { Motif } from '$core/layout';
import type { KnownFigures, MotifFigures } from '$core/plan';
import { MotifsClient } from '$lib/workers/motifs/client';

/** What a sheet can do with each motif of the piece. To find it takes longer than a drag may, so a worker does, once for each drawing. */
export class SheetFigures {
	/** Another function after every answer, so that what hangs on it follows. */
	known: KnownFigures = $state.raw(() => undefined);
	readonly #read: (motif: Motif) => Promise<MotifFigures>;
	readonly #asked = new Map<Motif['paths'], { readonly of: Motif; figures: MotifFigures | null }>();

	readonly #client = new MotifsClient();

	constructor(read?: (motif: Motif) => Promise<MotifFigures>) {
		this.#read = read ?? ((motif) => this.#client.read(motif));
	}

	/** Those that are not known yet are read; the plan follows when they are. */
	ask(motifs: readonly Motif[]): void {
		for (const motif of motifs) {
			if (this.#find(motif)) continue;
			const asked: { readonly of: Motif; figures: MotifFigures | null } = { of: motif, figures: null };
			this.#asked.set(motif.paths, asked);
			void this.#read(motif).then(
				(figures) => {
					asked.figures = figures;
					this.known = (one) => this.#find(one)?.figures ?? undefined;
				},
				/** A worker that failed is asked again with the next change. */
				() => this.#asked.delete(motif.paths)
			);
		}
	}

	/** The piece is left. */
	close(): void {
		this.#client.close();
	}

	/** A motif of which only the sheet is told otherwise is the same drawing. */
	#find({ paths, width, height }: Motif) {
		const asked = this.#asked.get(paths);
		return asked?.of.width === width && asked.of.height === height ? asked : undefined;
	}
}
