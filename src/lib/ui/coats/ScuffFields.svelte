<script lang="ts">
	import type { Coat } from '$core/layers';
	import { NumberField } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { coat }: { coat: Extract<Coat, { kind: 'scuff' }> } = $props();
	const piece = usePiece();
</script>

<NumberField
	label="Grit of the pad"
	whole
	step={20}
	value={coat.grit}
	min={150}
	max={2000}
	note="It dulls a gloss and takes nothing off."
	onchange={(grit) => piece.setCoat({ ...coat, grit }, 'grit')}
/>
