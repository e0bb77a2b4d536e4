<script lang="ts">
	import type { Coat } from '$core/layers';
	import { RadioRow, Tick } from '$lib/ui/controls';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import RoleField from './RoleField.svelte';

	let { coat }: { coat: Extract<Coat, { kind: 'cast' }> } = $props();
	const piece = usePiece();
	const set = (change: Partial<typeof coat>) => piece.setCoat({ ...coat, ...change });
</script>

<Tick
	label="Painted on the bench, before it is glued"
	checked={coat.colour !== null}
	onchange={(on) => set({ colour: on ? piece.project.palette.at(-1)!.id : null })}
/>
{#if coat.colour !== null}<ColourChoice label="Its colour" value={coat.colour} onchange={(colour) => set({ colour })} />{/if}
<RoleField {coat} />
<RadioRow
	label="While the glue holds, the face"
	value={coat.lies}
	options={[
		{ value: 'flat', text: 'lies on its back' },
		{ value: 'upright', text: 'stands, and casts are taped' }
	]}
	onchange={(lies) => set({ lies })}
/>
