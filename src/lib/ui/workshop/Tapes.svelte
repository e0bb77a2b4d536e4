<script lang="ts">
	import { measuredByTen, TAPES } from '$core/layout';
	import { formatFine, nameTape, type LengthUnit } from '$core/units';
	import { LengthField } from '$lib/ui/controls';

	/** The widths of tape that a workshop has; the usual ones where it says nothing. */
	interface Props {
		value: readonly number[] | undefined;
		unit: LengthUnit;
		onchange: (tapes: number[]) => void;
	}
	let { value, unit, onchange }: Props = $props();
	const tapes = $derived([...(value ?? TAPES)].sort((a, b) => a - b));
	let fresh = $state(10);
	const put = (next: readonly number[]) => onchange([...next]);
	/** Laid side by side ten strips tell the true width of one; it is the tape of the shelf that is nearest to it. */
	let ten = $state<number | null>(null);
	const measured = $derived(ten === null ? null : measuredByTen(tapes, ten));
	const isThere = $derived(tapes.some((tape) => Math.abs(tape - fresh) < 1e-6));
</script>

<p class="label">Tapes on the shelf</p>
<ul class="flex flex-wrap gap-1">
	{#each tapes as tape (tape)}
		<li>
			<button
				class="button min-h-[30px] px-2 text-sm"
				disabled={tapes.length === 1}
				aria-label="Take the tape of {nameTape(tape, unit)} off the shelf"
				onclick={() => put(tapes.filter((other) => other !== tape))}>{nameTape(tape, unit)} ×</button
			>
		</li>
	{/each}
</ul>
<div class="mt-1 flex items-end gap-2">
	<div class="w-40">
		<LengthField
			fine
			label="Ten strips side by side"
			value={ten ?? 10 * tapes[0]!}
			{unit}
			min={10}
			max={1000}
			onchange={(mm) => (ten = mm)}
		/>
	</div>
	<button
		class="button text-sm"
		disabled={measured === null || tapes.includes(measured.width)}
		onclick={() => {
			if (measured !== null) put(tapes.map((tape) => (tape === measured.tape ? measured.width : tape)));
			ten = null;
		}}
		>{measured === null
			? 'Set the width of one'
			: `The ${nameTape(measured.tape, unit)} one is ${formatFine(measured.width, 'mm').text} wide`}</button
	>
</div>
<div class="mt-1 flex items-end gap-2">
	<div class="w-32"><LengthField fine label="Another width" value={fresh} {unit} min={1} max={100} onchange={(mm) => (fresh = mm)} /></div>
	<button class="button text-sm" disabled={isThere || tapes.length >= 30} onclick={() => put([...tapes, fresh])}>Put it on the shelf</button
	>
</div>
