<script lang="ts">
	import { listTools } from '$core/materials';
	import { usePiece } from '$lib/ui/piece-state';

	const piece = usePiece();
	const tools = $derived(listTools(piece.plan.quantities.tools));
	const coatsOf = (ids: readonly string[]) =>
		[...new Set(ids.map((id) => piece.plan.order.find(({ coat }) => coat === id)!.label.toLowerCase()))].join(', ');
</script>

<section class="paper p-5" aria-label="Tools">
	<h2>To lay out</h2>
	{#if tools.length === 0}<p>No coat yet that needs a tool.</p>{/if}
	<ul class="mt-2">
		{#each tools as { tool, count, coats } (tool)}<li class="flex justify-between gap-3 border-t border-rule py-1">
				<span>{tool}<span class="note block">{coatsOf(coats)}</span></span><b>{count}</b>
			</li>{/each}
	</ul>
</section>
