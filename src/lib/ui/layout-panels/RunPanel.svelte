<script lang="ts">
	import { dropRun } from '$core/formats';
	import type { Motif, Run } from '$core/layout';
	import { Choice } from '$lib/ui/choice';
	import LengthField from '$lib/ui/length-field/LengthField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import ColourChoice from './ColourChoice.svelte';
	import Fits from './Fits.svelte';
	import PartsChoice from './PartsChoice.svelte';

	let { run, motifs }: { run: Run; motifs: readonly Motif[] } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const all = $derived([
		...piece.project.layout.motifs,
		...motifs.filter((motif) => !piece.project.layout.motifs.some((own) => own.id === motif.id))
	]);

	function set(change: (draft: Run) => void, together = ''): void {
		piece.edit((draft) => change(draft.layout.runs.find((other) => other.id === run.id)! as Run), together && `${together} ${run.id}`);
	}
	function setMotif(id: string): void {
		const motif = all.find((other) => other.id === id)!;
		piece.edit((draft) => {
			if (!draft.layout.motifs.some((own) => own.id === id)) draft.layout.motifs.push(structuredClone($state.snapshot(motif)) as never);
			const target = draft.layout.runs.find((other) => other.id === run.id)!;
			target.motif = id;
			target.name = `${motif.name} row`;
			draft.layout.motifs = draft.layout.motifs.filter((own) => draft.layout.runs.some((other) => other.motif === own.id));
		});
	}
	function setScale(key: 'least' | 'wish' | 'most', text: string): void {
		const value = Number(text.replace(',', '.'));
		if (value >= 0.05 && value <= 20) set((draft) => void (draft.scale[key] = value), `scale ${key}`);
	}
</script>

<div class="space-y-3">
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
	<div class="grid grid-cols-2 gap-2">
		<div>
			<label class="label" for="motif">Motif</label>
			<select id="motif" class="field" value={run.motif} onchange={(event) => setMotif(event.currentTarget.value)}>
				{#each all as motif (motif.id)}<option value={motif.id}>{motif.name}</option>{/each}
			</select>
		</div>
		<Choice
			label="Edge"
			value={run.edge}
			options={[
				{ value: 'soft', text: 'soft' },
				{ value: 'crisp', text: 'crisp' }
			]}
			onchange={(edge) => set((draft) => void (draft.edge = edge))}
		/>
	</div>
	<ColourChoice label="Its colour" value={run.colour} onchange={(colour) => set((draft) => void (draft.colour = colour))} />
	<PartsChoice parts={run.parts} onchange={(parts) => set((draft) => void (draft.parts = parts))} />
	{#if run.leftOut.length > 0}<button class="button text-sm" onclick={() => set((draft) => void (draft.leftOut = []))}
			>Bring back {run.leftOut.length} left out</button
		>{/if}
	<button
		class="button button-quiet text-sm underline"
		onclick={() => {
			piece.selection = null;
			piece.replace(dropRun(piece.project, run.id));
		}}>Take this row out</button
	>
</div>
