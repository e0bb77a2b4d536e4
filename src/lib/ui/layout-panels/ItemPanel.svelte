<script lang="ts">
	import { kindOfArrangement, moveItemEdge, type Arrangement } from '$core/layout';
	import { namePlace, type ItemRow } from '$core/plan';
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
		<h3>{name}, {row.role.replace('-', ' ')}{row.motif === null ? '' : ` ${row.index + 1}`}</h3>
		<span class="note">{how}</span>
	</div>
	{#if kind.isPlaced}<div class="mt-1 grid grid-cols-2 gap-2">
			<LengthField label="Left edge, from the left" value={row.left} {unit} onchange={(left) => place({ left })} />
			<LengthField label="Top edge, from the top" value={row.top} {unit} onchange={(top) => place({ top })} />
		</div>{/if}
	<dl class="mt-2 grid grid-cols-[1fr_auto] gap-x-3 text-sm">
		{#if !kind.isPlaced}
			<dt class="text-ink-soft">left edge, from the left</dt>
			<dd class="text-right"><Figure mm={row.left} {unit} /></dd>
			<dt class="text-ink-soft">top edge, from the top</dt>
			<dd class="text-right"><Figure mm={row.top} {unit} /></dd>
		{/if}
		<dt class="text-ink-soft">right edge, from the right</dt>
		<dd class="text-right"><Figure mm={row.right} {unit} /></dd>
		<dt class="text-ink-soft">bottom edge, from the bottom</dt>
		<dd class="text-right"><Figure mm={row.bottom} {unit} /></dd>
		<dt class="text-ink-soft">centre, from the left and top</dt>
		<dd class="text-right"><Figure mm={row.centre.x} {unit} />, <Figure mm={row.centre.y} {unit} /></dd>
		<dt class="text-ink-soft">place in the order</dt>
		<dd class="text-right">{row.order}</dd>
	</dl>
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
