import type { Corners } from '$core/geometry';
import type { Photograph } from '$core/piece';
import { StraightenClient } from '$lib/workers/straighten/client';

/** A straightened photograph of one face, made anew when its corners or the size of the face change. */
export class StraightPhotograph {
	picture: ImageBitmap | null = $state.raw(null);
	/** 0 to 1 while it is straightened; null when nothing is done. */
	progress: number | null = $state(null);
	missing = $state(false);
	#client: StraightenClient | null = null;
	#wanted = '';
	#timer: ReturnType<typeof setTimeout> | null = null;

	/** Asks for a picture; what was asked before is put off. A pause first: sizes are typed digit by digit. */
	show(photograph: Photograph | null, width: number, height: number): void {
		const wanted = photograph?.corners ? JSON.stringify([photograph.picture, photograph.corners, width, height]) : '';
		if (wanted === this.#wanted) return;
		this.#wanted = wanted;
		if (this.#timer !== null) clearTimeout(this.#timer);
		if (wanted === '') {
			this.cancel();
			this.picture = null;
			return;
		}
		this.#timer = setTimeout(() => void this.#make(photograph!, width, height, wanted), 300);
	}

	cancel(): void {
		this.#client?.cancel();
		this.progress = null;
	}

	close(): void {
		if (this.#timer !== null) clearTimeout(this.#timer);
		this.#client?.close();
	}

	async #make(photograph: Photograph, width: number, height: number, wanted: string): Promise<void> {
		this.#client ??= new StraightenClient();
		this.progress = 0;
		this.missing = false;
		const made = await this.#client
			.straighten(
				{ url: `/api/pictures/${photograph.picture}`, corners: $state.snapshot(photograph.corners) as unknown as Corners, width, height },
				(done) => {
					if (wanted === this.#wanted && this.progress !== null) this.progress = done;
				}
			)
			.catch(() => null);
		if (wanted !== this.#wanted) return;
		const cancelled = this.progress === null;
		this.progress = null;
		if (made) this.picture = made.picture;
		else this.missing = !cancelled;
	}
}
