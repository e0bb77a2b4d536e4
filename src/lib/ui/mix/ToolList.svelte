<script lang="ts">
	import { listTools } from '$core/materials';
	import { usePiece } from '$lib/ui/piece-state';

	const piece = usePiece();
	const tools = $derived(listTools(piece.plan.quantities.tools, new Map(piece.plan.order.map(({ coat, beginsAt }) => [coat, beginsAt]))));
	const coatsOf = (ids: readonly string[]) =>
		[...new Set(ids.map((id) => piece.plan.order.find(({ coat }) => coat === id)!.label.toLowerCase()))].join(', ');
</script>

<section class="paper p-5" aria-label="Tools">
	<h2>To lay out</h2>
	{#if tools.length === 0}<p>No coat yet that needs a tool.</p>{/if}
	<ul class="mt-2">
		{#each tools as { tool, count, wrap, coats } (tool)}<li class="py-0.5">
				<b class="mr-2">{count}</b>{tool}<span class="note block pl-5 leading-tight"
					>{coatsOf(coats)}{wrap ? '; wrapped in between, they serve again' : ''}</span
				>
			</li>{/each}
	</ul>
</section>
