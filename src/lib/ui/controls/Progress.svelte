<script lang="ts">
	import { Progress } from 'bits-ui';

	/** How far long work is, 0 to 1. */
	let { label, value }: { label: string; value: number } = $props();
</script>

<Progress.Root {value} max={1} min={0} aria-label={label} class="block h-1.5 min-w-20 flex-1 border border-rule-strong bg-white">
	<span class="block h-full bg-ember" style:width="{Math.round(value * 100)}%"></span>
</Progress.Root>
