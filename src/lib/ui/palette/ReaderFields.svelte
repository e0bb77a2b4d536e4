<script lang="ts">
	import { usePiece } from '$lib/ui/piece-state';
	import { NumberField, Pick } from '$lib/ui/controls';
	import { convertHexToLab, convertLabToHex, middleOfReadings, type Lab } from '$core/colour';
	import { SAMPLES, SimulatedColourReader } from './SimulatedColourReader';

	interface Props {
		/** The colour as it is now, #rrggbb. */
		hex: string;
		onchange: (hex: string) => void;
	}
	let { hex, onchange }: Props = $props();
	const piece = usePiece();
	/** Readings are taken so many times, and the middle one counts: one slip does no harm. */
	const READINGS = 3;
	let sample: string = $state(SAMPLES[0].hex);
	const reader = new SimulatedColourReader(() => sample);
	let readings: readonly Lab[] = $state.raw([]);
	let reading = $state(false);
	const lab = $derived(convertHexToLab(hex));
	let off = $state(0);
	const FIGURES = [
		{ key: 'l', name: 'L', least: 0, most: 100 },
		{ key: 'a', name: 'a', least: -128, most: 128 },
		{ key: 'b', name: 'b', least: -128, most: 128 }
	] as const;

	async function read(): Promise<void> {
		reading = true;
		readings = [];
		for (let i = 0; i < READINGS; i++) {
			const one = await reader.read();
			if (one) readings = [...readings, one];
		}
		reading = false;
		if (readings.length > 0) take(middleOfReadings(readings));
	}
	function take(next: Lab): void {
		const shown = convertLabToHex(next);
		off = shown.off;
		onchange(shown.hex);
	}
</script>

<fieldset class="space-y-1">
	<legend class="label">By Lab, typed or read</legend>
	<div class="grid grid-cols-3 gap-2">
		{#each FIGURES as { key, name, least, most } (key)}
			<NumberField
				label={name}
				value={Number(lab[key].toFixed(1))}
				min={least}
				max={most}
				onchange={(value) => take({ ...lab, [key]: value })}
			/>
		{/each}
	</div>
	{#if off > 1}<p class="fault">No screen shows this colour: it is shown by the nearest, {off.toFixed(1)} away.</p>{/if}
	{#if piece.project.workshop.simulated}
		<div class="flex items-end gap-2">
			<div class="min-w-0 flex-1">
				<Pick
					label="Under the simulated reader"
					value={sample}
					options={SAMPLES.map(({ name, hex }) => ({ value: hex as string, text: name, swatch: hex }))}
					onchange={(hex) => (sample = hex)}
				/>
			</div>
			<button class="button" disabled={reading} onclick={read}
				>{reading ? `Reading ${readings.length + 1} of ${READINGS}` : 'Read it'}</button
			>
		</div>
	{/if}
	{#if readings.length === READINGS}<p class="note" role="status">
			The middle of {readings.map(({ l, a, b }) => `${l.toFixed(1)} ${a.toFixed(1)} ${b.toFixed(1)}`).join(', ')}.
		</p>{/if}
</fieldset>
