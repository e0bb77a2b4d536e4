<script lang="ts" module>
	/** One picture of each shape, drawn as its first face is before anyone has measured it; worked out once, not for each page. */
	const shapes = STARTERS.map((one) => {
		const { piece } = newProject({ name: one.name, units: 'mm', shape: one.id });
		return { ...one, face: measurePiece(piece, 'mm').faces[0]! };
	});
	const MINI = 42;
</script>

<script lang="ts">
	import { INCH_FELLOWS, newProject } from '$core/project';
	import { measurePiece, STARTERS } from '$core/piece';
	import type { PlanError } from '$core/plan';
	import type { LengthUnit } from '$core/units';
	import { FilePick, NumberField, RadioRow, Tick } from '$lib/ui/controls';
	import { announce } from '$lib/ui/api/announce';
	import FaceMini from '$lib/ui/drawing/FaceMini.svelte';
	import type { WorkshopState } from '$lib/ui/workshop/WorkshopState.svelte';
	import { RadioGroup } from 'bits-ui';

	interface Props {
		workshop: WorkshopState;
		busy: boolean;
		/** Of the file that was given last. */
		faults: readonly PlanError[];
		/** Adds what is begun, or what a file holds, and goes on with a screen of it. */
		onadd: (text: string, then: 'measure?field=width' | 'layout') => Promise<void>;
	}
	let { workshop, busy, faults, onadd }: Props = $props();

	let name = $state('');
	/** As the workshop measures, until another is picked. */
	let picked: LengthUnit | null = $state(null);
	const units = $derived(picked ?? workshop.settings?.units ?? 'mm');
	let shape = $state('chest');
	const starter = $derived(STARTERS.find(({ id }) => id === shape)!);
	let count: number | null = $state(null);
	let beginning = $state(false);

	/** What goes with inches is asked of a workshop in mm, and then remembered there. */
	let fellows = $state(false);
	const asks = $derived(units === 'in' && workshop.settings !== null && workshop.settings.units !== 'in');

	/** One that is quick goes on only when it is known what holds in the workshop: the piece begins with it. */
	async function begin(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (beginning) return;
		beginning = true;
		if ((await workshop.known()) !== null && asks && fellows) {
			await workshop.change(INCH_FELLOWS);
			if (workshop.faults[0]) announce(`Not remembered for the workshop. ${workshop.faults[0].message}`);
		}
		const settings = workshop.settings ?? undefined;
		beginning = false;
		await onadd(JSON.stringify(newProject({ name: name.trim() || starter.name, units, count, shape, settings })), 'measure?field=width');
	}

	const open = async (file: File): Promise<void> => onadd(await file.text(), 'layout');
</script>

<form class="paper p-5" onsubmit={begin}>
	<h2>A new piece</h2>
	<label class="label mt-3" for="name">Its name</label>
	<input id="name" class="field" bind:value={name} maxlength="80" placeholder="the hall chest" autocomplete="off" />
	<div class="mt-3">
		<RadioRow
			label="You measure in"
			value={units}
			options={[
				{ value: 'mm', text: 'millimetres' },
				{ value: 'in', text: 'inches' }
			]}
			onchange={(value) => (picked = value)}
		/>
		{#if asks}<Tick
				label="Fahrenheit, fluid ounces and Letter paper with them, from now on"
				checked={fellows}
				onchange={(next) => (fellows = next)}
			/>{/if}
	</div>
	<fieldset class="mt-3">
		<legend class="label">What it is like</legend>
		<RadioGroup.Root
			value={shape}
			onValueChange={(id) => {
				shape = id;
				count = null;
			}}
			aria-label="What it is like"
			class="mt-1 grid grid-cols-5 gap-x-1 gap-y-1"
		>
			{#each shapes as { id, name: title, face } (id)}
				<RadioGroup.Item value={id} class="group flex flex-col items-center" aria-label={title}>
					<span
						class="flex h-[47px] w-full items-end justify-center border-b-[3px] border-transparent pb-0.5 group-data-[state=checked]:border-ember"
					>
						<FaceMini {face} side={MINI} />
					</span>
					<span class="mt-0.5 text-center text-xs leading-tight group-hover:text-ember-deep group-data-[state=checked]:font-bold"
						>{title}</span
					>
				</RadioGroup.Item>
			{/each}
		</RadioGroup.Root>
		<p class="note mt-1 min-h-[2.4em]">{starter.about}</p>
	</fieldset>
	{#if starter.count}
		<div class="mt-3 w-24">
			<NumberField
				label={starter.count.of === 'drawers' ? 'Drawers' : 'Doors'}
				whole
				eager
				value={count ?? starter.count.start}
				min={starter.count.least}
				max={starter.count.most}
				onchange={(next) => (count = next)}
			/>
		</div>
	{/if}
	<button class="button button-ember mt-4 w-full justify-center" disabled={busy || beginning}
		>{busy || beginning ? 'Beginning' : 'Begin measuring'}</button
	>
	<div class="mt-5 border-t border-rule pt-3">
		<FilePick label="or open a project file" accept=".json,application/json" onfile={open} />
	</div>
	{#if faults.length > 0}
		<div class="mt-3 border-t-2 border-must pt-2" role="alert">
			<p class="fault font-bold">The file was not opened; nothing has changed.</p>
			<ul>
				{#each faults.slice(0, 6) as fault, i (i)}<li class="fault mt-1">
						<b class="break-all">{fault.path ? `${fault.path}: ` : ''}</b>{fault.message}
					</li>{/each}
			</ul>
			{#if faults.length > 6}<p class="fault mt-1">and {faults.length - 6} more.</p>{/if}
		</div>
	{/if}
</form>
