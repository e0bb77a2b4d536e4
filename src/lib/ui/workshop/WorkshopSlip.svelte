<script lang="ts">
	import { INCH_FELLOWS, sharedField } from '$core/project';
	import { Pop, RadioRow } from '$lib/ui/controls';
	import Redo from '@lucide/svelte/icons/redo-2';
	import Undo from '@lucide/svelte/icons/undo-2';
	import type { WorkshopState } from './WorkshopState.svelte';
	import WorkshopFields from './WorkshopFields.svelte';

	/** What holds in the workshop: a new piece begins with it, and pieces that are there say where they differ. */
	let { workshop }: { workshop: WorkshopState } = $props();
	const fellows = Object.keys(INCH_FELLOWS) as (keyof typeof INCH_FELLOWS)[];
</script>

<Pop label="What holds in the workshop" look="touch underline hover:text-ember-deep" side="left">
	<div class="w-72 space-y-2">
		{#if workshop.settings}
			<WorkshopFields value={workshop.settings} onchange={(change) => void workshop.change(change)} />
			<RadioRow
				label="New pieces are measured in"
				value={workshop.settings.units}
				options={[
					{ value: 'mm', text: 'millimetres' },
					{ value: 'in', text: 'inches' }
				]}
				onchange={(units) => void workshop.change({ units })}
			/>
			<RadioRow
				label="and printed on"
				value={workshop.settings.paper}
				options={[
					{ value: 'a4', text: 'A4' },
					{ value: 'letter', text: 'Letter' }
				]}
				onchange={(paper) => void workshop.change({ paper })}
			/>
			{#if workshop.settings.units === 'in' && fellows.some((field) => sharedField(workshop.settings!, field) !== INCH_FELLOWS[field])}
				<button class="button text-sm" onclick={() => void workshop.change(INCH_FELLOWS)}
					>Fahrenheit, fluid ounces and Letter with inches</button
				>
			{/if}
			<p class="note">A new piece begins with this. Pieces that are there keep what they have, and say so where they differ.</p>
			<div class="flex gap-2">
				<button
					class="button button-quiet"
					disabled={!workshop.canUndo}
					onclick={() => void workshop.step('back')}
					aria-label="Undo in the workshop"><Undo size={18} /></button
				>
				<button
					class="button button-quiet"
					disabled={!workshop.canRedo}
					onclick={() => void workshop.step('forth')}
					aria-label="Redo in the workshop"><Redo size={18} /></button
				>
			</div>
		{:else if workshop.faults.length === 0}<p class="note">It is being asked for.</p>{/if}
		{#each workshop.faults as fault (fault.code)}<p class="fault" role="alert">{fault.message}</p>{/each}
	</div>
</Pop>
