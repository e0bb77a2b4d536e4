<script lang="ts">
	import { changeScatter, type Scatter } from '$core/layout';
	import { usePiece } from '$lib/ui/piece-state';

	let { arrangement }: { arrangement: Scatter } = $props();
	const piece = usePiece();
	/** Four others: those after the last that was shown. */
	const throwAgain = () => piece.setArrangement(changeScatter(arrangement, { seed: (arrangement.seed + 4) % 1_000_000, picks: {} }));
</script>

<button class="button mt-1 text-sm" onclick={throwAgain}>Throw it again</button>
