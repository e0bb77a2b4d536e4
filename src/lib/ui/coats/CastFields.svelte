<script lang="ts">
	import { whereOf, type Coat } from '$core/layers';
	import { listCasts } from '$core/layout';
	import { gatherMaterials } from '$core/materials';
	import { formatWork } from '$core/units';
	import { RadioRow, Tick } from '$lib/ui/controls';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import RoleField from './RoleField.svelte';

	let { coat }: { coat: Extract<Coat, { kind: 'cast' }> } = $props();
	const piece = usePiece();
	const step = $derived(piece.plan.order.find((one) => one.coat === coat.id));
	const casting = $derived(gatherMaterials(piece.project.materials).get(coat.material)?.casting);
	const isPiece = $derived(casting?.piece ?? false);
	const casts = $derived(listCasts(piece.plan.items, piece.project.layout.motifs, whereOf(coat), casting));
	const count = $derived(casts.casts.length);
	const weights = $derived(casts.motifs.flatMap(({ grams }) => (grams === null ? [] : [Math.round(grams)])));
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
		{ value: 'upright', text: 'stands, and each is taped' }
	]}
	onchange={(lies) => set({ lies })}
/>
{#if step && count > 0}
	<p class="note">
		{count}
		{count === 1 ? (isPiece ? 'ornament' : 'cast') : isPiece ? 'ornaments' : 'casts'}: {formatWork(step.bench)}
		{isPiece ? 'to fit them dry' : 'at the bench'} before any glue, then {formatWork(step.work - step.bench)} to glue.
	</p>
	{#if weights.length > 0}<p class="note">About {weights.join(' and ')} g each{isPiece ? '' : ' when dry'}.</p>{/if}
{/if}
