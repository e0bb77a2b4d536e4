<script lang="ts">
	import { Tip } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** What lies on the piece, by the numbers of its balloons alone: while one of it is picked. */
	let { onlist }: { onlist: () => void } = $props();
	const piece = usePiece();
</script>

<ul class="flex min-w-0 flex-1 flex-wrap gap-1 pointer-coarse:gap-2">
	{#each piece.decoration as one (one.number)}
		{@const picked = piece.view.isPicked(one)}
		<li>
			<Tip text={one.name}>
				{#snippet children({ props })}<button
						{...props}
						class="relative flex h-7 w-7 items-center justify-center rounded-full border text-sm pointer-coarse:h-11 pointer-coarse:w-11 {picked
							? 'border-ember bg-ember font-bold text-white'
							: 'border-ink bg-paper hover:border-ember hover:text-ember-deep'}"
						aria-label={one.name}
						aria-pressed={picked}
						onclick={() => piece.view.toggle(one)}
						>{one.number}{#if one.looks.length > 0 && !picked}<span class="absolute -top-1 -right-1 font-bold text-must" aria-hidden="true"
								>!</span
							>{/if}</button
					>{/snippet}
			</Tip>
		</li>
	{/each}
</ul>
<button class="touch shrink-0 text-sm underline hover:text-ember-deep" onclick={onlist}>the list</button>
