<script lang="ts">
	import { freeId } from '$core/layers';
	import { usePiece } from '$lib/ui/piece-state';

	let { label, value, onchange }: { label: string; value: string; onchange: (colour: string) => void } = $props();
	const piece = usePiece();
	const id = $props.id();
	const NEW = '+';
	const hex = $derived(piece.project.palette.find((colour) => colour.id === value)?.hex ?? '#ffffff');

	function choose(chosen: string): void {
		if (chosen !== NEW) return onchange(chosen);
		const colour = {
			id: freeId('colour', piece.project.palette),
			name: `Colour ${piece.project.palette.length + 1}`,
			hex: '#7a8f8a',
			opacity: 0.95
		};
		piece.edit((draft) => void draft.palette.push(colour));
		onchange(colour.id);
	}
</script>

<div>
	<label class="label" for={id}>{label}</label>
	<div class="flex gap-1">
		<input
			type="color"
			class="h-[34px] w-9 shrink-0 border border-rule-strong bg-white p-0.5"
			aria-label="{label}: shade as it dries"
			value={hex}
			oninput={(event) =>
				piece.edit((draft) => void (draft.palette.find((colour) => colour.id === value)!.hex = event.currentTarget.value), `hex ${value}`)}
		/>
		<select {id} class="field" {value} onchange={(event) => choose(event.currentTarget.value)}>
			{#each piece.project.palette as colour (colour.id)}<option value={colour.id}>{colour.name}</option>{/each}
			<option value={NEW}>a new colour</option>
		</select>
	</div>
</div>
