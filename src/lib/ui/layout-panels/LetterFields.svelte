<script lang="ts">
	import { wordIssue } from '$core/formats';
	import { writeLetters, type Motif } from '$core/layout';
	import { freeId } from '$core/layers';
	import { LengthField } from '$lib/ui/controls';
	import MotifPicture from '$lib/ui/motif/MotifPicture.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	/** A line that is typed, in stencil letters, seen before it is kept. */
	let { motifs, onkeep }: { motifs: readonly Motif[]; onkeep: (motif: Motif) => void } = $props();
	const piece = usePiece();
	const id = $props.id();
	let text = $state('');
	let height = $state(40);
	const written = $derived(writeLetters(text, freeId('line', [...motifs, ...piece.project.layout.motifs]), height));
	const fault = $derived(
		written.ok || text.trim() === ''
			? null
			: wordIssue({ code: written.code, path: '', values: { what: written.what, most: 2000 } }, piece.project.units)
	);
</script>

<div class="space-y-2 pb-2">
	<div class="grid grid-cols-[1fr_7rem] gap-2">
		<div>
			<label class="label" for={id}>The line</label>
			<input
				{id}
				class="field"
				bind:value={text}
				maxlength="60"
				aria-invalid={fault !== null}
				aria-describedby={fault ? `${id}-fault` : undefined}
			/>
		</div>
		<LengthField label="Height of letters" value={height} unit={piece.project.units} min={5} max={1000} onchange={(mm) => (height = mm)} />
	</div>
	{#if fault}<p class="fault" id="{id}-fault">{fault}</p>{/if}
	{#if written.ok}
		<div class="border border-rule bg-white p-2"><MotifPicture motif={written.motif} class="h-14 w-full" /></div>
		<button class="button text-sm" onclick={() => written.ok && onkeep(written.motif)}>Keep it and lay it</button>
	{/if}
</div>
