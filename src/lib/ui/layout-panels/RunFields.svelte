<script lang="ts">
	import { leaveOutMotif, type Run } from '$core/layout';
	import { Fold, LengthField, NumberField, Pick, RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { create, type Draft } from 'mutative';
	import GapField from './GapField.svelte';
	import Fits from './Fits.svelte';

	let { arrangement: run }: { arrangement: Run } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);

	const onKnobs = $derived(
		run.hardware === 'avoid' ? piece.plan.items.filter((row) => row.arrangement === run.id && row.touches.length > 0) : []
	);

	const KNOBS = { avoid: 'clear of knobs', centre: 'a motif on each knob', over: 'over the knobs' } as const;
	const ENDS = { whole: 'whole motifs', half: 'half motifs', free: 'free ends' } as const;
	const said = $derived(`${KNOBS[run.hardware]}, ${ENDS[run.ends]}`);

	function set(change: (draft: Draft<Run>) => void, together = ''): void {
		piece.setArrangement(
			create(run, (draft) => change(draft)),
			together && `${together} ${run.id}`
		);
	}
</script>

<Fits arrangement={run}>
	{#snippet remedies()}
		{#if onKnobs.length > 0}<button class="button mt-1 text-sm" onclick={() => piece.setArrangement(onKnobs.reduce(leaveOutMotif, run))}
				>Leave out the {onKnobs.length} on a knob</button
			>{/if}
	{/snippet}
</Fits>
<Fold label="Knobs, ends and middle" says={said}>
	<div class="space-y-2 pb-2">
		<RadioRow
			label="At the knobs"
			value={run.hardware}
			options={[
				{ value: 'avoid', text: 'keep clear' },
				{ value: 'centre', text: 'a motif on each' },
				{ value: 'over', text: 'run over them' }
			]}
			onchange={(hardware) => set((draft) => void (draft.hardware = hardware))}
		/>
		<RadioRow
			label="At the ends"
			value={run.ends}
			options={[
				{ value: 'whole', text: 'whole motifs' },
				{ value: 'half', text: 'half motifs' },
				{ value: 'free', text: 'free' }
			]}
			onchange={(ends) => set((draft) => void (draft.ends = ends))}
		/>
		<RadioRow
			label="In the middle"
			value={run.middle}
			options={[
				{ value: 'either', text: 'either' },
				{ value: 'motif', text: 'a motif' },
				{ value: 'gap', text: 'a gap' }
			]}
			onchange={(middle) => set((draft) => void (draft.middle = middle))}
		/>
		<RadioRow
			label="Size on graduated fronts"
			value={run.sizing}
			options={[
				{ value: 'common', text: 'one for all' },
				{ value: 'each', text: 'grows with each front' }
			]}
			onchange={(sizing) => set((draft) => void (draft.sizing = sizing))}
		/>
	</div>
</Fold>
<Fold label="Limits of size, gap and place">
	<div class="mt-2 grid grid-cols-3 gap-2">
		{#each [['least', 'Scale, least'], ['wish', 'wished'], ['most', 'most']] as const as [key, text] (key)}
			<NumberField
				label={text}
				value={run.scale[key]}
				min={0.05}
				max={20}
				onchange={(scale) => set((draft) => void (draft.scale[key] = scale), `scale ${key}`)}
			/>
		{/each}
		<GapField label="Gap, least" value={run.gap.least} onchange={(gap) => set((draft) => void (draft.gap.least = gap), 'gap-least')} />
		<GapField
			label="wished"
			value={run.gap.wish ?? (run.gap.least + run.gap.most) / 2}
			onchange={(gap) => set((draft) => void (draft.gap.wish = gap), 'gap-wish')}
		/>
		<GapField label="most" value={run.gap.most} onchange={(gap) => set((draft) => void (draft.gap.most = gap), 'gap-most')} />
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
		<Pick
			label="Row"
			value={run.line.from}
			options={[
				{ value: 'middle', text: 'in the middle' },
				{ value: 'top', text: 'from the top' }
			]}
			onchange={(from) => set((draft) => void (draft.line = from === 'middle' ? { from } : { from, distance: 60 }))}
		/>
		{#if run.line.from === 'top'}<LengthField
				label="Top to its line"
				value={run.line.distance}
				{unit}
				min={0}
				onchange={(distance) => set((draft) => void (draft.line = { from: 'top', distance }), 'line')}
			/>{/if}
	</div>
</Fold>
