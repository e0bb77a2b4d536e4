<script lang="ts">
	import { leaveOutMotif, type Run } from '$core/layout';
	import { usePiece } from '$lib/ui/piece-state';

	let { arrangement: run }: { arrangement: Run } = $props();
	const piece = usePiece();
	const onKnobs = $derived(
		run.hardware === 'avoid' ? piece.plan.items.filter((row) => row.arrangement === run.id && row.touches.length > 0) : []
	);
</script>

{#if onKnobs.length > 0}<button class="button mt-1 text-sm" onclick={() => piece.setArrangement(onKnobs.reduce(leaveOutMotif, run))}
		>Leave out the {onKnobs.length} on a knob</button
	>{/if}
