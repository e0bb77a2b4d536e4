<script lang="ts">
	import { kindOfArrangement, moveItemTo, type Arrangement } from '$core/layout';
	import { figuresOnPart, partOfPiece, straightSides, type DatumFigure } from '$core/piece';
	import { datumWords, labelsOn, namePlace, type ItemRow } from '$core/plan';
	import { LengthField } from '$lib/ui/controls';
	import Figure from '$lib/ui/figure/Figure.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	let { row, arrangement }: { row: ItemRow; arrangement: Arrangement } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const kind = $derived(kindOfArrangement(arrangement));
	const name = $derived(namePlace(piece.plan, row.part));

	const part = $derived(partOfPiece(piece.plan.faces, row.part));
	const words = $derived(datumWords(part, unit));
	const figures = $derived(figuresOnPart(part, row));
	const LABELS = {
		across: { left: 'Left edge, from the left', right: 'Right edge, from the right', centre: 'Centre, right of the centre line' },
		down: { top: 'Top edge, from the top', bottom: 'Bottom edge, from the bottom', centre: 'Centre, below the centre line' }
	} as const;
	const labelOf = ({ axis, from }: DatumFigure) => (LABELS[axis] as Readonly<Record<string, string>>)[from]!;
	/** The other edges that a tape can be hooked on, by the side that each is told from. */
	const sides = $derived((['left', 'right', 'top', 'bottom'] as const).filter((side) => straightSides(part).has(side)));
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
			{#each figures as figure (figure.axis)}<LengthField
					label={labelOf(figure)}
					value={figure.mm}
					{unit}
					onchange={(mm) => piece.setArrangement(moveItemTo(arrangement, row, figure, mm), `place ${row.arrangement} ${row.key}`)}
				/>{/each}
		</div>{/if}
	<dl class="mt-2 grid grid-cols-[1fr_auto] gap-x-3 text-sm">
		{#each sides as side (side)}
			<dt class="text-ink-soft">{side} edge, from the {side}</dt>
			<dd class="text-right"><Figure mm={row[side]} {unit} /></dd>
		{/each}
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
