<script lang="ts">
	import { setColour } from '$core/project';
	import { freeId } from '$core/layers';
	import { usePiece } from '$lib/ui/piece-state';

	interface Props {
		label: string;
		value: string;
		onchange: (colour: string) => void;
		/** Stands at the end of the label's line. */
		note?: string;
	}
	let { label, value, onchange, note = '' }: Props = $props();
	const piece = usePiece();
	const id = $props.id();
	const NEW = '+';
	const colour = $derived(piece.project.palette.find(({ id }) => id === value));

	function choose(chosen: string): void {
		if (chosen !== NEW) return onchange(chosen);
		const fresh = {
			id: freeId('colour', piece.project.palette),
			name: `Colour ${piece.project.palette.length + 1}`,
			hex: '#7a8f8a',
			opacity: 0.95
		};
		piece.replace(setColour(piece.project, fresh));
		onchange(fresh.id);
	}
</script>

<div>
	<div class="flex items-baseline justify-between">
		<label class="label" for={id}>{label}</label>{#if note}<span class="note">{note}</span>{/if}
	</div>
	<div class="flex gap-1">
		{#if colour?.mix}
			<span
				class="block h-[34px] w-9 shrink-0 border border-rule-strong"
				style:background={colour.hex}
				title="A mix: its shade follows from its parts"
			></span>
		{:else}
			<input
				type="color"
				class="h-[34px] w-9 shrink-0 border border-rule-strong bg-white p-0.5"
				aria-label="{label}: shade as it dries"
				value={colour?.hex ?? '#ffffff'}
				oninput={(event) =>
					colour && piece.replace(setColour(piece.project, { ...colour, hex: event.currentTarget.value }), `hex ${value}`)}
			/>
		{/if}
		<select {id} class="field" {value} onchange={(event) => choose(event.currentTarget.value)}>
			{#each piece.project.palette as colour (colour.id)}<option value={colour.id}>{colour.name}</option>{/each}
			<option value={NEW}>a new colour</option>
		</select>
	</div>
</div>
