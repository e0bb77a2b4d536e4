<script lang="ts">
	import type { Coat } from '$core/layers';
	import { doesMove } from '$core/piece';
	import { Pick, RadioRow, Tick } from '$lib/ui/controls';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import { wordWay } from '$lib/ui/lays/wordLays';
	import LaysSteps from '$lib/ui/lays/LaysSteps.svelte';
	import RoleField from './RoleField.svelte';

	let { coat }: { coat: Extract<Coat, { kind: 'paste' }> } = $props();
	const piece = usePiece();
	const set = (change: Partial<typeof coat>) => piece.setCoat({ ...coat, ...change });
	const moves = $derived(piece.plan.faces.some((face) => face.parts.some(doesMove)));
	const ways = $derived(piece.plan.lays.find((one) => one.coat === coat.id)?.choices ?? []);
	const options = $derived([
		{ value: 'fewest' as const, text: 'the fewest waits' },
		...ways.map((way) => ({ value: way.mode, text: wordWay(way) })),
		...(coat.lays === 'fewest' || ways.some(({ mode }) => mode === coat.lays)
			? []
			: [{ value: coat.lays, text: 'as before: not possible here' }])
	]);
</script>

<Tick
	label="Colour is stirred in"
	checked={coat.colour !== null}
	onchange={(on) => set({ colour: on ? piece.project.palette.at(-1)!.id : null })}
/>
{#if coat.colour !== null}<ColourChoice label="Its colour" value={coat.colour} onchange={(colour) => set({ colour })} />{/if}
<RoleField {coat} />
<Pick label="Worked" value={coat.lays} {options} onchange={(lays) => set({ lays })} />
<RadioRow
	label="The face"
	value={coat.lies}
	options={[
		{ value: 'upright', text: 'stands' },
		{ value: 'flat', text: 'lies flat' },
		...(moves || coat.lies === 'apart' ? [{ value: 'apart' as const, text: 'drawers and doors out, flat' }] : [])
	]}
	onchange={(lies) => set({ lies })}
/>
<Tick label="Sheets are cut into their motifs" checked={coat.cut} onchange={(cut) => set({ cut })} />
<LaysSteps coat={coat.id} />
