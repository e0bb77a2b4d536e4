<script lang="ts">
	import { LengthField } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** From one motif to the next; below 0 they overlap. */
	let { label, value, onchange }: { label: string; value: number; onchange: (mm: number) => void } = $props();
	const piece = usePiece();
</script>

<LengthField signed min={-1000} max={10_000} {label} {value} unit={piece.project.units} {onchange} />
