<script lang="ts">
	import type { Coat } from '$core/layers';
	import { Pick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** A coat that may keep to the openings of motifs. */
	let { coat }: { coat: Extract<Coat, { through?: string | undefined }> } = $props();
	const piece = usePiece();
	const ALL = '-';
	const options = $derived([
		{ value: ALL, text: 'all of its surfaces' },
		...piece.project.layout.arrangements.map(({ id, name }) => ({ value: id, text: `only where ${name} is open` }))
	]);

	function choose(chosen: string): void {
		const next = { ...coat };
		if (chosen === ALL) delete next.through;
		else next.through = chosen;
		piece.setCoat(next);
	}
</script>

{#if options.length > 1}<Pick label="Covers" value={coat.through ?? ALL} {options} onchange={choose} />{/if}
