<script lang="ts">
	import type { Coat } from '$core/layers';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	let { coat }: { coat: Extract<Coat, { kind: 'base' }> } = $props();
	const piece = usePiece();
</script>

<ColourChoice label="Colour" value={coat.colour} onchange={(colour) => piece.setCoat({ ...coat, colour })} />
