<script lang="ts">
	import { setPatch } from '$core/project';
	import { formatWait } from '$core/units';
	import { Fold } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** A coat on a board of 10 by 15 cm, before it goes on the piece. */
	let { coat }: { coat: string } = $props();
	const piece = usePiece();
	const patch = $derived(piece.plan.patches.find((one) => one.coat === coat));
</script>

{#if patch}
	<div class="border-l-4 border-well bg-white px-3 py-2 text-sm">
		<p><b>Tried first on a board of 10 by 15 cm:</b> begin it {formatWait(patch.whole)} ahead.</p>
		<Fold label="What goes on it, and its back">
			<ol class="list-decimal space-y-0.5 pl-5">
				{#each patch.steps as step (step.coat)}<li>
						{step.wait > 0 ? `after ${formatWait(step.wait)}: ` : ''}{step.label}{step.times > 1 ? `, ${step.times} coats` : ''}
						<span class="note block">{step.takes.map(({ name, ml }) => `${piece.writePour(ml)} ${name}`).join('; ')}</span>
					</li>{/each}
			</ol>
			<p class="label mt-2">On its back</p>
			{#each patch.back as line, i (i)}<p>{line}</p>{/each}
		</Fold>
		<button class="underline" onclick={() => piece.replace(setPatch(piece.project, coat, false))}>No board for it</button>
	</div>
{:else}
	<button class="button button-quiet text-sm underline" onclick={() => piece.replace(setPatch(piece.project, coat, true))}
		>Try it first on a board</button
	>
{/if}
