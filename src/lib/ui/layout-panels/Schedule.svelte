<script lang="ts">
	import { usePiece } from '$lib/ui/piece-state';
	import { wordSteps } from './wordSteps';

	/** What lies on the piece, as notes at the numbers of its balloons. */
	const piece = usePiece();
</script>

<ol aria-label="What lies on it, by number">
	{#each piece.decoration as one (one.number)}
		{@const picked = piece.view.isPicked(one)}
		<li
			class="relative flex gap-2.5 border-l-4 py-1 pl-2 hover:bg-paper-deep {picked ? 'border-ember bg-ember-pale' : 'border-transparent'}"
		>
			<span
				class="mt-0.5 flex h-6 w-6 shrink-0 items-center justify-center rounded-full border text-sm {picked
					? 'border-ember bg-ember font-bold text-white'
					: 'border-ink bg-paper'}"
				aria-hidden="true">{one.number}</span
			>
			<span class="min-w-0">
				<button
					class="text-left leading-snug after:absolute after:inset-0 {picked ? 'font-bold text-ember-deep' : 'font-medium'}"
					aria-pressed={picked}
					onclick={() => piece.view.toggle(one)}>{one.name}</button
				>{#if one.looks.length > 0}<span class="font-bold text-must"> !<span class="sr-only"> worth a look</span></span>{/if}
				<span class="note block leading-tight"
					>{one.where || 'nowhere'}, {#if one.steps.length > 0}{wordSteps(piece.plan, one.steps)}{:else}<span class="text-must"
							>no coat yet</span
						>{/if}</span
				>
			</span>
		</li>
	{/each}
</ol>
