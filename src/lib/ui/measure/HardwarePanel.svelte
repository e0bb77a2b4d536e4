<script lang="ts">
	import type { Hardware, LengthInput } from '$core/piece';
	import { Choice } from '$lib/ui/choice';
	import { usePiece } from '$lib/ui/piece-state';
	import ReadingField from './ReadingField.svelte';

	const piece = usePiece();
	const face = $derived(piece.project.piece.faces[0]!);
	const inches = $derived(piece.project.units === 'in');
	const drawers = $derived(piece.plan.faces[0]!.parts.filter((part) => part.role === 'drawer'));
	let forDrawer = $state('every');
	const own = $derived(forDrawer !== 'every' && face.exceptions[forDrawer] !== undefined);
	const hardware = $derived(forDrawer === 'every' ? face.hardware : (face.exceptions[forDrawer] ?? face.hardware));
	const path = $derived(own ? `piece.faces[0].exceptions.${forDrawer}` : 'piece.faces[0].hardware');
	const errorAt = (field: string) => piece.plan.errors.find((error) => error.path === (field ? `${path}.${field}` : path));

	function set(next: Hardware): void {
		piece.edit((draft) => {
			const target = draft.piece.faces[0]!;
			if (forDrawer === 'every') target.hardware = next;
			else target.exceptions[forDrawer] = next;
		}, `hardware ${forDrawer}`);
	}
	function setKind(kind: Hardware['kind']): void {
		const placed =
			hardware.kind === 'none'
				? { across: { rule: 'quarter' as const }, down: { rule: 'middle' as const }, hole: inches ? '3/16' : '5' }
				: { across: hardware.across, down: hardware.down, hole: hardware.hole };
		if (kind === 'none') set({ kind });
		else if (kind === 'knob') set({ kind, ...placed, diameter: inches ? '1 1/4' : '32' });
		else set({ kind, ...placed, spacing: inches ? '3' : '96', width: inches ? '4' : '120', height: inches ? '3/4' : '20' });
	}
	function setAcross(rule: 'middle' | 'quarter' | 'edge-1' | 'edge-2'): void {
		if (hardware.kind === 'none') return;
		const distance: LengthInput = hardware.across.rule === 'edge' ? hardware.across.distance : inches ? '4' : '100';
		set({
			...hardware,
			across: rule === 'middle' || rule === 'quarter' ? { rule } : { rule: 'edge', distance, count: rule === 'edge-1' ? 1 : 2 }
		});
	}
	function takeException(): void {
		piece.edit((draft) => void delete draft.piece.faces[0]!.exceptions[forDrawer]);
	}
	const acrossValue = $derived(
		hardware.kind === 'none'
			? 'middle'
			: hardware.across.rule === 'edge'
				? (`edge-${hardware.across.count}` as const)
				: hardware.across.rule
	);
</script>

<div class="space-y-2">
	<label class="label" for="hardware-for">On</label>
	<select id="hardware-for" class="field" bind:value={forDrawer}>
		<option value="every">every drawer</option>
		{#each drawers as drawer (drawer.id)}<option value={drawer.id}
				>{drawer.name} only{face.exceptions[drawer.id] ? ' (differs)' : ''}</option
			>{/each}
	</select>
	{#if own}<button class="button button-quiet text-sm underline" onclick={takeException}>as on every drawer</button>{/if}
	<Choice
		label="What is there"
		value={hardware.kind}
		options={[
			{ value: 'knob', text: 'knobs' },
			{ value: 'pull', text: 'pulls' },
			{ value: 'none', text: 'nothing' }
		]}
		onchange={setKind}
	/>
	{#if hardware.kind !== 'none'}
		<Choice
			label="Where, across"
			value={acrossValue}
			options={[
				{ value: 'middle', text: 'one, middle' },
				{ value: 'quarter', text: 'two, at the quarters' },
				{ value: 'edge-2', text: 'two, from the edges' },
				{ value: 'edge-1', text: 'one, from the left' }
			]}
			onchange={setAcross}
		/>
		<div class="grid grid-cols-2 gap-2">
			{#if hardware.across.rule === 'edge'}
				<ReadingField
					wide
					label="Edge to its middle"
					value={hardware.across.distance}
					error={errorAt('across.distance')}
					onchange={(distance) => hardware.across.rule === 'edge' && set({ ...hardware, across: { ...hardware.across, distance } })}
				/>
			{/if}
			<div>
				<label class="label" for="hardware-down">Where, down</label>
				<select
					id="hardware-down"
					class="field"
					value={hardware.down.rule}
					onchange={(event) =>
						set({
							...hardware,
							down: event.currentTarget.value === 'middle' ? { rule: 'middle' } : { rule: 'top', distance: inches ? '2' : '50' }
						})}
				>
					<option value="middle">in the middle</option>
					<option value="top">from the top</option>
				</select>
			</div>
			{#if hardware.down.rule === 'top'}<ReadingField
					wide
					label="Top to its middle"
					value={hardware.down.distance}
					error={errorAt('down.distance')}
					onchange={(distance) => set({ ...hardware, down: { rule: 'top', distance } })}
				/>{/if}
			<ReadingField wide label="Hole" value={hardware.hole} error={errorAt('hole')} onchange={(hole) => set({ ...hardware, hole })} />
			{#if hardware.kind === 'knob'}
				<ReadingField
					wide
					label="Knob across"
					value={hardware.diameter}
					error={errorAt('diameter')}
					onchange={(diameter) => hardware.kind === 'knob' && set({ ...hardware, diameter })}
				/>
			{:else}
				<ReadingField
					wide
					label="Hole to hole"
					value={hardware.spacing}
					error={errorAt('spacing')}
					onchange={(spacing) => hardware.kind === 'pull' && set({ ...hardware, spacing })}
				/>
				<ReadingField
					wide
					label="Pull, wide"
					value={hardware.width}
					error={errorAt('width')}
					onchange={(width) => hardware.kind === 'pull' && set({ ...hardware, width })}
				/>
				<ReadingField
					wide
					label="Pull, high"
					value={hardware.height}
					error={errorAt('height')}
					onchange={(height) => hardware.kind === 'pull' && set({ ...hardware, height })}
				/>
			{/if}
		</div>
		{#if errorAt('')}<p class="fault">{errorAt('')!.message}</p>{/if}
	{/if}
</div>
