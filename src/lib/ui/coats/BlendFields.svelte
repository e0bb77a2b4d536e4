<script lang="ts">
	import { BRUSH_SCHOOLS, BRUSH_WORDS, METHODS, type Blend } from '$core/layers';
	import { doesMove } from '$core/piece';
	import { RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	let { coat }: { coat: Blend } = $props();
	const piece = usePiece();
	const moves = $derived(piece.plan.faces.some((face) => face.parts.some(doesMove)));

	const set = (change: Partial<Blend>) => piece.setCoat({ ...coat, ...change });
</script>

<RadioRow
	label="Method"
	value={coat.method}
	options={Object.values(METHODS).map(({ id, name, says }) => ({ value: id, text: name, title: says }))}
	onchange={(method) => set({ method })}
/>
<p class="note">{METHODS[coat.method].says}</p>
{#if coat.method === 'mist-and-feather'}
	<RadioRow
		label="Brushes at the joins"
		value={coat.brushes}
		options={BRUSH_SCHOOLS.map((value) => ({ value, text: BRUSH_WORDS[value] }))}
		onchange={(brushes) => set({ brushes })}
	/>
{/if}
{#if moves}
	<RadioRow
		label="Drawers and doors"
		value={coat.drawers ?? 'in'}
		options={[
			{ value: 'in', text: 'left in' },
			{ value: 'out', text: 'taken out' }
		]}
		onchange={(drawers) => set({ drawers })}
	/>
{/if}
