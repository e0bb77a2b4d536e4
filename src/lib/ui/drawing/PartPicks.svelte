<script lang="ts">
	import { writeOutlinePath } from '$core/geometry';
	import { choosableParts, partsOnFace, type MeasuredFace } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';

	/** What can be chosen on a face: whatever is painted by itself, and all of it. What is chosen, or what is picked lies on, has an outline. */
	let { face, scale }: { face: MeasuredFace; scale: number } = $props();
	const piece = usePiece();
	const parts = $derived(choosableParts(face));
	const chosen = $derived(piece.pickedParts);
</script>

<!-- By keyboard they are chosen with p and Shift+P on the drawing, or by name in the panel. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
<!-- The face lies under its parts. -->
{#each [parts.at(-1)!, ...parts.slice(0, -1)] as part (part.id)}
	<path
		data-part={part.id}
		d={writeOutlinePath(part.outline, scale)}
		transform="translate({part.x * scale} {part.y * scale})"
		fill="transparent"
		onclick={(event) => {
			event.stopPropagation();
			piece.choosePart(part.id, event.shiftKey);
		}}
	/>
{/each}
{#each partsOnFace(face).filter(({ id }) => chosen.includes(id)) as part (part.id)}
	{@const d = writeOutlinePath(part.outline, scale)}
	<g transform="translate({part.x * scale} {part.y * scale})" fill="none" pointer-events="none" data-chosen={part.id}>
		<path {d} stroke="#fff" stroke-width="2.6" opacity="0.7" />
		<path {d} stroke="var(--color-ember)" stroke-width="1.4" stroke-dasharray="9 5" />
	</g>
{/each}
