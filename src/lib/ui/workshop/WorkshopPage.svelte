<script lang="ts">
	import { INCH_FELLOWS, sharedField } from '$core/project';
	import { RadioRow } from '$lib/ui/controls';
	import Redo from '@lucide/svelte/icons/redo-2';
	import Undo from '@lucide/svelte/icons/undo-2';
	import SchoolSides from './SchoolSides.svelte';
	import Tapes from './Tapes.svelte';
	import TinShelf from './TinShelf.svelte';
	import type { WorkshopState } from './WorkshopState.svelte';
	import WorkshopFields from './WorkshopFields.svelte';

	/** What holds in the workshop: a new piece begins with it, and pieces that are there say where they differ. */
	let { workshop }: { workshop: WorkshopState } = $props();
	const fellows = Object.keys(INCH_FELLOWS) as (keyof typeof INCH_FELLOWS)[];
</script>

{#each workshop.faults as fault (fault.code)}<p class="fault mb-3 border-l-4 border-must pl-2" role="alert">{fault.message}</p>{/each}
{#if workshop.settings}
	{@const settings = workshop.settings}
	<div class="flex items-start gap-6 max-narrow:flex-col">
		<div class="w-[21rem] shrink-0 space-y-6 max-narrow:w-full">
			<section class="paper space-y-3 px-5 py-4" aria-labelledby="room">
				<div class="flex items-baseline justify-between">
					<h2 id="room">The room and the hands</h2>
					<span class="flex">
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
					</span>
				</div>
				<WorkshopFields value={settings} onchange={(change) => void workshop.change(change)} />
				<RadioRow
					label="New pieces are measured in"
					value={settings.units}
					options={[
						{ value: 'mm', text: 'millimetres' },
						{ value: 'in', text: 'inches' }
					]}
					onchange={(units) => void workshop.change({ units })}
				/>
				<RadioRow
					label="and printed on"
					value={settings.paper}
					options={[
						{ value: 'a4', text: 'A4' },
						{ value: 'letter', text: 'Letter' }
					]}
					onchange={(paper) => void workshop.change({ paper })}
				/>
				{#if settings.units === 'in' && fellows.some((field) => sharedField(settings, field) !== INCH_FELLOWS[field])}
					<button class="button text-sm" onclick={() => void workshop.change(INCH_FELLOWS)}
						>Fahrenheit, fluid ounces and Letter with inches</button
					>
				{/if}
				<Tapes value={settings.tapes} unit={settings.units} onchange={(tapes) => void workshop.change({ tapes })} />
				<p class="note">A new piece begins with this. Pieces that are there keep what they have, and say so where they differ.</p>
			</section>
			<section class="paper px-5 py-4" aria-labelledby="tins">
				<h2 id="tins">Tins of your own</h2>
				<TinShelf {settings} onchange={(materials) => void workshop.change({ materials })} />
			</section>
		</div>
		<section class="paper min-w-0 flex-1 px-6 py-4" aria-labelledby="schools">
			<h2 id="schools">Where painters disagree</h2>
			<p class="note mb-3 max-w-2xl">
				Each of these works for those who do it. Take a side once, and steps, rules and remedies follow it; on a piece it can be another,
				under Conditions.
			</p>
			<SchoolSides value={settings.schools ?? {}} onchange={(schools) => void workshop.change({ schools })} />
		</section>
	</div>
{:else if workshop.faults.length === 0}<p class="note">It is being asked for.</p>{/if}
