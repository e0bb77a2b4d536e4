<script lang="ts">
	import type { Box, MeasuredFace } from '$core/piece';

	interface Props {
		face: MeasuredFace;
		/** px per mm. */
		scale: number;
		/** What was dragged over, mm from the left and the top edge of the face; a click has no size. */
		ontrace: (box: Box) => void;
	}
	let { face, scale, ontrace }: Props = $props();
	let area: SVGRectElement;
	let start: { x: number; y: number } | null = null;
	let traced: Box | null = $state.raw(null);

	function pointOf(event: PointerEvent): { x: number; y: number } {
		const { left, top } = area.getBoundingClientRect();
		/** To whole mm, and no further than the face. */
		const within = (px: number, most: number) => Math.max(0, Math.min(most, Math.round(px / scale)));
		return { x: within(event.clientX - left, face.width), y: within(event.clientY - top, face.height) };
	}
	function begin(event: PointerEvent): void {
		start = pointOf(event);
		traced = { ...start, width: 0, height: 0 };
		area.setPointerCapture(event.pointerId);
	}
	function goOn(event: PointerEvent): void {
		if (!start) return;
		const now = pointOf(event);
		traced = {
			x: Math.min(start.x, now.x),
			y: Math.min(start.y, now.y),
			width: Math.abs(now.x - start.x),
			height: Math.abs(now.y - start.y)
		};
	}
	function end(): void {
		const box = traced;
		start = null;
		traced = null;
		if (box) ontrace(box);
	}
</script>

<!-- A part can be set by its figures as well: this is for the hand that traces. -->
<!-- svelte-ignore a11y_no_static_element_interactions -->
<rect
	bind:this={area}
	data-grip
	class="cursor-crosshair"
	width={face.width * scale}
	height={face.height * scale}
	fill="transparent"
	onpointerdown={begin}
	onpointermove={goOn}
	onpointerup={end}
/>
{#if traced}<rect
		x={traced.x * scale}
		y={traced.y * scale}
		width={traced.width * scale}
		height={traced.height * scale}
		fill="#a83c1422"
		stroke="var(--color-ember)"
		stroke-width="2"
		pointer-events="none"
	/>{/if}
