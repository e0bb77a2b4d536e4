<script lang="ts">
	import { HARDWARE, type AcrossRule, type DownRule, type Hardware, type HardwareKind, type SomeHardware } from '$core/piece';
	import { formatFigure } from '$core/units';
	import { Pick, RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import ReadingField from './ReadingField.svelte';

	interface Props {
		hardware: Hardware;
		/** Where it stands on the face, for what is wrong with it. */
		path: string;
		kinds: readonly (HardwareKind | 'none')[];
		onchange: (hardware: Hardware) => void;
	}
	let { hardware, path, kinds, onchange }: Props = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const errorAt = (field: string) => piece.errorAt(field ? `${path}.${field}` : path);
	const tape = (mm: number) => formatFigure(mm, unit).text;

	function setKind(kind: Hardware['kind']): void {
		if (kind === 'none') return onchange({ kind });
		const placed =
			hardware.kind === 'none'
				? {
						across: { rule: kind === 'hinge' ? 'edge' : 'quarter', ...(kind === 'hinge' ? { distance: tape(12), count: 1 } : {}) },
						down: kind === 'hinge' ? { rule: 'both', distance: tape(80) } : { rule: 'middle' },
						holes: { old: 'keep' },
						room: 'clear'
					}
				: { across: hardware.across, down: hardware.down, holes: hardware.holes, room: hardware.room };
		const sizes = Object.fromEntries(HARDWARE[kind].sizes.map(({ size, start }) => [size, tape(start)]));
		onchange({ kind, ...placed, ...sizes } as Hardware);
	}
	const acrossValue = (across: AcrossRule) => (across.rule === 'edge' ? (`edge-${across.count}` as const) : across.rule);
	function acrossFor(value: string, old: AcrossRule): AcrossRule {
		const distance = 'distance' in old ? old.distance : tape(100);
		if (value === 'right') return { rule: 'right', distance };
		if (value === 'edge-1' || value === 'edge-2') return { rule: 'edge', distance, count: value === 'edge-1' ? 1 : 2 };
		return { rule: value as 'middle' | 'quarter' };
	}
	function downFor(rule: DownRule['rule'], old: DownRule): DownRule {
		return rule === 'middle' ? { rule } : { rule, distance: 'distance' in old ? old.distance : tape(50) };
	}
	const set = (change: Partial<SomeHardware>) => onchange({ ...(hardware as SomeHardware), ...change } as Hardware);
	const ACROSS = [
		{ value: 'middle', text: 'one, middle' },
		{ value: 'quarter', text: 'two, at the quarters' },
		{ value: 'edge-2', text: 'two, from the edges' },
		{ value: 'edge-1', text: 'one, from the left' },
		{ value: 'right', text: 'one, from the right' }
	] as const;
	const DOWN = [
		{ value: 'middle', text: 'in the middle' },
		{ value: 'top', text: 'from the top' },
		{ value: 'bottom', text: 'from the bottom' },
		{ value: 'both', text: 'from both ends' }
	] as const;
</script>

{#snippet places(across: AcrossRule, down: DownRule, at: string, change: (next: { across: AcrossRule; down: DownRule }) => void)}
	<div class="grid grid-cols-2 gap-2">
		<div>
			<Pick
				label="Where, across"
				value={acrossValue(across)}
				options={ACROSS}
				onchange={(value) => change({ across: acrossFor(value, across), down })}
			/>
		</div>
		{#if 'distance' in across}<ReadingField
				wide
				label="Edge to its middle"
				value={across.distance}
				error={errorAt(`${at}across.distance`)}
				onchange={(distance) => change({ across: { ...across, distance } as AcrossRule, down })}
			/>{:else}<span></span>{/if}
		<div>
			<Pick label="Where, down" value={down.rule} options={DOWN} onchange={(rule) => change({ across, down: downFor(rule, down) })} />
		</div>
		{#if 'distance' in down}<ReadingField
				wide
				label="{down.rule === 'bottom' ? 'Bottom' : down.rule === 'both' ? 'Ends' : 'Top'} to its middle"
				value={down.distance}
				error={errorAt(`${at}down.distance`)}
				onchange={(distance) => change({ across, down: { ...down, distance } as DownRule })}
			/>{/if}
	</div>
{/snippet}

<div class="space-y-2">
	<RadioRow
		label="What is there"
		value={hardware.kind}
		options={kinds.map((kind) => ({ value: kind, text: kind === 'none' ? 'nothing' : HARDWARE[kind].plural }))}
		onchange={setKind}
	/>
	{#if hardware.kind !== 'none'}
		{@render places(hardware.across, hardware.down, '', (next) => set(next))}
		<div class="grid grid-cols-2 gap-2">
			{#each HARDWARE[hardware.kind].sizes as { size, label } (size)}
				<ReadingField
					wide
					{label}
					value={(hardware as unknown as Record<string, string | number>)[size]!}
					error={errorAt(size)}
					onchange={(text) => set({ [size]: text } as Partial<SomeHardware>)}
				/>
			{/each}
		</div>
		{#if errorAt('')}<p class="fault">{errorAt('')!.message}</p>{/if}
		<RadioRow
			label="Its old holes"
			value={hardware.holes.old}
			options={[
				{ value: 'keep', text: 'keep' },
				{ value: 'move', text: 'move it' },
				{ value: 'fill', text: 'fill, it goes' }
			]}
			onchange={(old) => set({ holes: old === 'move' ? { old, across: hardware.across, down: hardware.down } : { old } })}
		/>
		{#if hardware.holes.old === 'move'}
			<p class="note">Above is where it will be. The old holes, to be filled, are here:</p>
			{@render places(hardware.holes.across, hardware.holes.down, 'holes.', (next) => set({ holes: { old: 'move', ...next } }))}
		{/if}
		{#if hardware.holes.old !== 'keep'}<p class="note">Wood filler: 24 hours, then sand flush, before the first coat.</p>{/if}
		<RadioRow
			label="Motifs"
			value={hardware.room}
			options={[
				{ value: 'clear', text: 'keep clear of it' },
				{ value: 'over', text: 'may run over it' }
			]}
			onchange={(room) => set({ room })}
		/>
		{#if HARDWARE[hardware.kind].works}<p class="note border-l-4 border-ember pl-2">
				It must go on working: no paint on it. Mask it, or take it off; a door whose catch is off swings, so hold it.
			</p>{/if}
	{/if}
</div>
