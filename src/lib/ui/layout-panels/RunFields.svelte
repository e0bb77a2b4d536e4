<script lang="ts">
	import type { Run } from '$core/layout';
	import { Choice } from '$lib/ui/choice';
	import LengthField from '$lib/ui/length-field/LengthField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import { create, type Draft } from 'mutative';
	import Fits from './Fits.svelte';

	let { arrangement: run }: { arrangement: Run } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);

	function set(change: (draft: Draft<Run>) => void, together = ''): void {
		piece.setArrangement(
			create(run, (draft) => change(draft)),
			together && `${together} ${run.id}`
		);
	}
	function setScale(key: 'least' | 'wish' | 'most', text: string): void {
		const value = Number(text.replace(',', '.'));
		if (value >= 0.05 && value <= 20) set((draft) => void (draft.scale[key] = value), `scale ${key}`);
	}
</script>

<Fits {run} />
<Choice
	label="At the knobs"
	value={run.hardware}
	options={[
		{ value: 'avoid', text: 'keep clear' },
		{ value: 'centre', text: 'a motif on each' },
		{ value: 'over', text: 'run over them' }
	]}
	onchange={(hardware) => set((draft) => void (draft.hardware = hardware))}
/>
<Choice
	label="At the ends"
	value={run.ends}
	options={[
		{ value: 'whole', text: 'whole motifs' },
		{ value: 'half', text: 'half motifs' },
		{ value: 'free', text: 'free' }
	]}
	onchange={(ends) => set((draft) => void (draft.ends = ends))}
/>
<Choice
	label="In the middle"
	value={run.middle}
	options={[
		{ value: 'either', text: 'either' },
		{ value: 'motif', text: 'a motif' },
		{ value: 'gap', text: 'a gap' }
	]}
	onchange={(middle) => set((draft) => void (draft.middle = middle))}
/>
<Choice
	label="Size on graduated fronts"
	value={run.sizing}
	options={[
		{ value: 'common', text: 'one for all' },
		{ value: 'each', text: 'grows with each front' }
	]}
	onchange={(sizing) => set((draft) => void (draft.sizing = sizing))}
/>
<details>
	<summary class="font-medium">Limits of size, gap and place</summary>
	<div class="mt-2 grid grid-cols-3 gap-2">
		{#each [['least', 'Scale, least'], ['wish', 'wished'], ['most', 'most']] as const as [key, text] (key)}
			<label class="label"
				>{text}<input
					class="field text-right"
					inputmode="decimal"
					value={run.scale[key]}
					onchange={(event) => setScale(key, event.currentTarget.value)}
				/></label
			>
		{/each}
		<LengthField
			signed
			min={-1000}
			max={10_000}
			label="Gap, least"
			value={run.gap.least}
			{unit}
			onchange={(gap) => set((draft) => void (draft.gap.least = gap), 'gap-least')}
		/>
		<LengthField
			signed
			min={-1000}
			max={10_000}
			label="wished"
			value={run.gap.wish ?? (run.gap.least + run.gap.most) / 2}
			{unit}
			onchange={(gap) => set((draft) => void (draft.gap.wish = gap), 'gap-wish')}
		/>
		<LengthField
			signed
			min={-1000}
			max={10_000}
			label="most"
			value={run.gap.most}
			{unit}
			onchange={(gap) => set((draft) => void (draft.gap.most = gap), 'gap-most')}
		/>
		<LengthField
			label="Clear at the ends"
			value={run.margin}
			{unit}
			min={0}
			onchange={(margin) => set((draft) => void (draft.margin = margin), 'margin')}
		/>
		<LengthField
			label="Clear of a knob"
			value={run.clearance}
			{unit}
			min={0}
			onchange={(clearance) => set((draft) => void (draft.clearance = clearance), 'clearance')}
		/>
		<div>
			<label class="label" for="line">Row</label>
			<select
				id="line"
				class="field"
				value={run.line.from}
				onchange={(event) =>
					set((draft) => void (draft.line = event.currentTarget.value === 'middle' ? { from: 'middle' } : { from: 'top', distance: 60 }))}
			>
				<option value="middle">middle</option>
				<option value="top">from the top</option>
			</select>
		</div>
		{#if run.line.from === 'top'}<LengthField
				label="Top to its line"
				value={run.line.distance}
				{unit}
				min={0}
				onchange={(distance) => set((draft) => void (draft.line = { from: 'top', distance }), 'line')}
			/>{/if}
	</div>
</details>
