<script lang="ts">
	import { writeOutlinePath } from '$core/geometry';
	import type { Coat } from '$core/layers';
	import { surfacesAt, togglePlace } from '$core/layout';
	import { choosableParts, surfaceOf, type MeasuredFace } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';

	/** What a coat goes on is picked over the picture; what it goes on has an outline where that is not all. `scale` px per mm. */
	let { coat, face, scale }: { coat: Extract<Coat, { on: unknown }>; face: MeasuredFace; scale: number } = $props();
	const piece = usePiece();
	/** The face lies under its parts, what lies on others over them. */
	const parts = $derived([face.whole, ...face.parts.filter((part) => choosableParts(face).includes(part))]);
	const outlined = $derived(new Set(coat.on === 'all' ? [] : surfacesAt(coat.on, piece.plan)));

	function pick(id: string, shift: boolean): void {
		if (!shift && !piece.view.many) return;
		const places = togglePlace(coat.on, id, piece.plan);
		if (places !== null) piece.setCoat({ ...coat, on: places } as Coat);
	}
</script>

<!-- By keyboard they are picked by name in the panel. -->
<!-- Shift would select text of the page. -->
<!-- svelte-ignore a11y_no_static_element_interactions -->
<svg
	class="absolute inset-0 h-full w-full overflow-visible"
	aria-hidden="true"
	onmousedown={(event) => event.shiftKey && event.preventDefault()}
>
	{#each parts as part (part.id)}
		{@const d = writeOutlinePath(part.outline, scale)}
		<g transform="translate({part.x * scale} {part.y * scale})" fill="none">
			<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
			<path {d} fill="transparent" data-part={part.id} onclick={(event) => pick(part.id, event.shiftKey)} />
			{#if outlined.has(surfaceOf(part))}
				<g pointer-events="none" data-on={part.id}>
					<path {d} stroke="#fff" stroke-width="2.6" opacity="0.7" />
					<path {d} stroke="var(--color-ember)" stroke-width="1.4" stroke-dasharray="9 5" />
				</g>
			{/if}
		</g>
	{/each}
</svg>
