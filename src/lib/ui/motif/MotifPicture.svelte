<script lang="ts">
	import type { Motif } from '$core/layout';

	let { motif, class: size = 'h-12 w-12' }: { motif: Motif; class?: string } = $props();
</script>

<svg class={size} viewBox="-2 -2 {motif.width + 4} {motif.height + 4}" aria-hidden="true">
	{#each motif.paths as path, i (i)}<path d={path.d} fill-rule={path.rule} fill="currentColor" />{/each}
</svg>
