<script lang="ts">
	import { Fold } from '$lib/ui/controls';

	interface Props {
		bin: readonly { readonly id: string; readonly name: string; readonly removedAt: Date }[];
		onbringback: (id: string) => void;
	}
	let { bin, onbringback }: Props = $props();
</script>

{#if bin.length > 0}
	<Fold label="In the bin" says={bin.length.toString()}>
		<ul class="pb-1">
			{#each bin as { id, name, removedAt } (id)}
				<li class="flex items-baseline justify-between gap-2 border-t border-rule py-1">
					<span class="min-w-0 truncate">{name}</span>
					<span class="note whitespace-nowrap">{removedAt.toLocaleDateString()}</span>
					<button class="underline hover:text-ember-deep" onclick={() => onbringback(id)} aria-label="Bring back {name}">bring back</button>
				</li>
			{/each}
		</ul>
		<p class="note pb-1">What lies here longer than thirty days on which the workshop was open is gone for good.</p>
	</Fold>
{/if}
