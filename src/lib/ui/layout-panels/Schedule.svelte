<script lang="ts">
	import { usePiece } from '$lib/ui/piece-state';
	import { wordSteps } from './wordSteps';

	/** What lies on the piece, by the numbers of its balloons. */
	const piece = usePiece();
</script>

<table class="w-full border-collapse text-sm">
	<thead>
		<tr class="border-b border-rule-strong text-left text-ink-soft">
			<th class="w-9 font-normal">No.</th><th class="font-normal">What</th><th class="font-normal">Where</th><th class="font-normal"
				>In coat</th
			>
		</tr>
	</thead>
	<tbody>
		{#each piece.decoration as one (one.number)}
			{@const picked = piece.view.isPicked(one)}
			<tr class="relative border-b border-rule align-top hover:bg-paper-deep {picked ? 'bg-ember-pale' : ''}">
				<td class="py-1.5">
					<span
						class="flex h-6 w-6 items-center justify-center rounded-full border {picked
							? 'border-ember bg-ember font-bold text-white'
							: 'border-ink bg-paper'}">{one.number}</span
					>
				</td>
				<td class="py-1.5 pr-2">
					<button
						class="text-left text-base leading-snug after:absolute after:inset-0 {picked ? 'font-bold text-ember-deep' : ''}"
						aria-pressed={picked}
						onclick={() => piece.view.toggle(one)}>{one.name}</button
					>
					{#if one.looks.length > 0}<span class="font-bold text-must"> !<span class="sr-only"> worth a look</span></span>{/if}
				</td>
				<td class="py-1.5 pr-2">{one.where || 'nowhere'}</td>
				<td class="py-1.5"
					>{#if one.steps.length > 0}{wordSteps(piece.plan, one.steps)}{:else}<span class="text-must">no coat yet</span>{/if}</td
				>
			</tr>
		{/each}
	</tbody>
</table>
