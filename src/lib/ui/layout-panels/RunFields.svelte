<script lang="ts">
	import { FIRST_LINE, middleOf, setWished, type Run } from '$core/layout';
	import { Fold, LengthField, NumberField, Pick, RadioRow, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { create, type Draft } from 'mutative';
	import DrawnLineFields from './DrawnLineFields.svelte';
	import GapField from './GapField.svelte';

	let { arrangement: run }: { arrangement: Run } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const sides = $derived(piece.sidesOf(run.parts));

	const KNOBS = { avoid: 'clear of knobs', centre: 'a motif on each knob', over: 'over the knobs' } as const;
	const ENDS = { whole: 'whole motifs', half: 'half motifs', free: 'free ends' } as const;
	const said = $derived(`${KNOBS[run.hardware]}, ${ENDS[run.ends]}`);

	const LINES: Readonly<Record<Run['line']['from'], string>> = {
		middle: 'level, in the middle',
		top: 'level, from the top',
		bottom: 'level, from the bottom',
		centre: 'upright, down the centre',
		left: 'upright, from the left',
		right: 'upright, from the right',
		edge: 'along the outline',
		drawn: 'along a drawn line'
	};
	const lines = (Object.keys(LINES) as Run['line']['from'][]).map((value) => ({ value, text: LINES[value] }));
	/** So far from an edge to begin with, mm. */
	const AWAY = 60;
	function setLine(from: Run['line']['from']): void {
		const distance = 'distance' in run.line ? run.line.distance : AWAY;
		set((draft) => void (draft.line = lineFrom(from, distance)));
		piece.view.drawing = null;
	}
	function lineFrom(from: Run['line']['from'], distance: number): Run['line'] {
		if (from === 'drawn') return FIRST_LINE;
		if (from === 'edge') return { from, side: 'top', distance };
		return from === 'middle' || from === 'centre' ? { from } : { from, distance };
	}
	const FREE = { count: null, scale: null, gap: null };
	const pin = (change: Partial<NonNullable<Run['pinned']>>, together = '') =>
		set((draft) => void (draft.pinned = { ...FREE, ...draft.pinned, ...change }), together && `pin ${together}`);

	const setGap = (key: 'least' | 'wish' | 'most', gap: number) =>
		set((draft) => void (draft.gap = setWished(draft.gap, key, gap)), `gap-${key}`);
	function set(change: (draft: Draft<Run>) => void, together = ''): void {
		piece.setArrangement(
			create(run, (draft) => change(draft)),
			together && `${together} ${run.id}`
		);
	}
</script>

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
<Fold label="The line it runs on" says={LINES[run.line.from]}>
	<div class="mt-2 grid grid-cols-2 gap-2 pb-2">
		<Pick label="Row" value={run.line.from} options={lines} onchange={setLine} />
		{#if run.line.from === 'edge'}<Pick
				label="Along its"
				value={run.line.side}
				options={(['top', 'right', 'bottom', 'left'] as const).map((side) => ({ value: side, text: sides[side] }))}
				onchange={(side) => set((draft) => void (draft.line.from === 'edge' && (draft.line.side = side)))}
			/>{/if}
		{#if 'distance' in run.line}<LengthField
				label={run.line.from === 'edge' ? 'In from the edge' : `From the ${run.line.from} to its line`}
				value={run.line.distance}
				{unit}
				min={0}
				onchange={(distance) => set((draft) => void ('distance' in draft.line && (draft.line.distance = distance)), 'line')}
			/>{/if}
	</div>
	{#if run.line.from === 'drawn'}<DrawnLineFields {run} line={run.line} />{/if}
	{#if ['middle', 'top', 'bottom'].includes(run.line.from)}
		<RadioRow
			label="Across several fronts"
			value={run.over ?? 'each'}
			options={[
				{ value: 'each', text: 'afresh on each' },
				{ value: 'through', text: 'on behind the gaps' },
				{ value: 'round', text: 'round the corners' }
			]}
			onchange={(over) => set((draft) => void (draft.over = over))}
		/>
	{/if}
</Fold>
<Fold
	label="Limits of size and gap, and what is pinned"
	says={run.pinned && Object.values(run.pinned).some((one) => one !== null) ? 'pinned' : ''}
>
	<div class="mt-2 grid grid-cols-3 gap-2">
		{#each [['least', 'Scale, least'], ['wish', 'wished'], ['most', 'most']] as const as [key, text] (key)}
			<NumberField
				label={text}
				value={run.scale[key]}
				min={0.05}
				max={20}
				onchange={(scale) => set((draft) => void (draft.scale = setWished(draft.scale, key, scale)), `scale ${key}`)}
			/>
		{/each}
		<GapField label="Gap, least" value={run.gap.least} onchange={(gap) => setGap('least', gap)} />
		<GapField label="wished" value={middleOf(run.gap)} onchange={(gap) => setGap('wish', gap)} />
		<GapField label="most" value={run.gap.most} onchange={(gap) => setGap('most', gap)} />
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
		<NumberField
			label="So many"
			whole
			value={run.pinned?.count ?? 0}
			min={0}
			max={400}
			note="0: as fits best"
			onchange={(count) => pin({ count: count === 0 ? null : count }, 'count')}
		/>
		<Tick
			label="At just the scale wished"
			checked={typeof run.pinned?.scale === 'number'}
			onchange={(on) => pin({ scale: on ? run.scale.wish : null })}
		/>
		<Tick
			label="At just the gap wished"
			checked={typeof run.pinned?.gap === 'number'}
			onchange={(on) => pin({ gap: on ? middleOf(run.gap) : null })}
		/>
	</div>
</Fold>
