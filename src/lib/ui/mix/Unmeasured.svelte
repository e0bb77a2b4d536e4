<script lang="ts">
	import { usePiece } from '$lib/ui/piece-state';

	/** What the sums beside it leave out: faces that nobody has measured. */
	let { counts = true }: { counts?: boolean } = $props();
	const piece = usePiece();
	const left = $derived(piece.plan.unmeasured);
	const area = $derived((left?.faces ?? []).reduce((sum, face) => sum + face.area, 0));
</script>

{#if left}
	<p class="mt-2 border-l-4 border-ember pl-3 text-sm" role="note">
		<b>Not counted, because not measured:</b>
		{left.faces.map(({ name }) => name).join(', ')}. As large as such faces mostly are, about {piece.writeArea(area)}{#if counts}; what they
			would take stands in its row as “and about”{/if}.
		<a class="underline" href="/pieces/{piece.id}/measure">Measure them</a> to be sure.
	</p>
{/if}
