<script lang="ts">
	import { setMotifs } from '$core/project';
	import { middleOf, setWished, type Border, type Motif, type Scheme } from '$core/layout';
	import { Find, Fold, LengthField, NumberField, Pick, RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { create, type Draft } from 'mutative';
	import GapField from './GapField.svelte';

	let { arrangement, motifs }: { arrangement: Border | Scheme; motifs: readonly Motif[] } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const NONE = '-';
	const FREE = 0;

	const setGap = (key: 'least' | 'wish' | 'most', gap: number) =>
		set((draft) => void (draft.gap = setWished(draft.gap, key, gap)), `gap-${key}`);
	function set(change: (draft: Draft<Border>) => void, together = ''): void {
		piece.setArrangement(
			create(arrangement as Border, (draft) => change(draft)),
			together && `${together} ${arrangement.id}`
		);
	}
	const setCorner = (id: string) => piece.replace(setMotifs(piece.project, { ...arrangement, corner: id === NONE ? null : id }, motifs));
	const taken = $derived.by(() => {
		const group = piece.plan.arrangements.find((one) => one.arrangement === arrangement.id)?.groups[0];
		return group?.choices[group.taken] as { fit?: { counts: readonly number[]; scale: number } } | undefined;
	});
	const counts = $derived([...new Set(taken?.fit?.counts ?? [])]);
	const pin = (side: 'across' | 'down', count: number) =>
		set((draft) => void (draft.pinned[side] = count === FREE ? null : count), `pin ${side}`);
</script>

<RadioRow
	label="At the corners"
	value={arrangement.corners}
	options={[
		{ value: 'mirrored', text: 'through a motif' },
		{ value: 'mitred', text: 'between two' },
		{ value: 'blocks', text: 'a block of its own' }
	]}
	onchange={(corners) => set((draft) => void (draft.corners = corners))}
/>
{#if arrangement.corners === 'blocks'}
	<Find
		label="Motif of the blocks"
		value={arrangement.corner ?? NONE}
		options={[{ value: NONE, text: 'left empty' }, ...motifs.map(({ id, name }) => ({ value: id, text: name }))]}
		onchange={setCorner}
	/>
{/if}
<div class="grid grid-cols-2 gap-2">
	<LengthField
		label="In from the edge"
		value={arrangement.inset}
		{unit}
		min={0}
		onchange={(inset) => set((draft) => void (draft.inset = inset), 'inset')}
	/>
	<Pick
		label="Tops of its motifs"
		value={arrangement.tops}
		options={[
			{ value: 'out', text: 'point outwards' },
			{ value: 'in', text: 'point inwards' }
		]}
		onchange={(tops) => set((draft) => void (draft.tops = tops))}
	/>
</div>
<Fold label="Limits of size and gap, and what is pinned" says={arrangement.pinned.across || arrangement.pinned.down ? 'pinned' : ''}>
	<div class="mt-2 grid grid-cols-3 gap-2">
		{#each [['least', 'Scale, least'], ['wish', 'wished'], ['most', 'most']] as const as [key, text] (key)}
			<NumberField
				label={text}
				value={arrangement.scale[key]}
				min={0.05}
				max={20}
				onchange={(scale) => set((draft) => void (draft.scale = setWished(draft.scale, key, scale)), `scale ${key}`)}
			/>
		{/each}
		<GapField label="Gap, least" value={arrangement.gap.least} onchange={(gap) => setGap('least', gap)} />
		<GapField label="wished" value={middleOf(arrangement.gap)} onchange={(gap) => setGap('wish', gap)} />
		<GapField label="most" value={arrangement.gap.most} onchange={(gap) => setGap('most', gap)} />
		<NumberField
			label="So many across"
			whole
			value={arrangement.pinned.across ?? FREE}
			min={0}
			max={400}
			note="0: as fits best{counts[0] ? `, ${counts[0]} now` : ''}"
			onchange={(count) => pin('across', count)}
		/>
		<NumberField
			label="So many down"
			whole
			value={arrangement.pinned.down ?? FREE}
			min={0}
			max={400}
			note="0: as fits best{counts[1] ? `, ${counts[1]} now` : ''}"
			onchange={(count) => pin('down', count)}
		/>
	</div>
</Fold>
