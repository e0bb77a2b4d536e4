<script lang="ts">
	import { dropZone } from '$core/formats';
	import { partsOf, regionOf, type Zone } from '$core/layout';
	import { Choice, Slide } from '$lib/ui/choice';
	import LengthField from '$lib/ui/length-field/LengthField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import ColourChoice from './ColourChoice.svelte';
	import PartsChoice from './PartsChoice.svelte';

	let { zone }: { zone: Zone } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const plans = $derived(piece.plan.zones.filter((plan) => plan.zone === zone.id));
	const deepest = $derived(Math.min(...partsOf(zone.parts, piece.plan).map((part) => regionOf(part).deepest)));
	const NAMES = $derived(zone.colours.length === 2 ? ['At the edge', 'In the centre'] : ['At the edge', 'Between', 'In the centre']);
	const WORDS = {
		one: 'too alike: they will not read as two colours',
		easy: 'easy to blend',
		practise: 'far apart: practise on a board',
		bridge: 'very far apart: a colour between them would help'
	} as const;
	const nameOf = (id: string) => piece.project.palette.find((colour) => colour.id === id)?.name ?? id;

	function set(change: (draft: Zone) => void, together = ''): void {
		piece.edit((draft) => change(draft.layout.zones.find((other) => other.id === zone.id)! as Zone), together && `${together} ${zone.id}`);
	}
	function setCount(count: '2' | '3'): void {
		set((draft) => {
			if (count === '2') draft.colours = [draft.colours[0]!, draft.colours.at(-1)!];
			else if (draft.colours.length === 2)
				draft.colours = [
					draft.colours[0]!,
					piece.project.palette.find((colour) => !draft.colours.includes(colour.id))?.id ?? draft.colours[1]!,
					draft.colours[1]!
				];
		});
	}
</script>

<div class="space-y-3">
	<PartsChoice parts={zone.parts} onchange={(parts) => set((draft) => void (draft.parts = parts))} />
	<Choice
		label="Colours"
		value={String(zone.colours.length) as '2' | '3'}
		options={[
			{ value: '2', text: 'two' },
			{ value: '3', text: 'three' }
		]}
		onchange={setCount}
	/>
	{#each zone.colours as colour, i (i)}
		<ColourChoice label={NAMES[i]!} value={colour} onchange={(next) => set((draft) => void (draft.colours[i] = next))} />
	{/each}
	{#each plans[0]?.joins ?? [] as join, i (i)}
		<p class="note">{nameOf(join.between[0])} to {nameOf(join.between[1])}: {WORDS[join.verdict]}.</p>
	{/each}
	<div class="grid grid-cols-[1fr_7rem] items-end gap-3">
		<Slide
			label="Border"
			value={Math.min(zone.border, deepest)}
			min={5}
			max={Math.max(10, Math.floor(deepest))}
			step={1}
			onchange={(border) => set((draft) => void (draft.border = border), 'border')}
		/>
		<LengthField
			label="Border width"
			hideLabel
			value={zone.border}
			{unit}
			min={0}
			onchange={(border) => set((draft) => void (draft.border = border), 'border')}
		/>
	</div>
	<p class="note !-mt-1">From the edge to where the first two colours are half and half.</p>
	<Slide
		label="Softness"
		value={Math.round(zone.softness * 100)}
		min={0}
		max={100}
		step={5}
		says={zone.softness === 0 ? 'crisp' : zone.softness < 0.5 ? 'firm' : zone.softness < 0.9 ? 'soft' : 'very soft'}
		onchange={(softness) => set((draft) => void (draft.softness = softness / 100), 'softness')}
	/>
	<Choice
		label="Corners"
		value={zone.corners}
		options={[
			{ value: 'round', text: 'turned in an arc' },
			{ value: 'square', text: 'square' }
		]}
		onchange={(corners) => set((draft) => void (draft.corners = corners))}
	/>
	<button
		class="button button-quiet text-sm underline"
		onclick={() => {
			piece.selection = null;
			piece.replace(dropZone(piece.project, zone.id));
		}}>Take this shade out</button
	>
</div>
