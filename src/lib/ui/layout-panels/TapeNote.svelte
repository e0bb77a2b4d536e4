<script lang="ts">
	import { metresOfTape } from '$core/layout';
	import { nameTape, formatRun } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';

	/** How much tape an arrangement takes, and how many strips are laid. */
	let { arrangement }: { arrangement: string } = $props();
	const piece = usePiece();
	const strips = $derived(
		(piece.plan.arrangements.find((one) => one.arrangement === arrangement)?.taping ?? []).flatMap((one) => one.strips)
	);
	const metres = $derived(metresOfTape(strips));
	const masks = $derived(strips.filter(({ use }) => use === 'mask').length);
	const unit = $derived(piece.project.units);
</script>

{#if strips.length > 0}
	<p class="note" role="status">
		{masks} masks{strips.length > masks ? `, ${strips.length - masks} spacers that are pulled before painting` : ''}. Tape: {metres
			.map(({ tape, metres: m }) => `${formatRun(m * 1000, unit)} of ${nameTape(tape, unit)}`)
			.join(', ')}. Order and figures: on the tape page of Cut sheets.
	</p>
{/if}
