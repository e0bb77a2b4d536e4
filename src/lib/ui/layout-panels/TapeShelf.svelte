<script lang="ts">
	import { setOwn } from '$core/project';
	import { usePiece } from '$lib/ui/piece-state';
	import Tapes from '$lib/ui/workshop/Tapes.svelte';

	/** The widths of tape that the workshop of this piece has. */
	const piece = usePiece();
</script>

<Tapes
	value={piece.project.workshop.tapes}
	unit={piece.project.units}
	onchange={(tapes) => piece.replace(setOwn(piece.project, { tapes }))}
/>
