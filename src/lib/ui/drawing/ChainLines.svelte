<script lang="ts">
	import type { MeasuredChain, MeasuredFace, MeasuredReading } from '$core/piece';
	import { figureBetween } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';
	import Dimension from './Dimension.svelte';

	interface Props {
		face: MeasuredFace;
		/** Pixels per mm. */
		scale: number;
		/** Readings in question, by their id. */
		suspects: readonly string[];
		/** From the lines of one chain to those of the next, px: beside the face, and below it. */
		column: number;
		row: number;
	}
	let { face, scale, suspects, column, row }: Props = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	/** Sizes add up as they are read. */
	const shown = ({ finest }: MeasuredChain, { from, mm }: MeasuredReading) =>
		figureBetween(from, from + mm, unit, { read: finest, step: 1 });
	const downs = $derived(face.chains.filter(({ along }) => along === 'down'));
	const acrosses = $derived(face.chains.filter(({ along }) => along === 'across'));
	const drawer = $derived(face.parts.find((part) => part.role === 'drawer'));
</script>

{#each downs as chain, c (chain.path)}
	{#each chain.readings as reading (reading.id)}
		<Dimension
			from={reading.from * scale}
			to={(reading.from + reading.mm) * scale}
			at={face.width * scale + 20 + c * column}
			off={face.width * scale + (c > 0 ? 12 + c * column : 0)}
			text={shown(chain, reading)}
			{unit}
			upright
			guess={reading.estimated}
			fault={suspects.includes(reading.id)}
			outer={reading.role === 'gap'}
		/>
	{/each}
{/each}
{#each acrosses as chain, c (chain.path)}
	{#each chain.readings as reading (reading.id)}
		<Dimension
			from={reading.from * scale}
			to={(reading.from + reading.mm) * scale}
			at={face.height * scale + 24 + c * row}
			off={face.height * scale + (c > 0 ? c * row : 0)}
			text={shown(chain, reading)}
			{unit}
			guess={reading.estimated}
			fault={suspects.includes(reading.id)}
			outer={reading.role === 'gap'}
		/>
	{/each}
{/each}
{#if drawer && acrosses.length === 0}
	<Dimension
		from={drawer.x * scale}
		to={(drawer.x + drawer.width) * scale}
		at={face.height * scale + 24}
		off={face.height * scale}
		mm={drawer.width}
		{unit}
	/>
	{#each drawer.hardware as { centre }, i (i)}
		{#if i === 0}<Dimension from={drawer.x * scale} to={(drawer.x + centre.x) * scale} at={-12} off={0} mm={centre.x} {unit} />{/if}
	{/each}
{/if}
