<script lang="ts">
	import { kindOfArrangement, moveItemEdge, type Arrangement } from '$core/layout';
	import { fromDatum, partOfPiece } from '$core/piece';
	import { datumWords, labelsOn, namePlace, type ItemRow } from '$core/plan';
	import { LengthField } from '$lib/ui/controls';
	import Figure from '$lib/ui/figure/Figure.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	let { row, arrangement }: { row: ItemRow; arrangement: Arrangement } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const kind = $derived(kindOfArrangement(arrangement));
	const name = $derived(namePlace(piece.plan, row.part));

	const place = (edges: { left?: number; top?: number }) =>
		piece.setArrangement(moveItemEdge(arrangement, row, edges), `place ${row.arrangement} ${row.key}`);
	const part = $derived(partOfPiece(piece.plan.faces, row.part));
	const words = $derived(datumWords(part, unit));
	const off = $derived(fromDatum(part, row.centre));
	/** From an edge that a tape can be hooked on the near edge of the motif; from a centre line its centre. */
	const fields = $derived([
		{
			left: { label: 'Left edge, from the left', value: row.left, set: (mm: number) => place({ left: mm }) },
			right: { label: 'Right edge, from the right', value: row.right, set: (mm: number) => place({ left: row.left + row.right - mm }) },
			centre: {
				label: 'Centre, right of the centre line',
				value: off.across,
				set: (mm: number) => place({ left: row.left + mm - off.across })
			}
		}[words.datum.across],
		{
			top: { label: 'Top edge, from the top', value: row.top, set: (mm: number) => place({ top: mm }) },
			bottom: { label: 'Bottom edge, from the bottom', value: row.bottom, set: (mm: number) => place({ top: row.top + row.bottom - mm }) },
			centre: { label: 'Centre, below the centre line', value: off.down, set: (mm: number) => place({ top: row.top + mm - off.down }) }
		}[words.datum.down]
	]);
	const how = $derived(
		row.byHand
			? 'placed by hand'
			: row.half !== 'none'
				? 'half a motif'
				: row.cutBy.length > 0
					? `cut at ${row.cutBy.map((side) => (side === 'outline' ? 'the edge' : side === 'opening' ? 'a gap' : `the ${side}`)).join(' and ')}`
					: kind.release
						? 'in its row'
						: 'whole'
	);
</script>

<section class="border border-ember bg-white p-3" aria-label="The motif that is picked">
	<div class="flex items-baseline justify-between">
		<h3>
			{name}, {row.role.replace('-', ' ')}{row.motif === null ? '' : ` ${labelsOn(piece.project.layout, piece.plan, row.part)(row)}`}
		</h3>
		<span class="note">{how}</span>
	</div>
	{#if kind.isPlaced}<div class="mt-1 grid grid-cols-2 gap-2">
			{#each fields as { label, value, set } (label)}<LengthField {label} {value} {unit} onchange={set} />{/each}
		</div>{/if}
	<dl class="mt-2 grid grid-cols-[1fr_auto] gap-x-3 text-sm">
		{#if words.datum.across !== 'centre'}
			<dt class="text-ink-soft">left and right edge, from their sides</dt>
			<dd class="text-right"><Figure mm={row.left} {unit} />, <Figure mm={row.right} {unit} /></dd>
		{/if}
		{#if words.datum.down !== 'centre'}
			<dt class="text-ink-soft">top and bottom edge, from theirs</dt>
			<dd class="text-right"><Figure mm={row.top} {unit} />, <Figure mm={row.bottom} {unit} /></dd>
		{/if}
		<dt class="text-ink-soft">centre</dt>
		<dd class="text-right">{words.across(row.centre.x)},<br />{words.down(row.centre.y)}</dd>
		<dt class="text-ink-soft">place in the order</dt>
		<dd class="text-right">{row.order}</dd>
	</dl>
	{#if part.estimated}<p class="note mt-1">The size of {name} is a guess, and so are these: measure it first.</p>{/if}
	{#if row.touches.length > 0}
		{#if !kind.meansHardware(arrangement, row)}<p class="fault mt-1">! It stands on a knob.</p>{:else}<p class="note mt-1">
				A knob comes over it, as you chose.
			</p>{/if}
	{/if}
	<div class="mt-2 flex flex-wrap gap-2">
		{#if row.byHand && kind.release}{@const { release } = kind}<button
				class="button text-sm"
				onclick={() => piece.setArrangement(release(arrangement, row))}>Back into its row</button
			>{/if}
		<button
			class="button text-sm"
			onclick={() => {
				/** The motif is gone from here with what is picked: it is left out first. */
				const { id } = arrangement;
				piece.setArrangement(kind.leaveOut(arrangement, row));
				piece.view.selection = { kind: 'arrangement', id };
			}}>Leave it out</button
		>
	</div>
</section>
