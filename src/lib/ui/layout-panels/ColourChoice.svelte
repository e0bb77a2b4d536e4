<script lang="ts">
	import { setColour } from '$core/project';
	import { freeId } from '$core/layers';
	import { Pick } from '$lib/ui/controls';
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
	const NEW = '+';
	const options = $derived([
		...piece.project.palette.map(({ id, name, hex }) => ({ value: id, text: name, swatch: hex })),
		{ value: NEW, text: 'a new colour' }
	]);
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
	<div class="flex items-end gap-1">
		{#if colour && !colour.mix}
			<input
				type="color"
				class="h-[34px] w-9 shrink-0 border border-rule-strong bg-white p-0.5"
				aria-label="{label}: shade as it dries"
				value={colour.hex}
				oninput={(event) => piece.replace(setColour(piece.project, { ...colour, hex: event.currentTarget.value }), `hex ${value}`)}
			/>
		{/if}
		<div class="min-w-0 flex-1"><Pick {label} {value} {options} onchange={choose} /></div>
	</div>
	{#if note || colour?.mix}<p class="note">
			{[note, colour?.mix ? 'a mix: its shade follows from its parts' : ''].filter(Boolean).join('; ')}
		</p>{/if}
</div>
