<script lang="ts">
	import { SCHOOL_IDS, SCHOOLS, type Schools } from '$core/layers';
	import { RadioGroup } from 'bits-ui';
	import BlendSchool from './BlendSchool.svelte';
	import { chooseSide, NO_SIDE, waysOf } from './schoolSides';

	/** Where painters disagree: each side in the words of those who do it so, and what follows from the choice. */
	let { value, onchange }: { value: Schools; onchange: (schools: Schools) => void } = $props();
</script>

<div class="grid max-w-2xl grid-cols-2 gap-3 max-narrow:grid-cols-1"><BlendSchool {value} {onchange} /></div>
{#each SCHOOL_IDS as id (id)}
	<section class="mt-5 border-t border-rule pt-3" aria-labelledby="school-{id}">
		<div class="flex flex-wrap items-baseline justify-between gap-x-4">
			<h3 id="school-{id}">{SCHOOLS[id].asks}</h3>
			<p class="note">{SCHOOLS[id].changes}</p>
		</div>
		<RadioGroup.Root
			value={value[id] ?? NO_SIDE}
			onValueChange={(way) => onchange(chooseSide(value, id, way))}
			aria-labelledby="school-{id}"
			class="mt-2 flex flex-wrap items-stretch gap-2"
		>
			{#each waysOf(id) as { way, says, speaksFor, costs } (way)}
				<RadioGroup.Item
					value={way}
					class="flex min-w-48 flex-1 flex-col items-start justify-start border border-rule bg-white px-3 py-2 text-left align-top hover:border-ember data-[state=checked]:border-ember-deep data-[state=checked]:shadow-[inset_0_-3px_0_var(--color-ember)]"
				>
					<b class="block first-letter:uppercase">{says}</b>
					<span class="mt-1 block text-sm">{speaksFor}</span>
					<span class="note mt-1 block">It costs: {costs[0]!.toLowerCase()}{costs.slice(1)}</span>
				</RadioGroup.Item>
			{/each}
			<RadioGroup.Item
				value={NO_SIDE}
				class="flex w-28 flex-col items-start justify-start border border-dashed border-rule-strong px-3 py-2 text-left text-sm text-ink-soft data-[state=checked]:border-solid data-[state=checked]:font-bold data-[state=checked]:text-ink"
				>No side: I decide each time</RadioGroup.Item
			>
		</RadioGroup.Root>
	</section>
{/each}
