<script lang="ts">
	import type { Frame } from '$core/layout';
	import { LengthField } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import TapeNote from './TapeNote.svelte';

	let { arrangement }: { arrangement: Frame } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const set = (change: Partial<Frame>, together = '') =>
		piece.setArrangement({ ...arrangement, ...change }, together && `${together} ${arrangement.id}`);
	const setLine = (at: number, change: Partial<Frame['lines'][number]>) =>
		set({ lines: arrangement.lines.map((line, i) => (i === at ? { ...line, ...change } : line)) }, `line ${at}`);
	const MOST = 4;
</script>

<div class="grid grid-cols-3 gap-2">
	<LengthField label="In from the edge" value={arrangement.inset} {unit} min={0} onchange={(inset) => set({ inset }, 'inset')} />
	{#each arrangement.lines as { width, gap }, at (at)}
		<LengthField
			fine
			label={arrangement.lines.length > 1 ? `Line ${at + 1}` : 'Line'}
			value={width}
			{unit}
			min={0.5}
			onchange={(mm) => setLine(at, { width: mm })}
		/>
		{#if at < arrangement.lines.length - 1}<LengthField
				fine
				label="Ground after it"
				value={gap}
				{unit}
				min={0}
				onchange={(mm) => setLine(at, { gap: mm })}
			/>{/if}
	{/each}
</div>
<div class="flex flex-wrap gap-2">
	{#if arrangement.lines.length < MOST}<button
			class="button text-sm"
			onclick={() => {
				const last = arrangement.lines.at(-1)!;
				set({
					lines: [...arrangement.lines.slice(0, -1), { ...last, gap: Math.max(last.gap, last.width) }, { width: last.width, gap: 0 }]
				});
			}}>Another line inside it</button
		>{/if}
	{#if arrangement.lines.length > 1}<button class="button text-sm" onclick={() => set({ lines: arrangement.lines.slice(0, -1) })}
			>One less</button
		>{/if}
</div>
<TapeNote arrangement={arrangement.id} />
