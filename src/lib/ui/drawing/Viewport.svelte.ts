import { select, type Selection } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior } from 'd3-zoom';

const MOST = 12;
const LEAST = 0.6;
const STEP = 1.35;

/** An arrow moves what is seen by so much, px: the way it points comes into sight. */
const PAN = 60;
const WAYS: Readonly<Record<string, readonly [number, number]>> = {
	ArrowLeft: [1, 0],
	ArrowRight: [-1, 0],
	ArrowUp: [0, 1],
	ArrowDown: [0, -1]
};
const isPinch = (event: MouseEvent | TouchEvent) => 'touches' in event && event.touches.length > 1;
const isHeld = ({ target }: Event) => (target as Element).closest('[data-grip]') !== null;

/** Where a face stands in its window: pixels per mm and the place of its top left corner, px. */
export class Viewport {
	width = $state(0);
	height = $state(0);
	#zoomed = $state.raw(zoomIdentity);
	#behavior: ZoomBehavior<SVGSVGElement, unknown> | null = null;
	#target: Selection<SVGSVGElement, unknown, null, undefined> | null = null;

	/** `face` in mm; `room` is kept for dimension lines, px: left, top, right, bottom. */
	constructor(
		private readonly face: () => { readonly width: number; readonly height: number },
		private readonly room: () => readonly [number, number, number, number]
	) {}

	/** Pixels per mm when the whole face is in sight. */
	readonly fit = $derived.by(() => {
		const [left, top, right, bottom] = this.room();
		const { width, height } = this.face();
		return Math.max(0.02, Math.min((this.width - left - right) / width, (this.height - top - bottom) / height));
	});
	readonly scale = $derived(this.fit * this.#zoomed.k);
	readonly x = $derived.by(() => {
		const [left, , right] = this.room();
		const free = this.width - left - right - this.face().width * this.fit;
		return this.#zoomed.x + this.#zoomed.k * (left + free / 2);
	});
	readonly y = $derived.by(() => this.#zoomed.y + this.#zoomed.k * this.room()[1]);
	readonly isFitted = $derived(this.#zoomed.k === 1 && this.#zoomed.x === 0 && this.#zoomed.y === 0);

	/** For `{@attach}`: the wheel zooms, and two fingers wherever they begin; the ground drags; what lies on the piece drags itself, and with Shift a frame is drawn. */
	readonly attach = (svg: SVGSVGElement): (() => void) => {
		this.#behavior = zoom<SVGSVGElement, unknown>()
			.scaleExtent([LEAST, MOST])
			.filter((event: MouseEvent | TouchEvent) => event.type === 'wheel' || isPinch(event) || (!event.shiftKey && !isHeld(event)))
			.on('zoom', (event: { transform: typeof zoomIdentity }) => (this.#zoomed = event.transform));
		this.#target = select<SVGSVGElement, unknown>(svg);
		this.#target.call(this.#behavior).on('dblclick.zoom', null);
		return () => this.#target?.on('.zoom', null);
	};

	/** A key that brings it nearer, further, whole, or along: true for one of those. */
	press(key: string): boolean {
		const way = WAYS[key];
		if (way) this.#target?.call(this.#behavior!.translateBy, (way[0] * PAN) / this.#zoomed.k, (way[1] * PAN) / this.#zoomed.k);
		else if (key === '+' || key === '=') this.zoomIn();
		else if (key === '-') this.zoomOut();
		else if (key === '0') this.showAll();
		else return false;
		return true;
	}
	zoomIn(): void {
		this.#target?.call(this.#behavior!.scaleBy, STEP);
	}
	zoomOut(): void {
		this.#target?.call(this.#behavior!.scaleBy, 1 / STEP);
	}
	showAll(): void {
		this.#target?.call(this.#behavior!.transform, zoomIdentity);
	}
}
