<script lang="ts">
	import { APPLICATORS, pasteHeight, thicknessOfPaste, whereOf, type FilmCoat } from '$core/layers';
	import { gatherMaterials } from '$core/materials';
	import { LengthField, NumberField, Pick, RadioRow } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** How often, how thick and with what a film is laid. */
	let { coat }: { coat: FilmCoat } = $props();
	const piece = usePiece();
	const set = (change: Partial<FilmCoat>, together = '') => piece.setCoat({ ...coat, ...change } as FilmCoat, together);
	const material = $derived(gatherMaterials(piece.project.materials).get(coat.material));
	const paste = $derived(material?.paste);
	const THICKNESSES = [
		{ value: '0.75', text: 'thin' },
		{ value: '1', text: 'normal' },
		{ value: '1.5', text: 'thick' },
		{ value: '2', text: 'heavy' }
	];
	const thicknesses = $derived(
		THICKNESSES.some(({ value }) => value === String(coat.thickness))
			? THICKNESSES
			: [...THICKNESSES, { value: String(coat.thickness), text: `${coat.thickness} ×` }]
	);
</script>

{#if material?.casting}<p class="note">
		{material.casting.piece ? 'Each stands as high as it comes.' : 'Each stands as high as its mould.'}
	</p>{:else}<div class="grid grid-cols-3 gap-2">
		<NumberField label="Coats" whole value={coat.times} min={1} max={9} onchange={(times) => set({ times }, 'times')} />
		{#if paste && material}
			<LengthField
				fine
				label="Height when dry"
				value={pasteHeight(coat.thickness, material)}
				unit={piece.project.units}
				min={paste.least / 4}
				max={pasteHeight(4, material)}
				onchange={(height) => set({ thickness: Math.min(4, Math.max(0.25, thicknessOfPaste(height, material))) }, 'height')}
			/>
		{:else}<Pick
				label="Thickness"
				value={String(coat.thickness)}
				options={thicknesses}
				onchange={(thickness) => set({ thickness: Number(thickness) })}
			/>{/if}
		<Pick
			label="With"
			value={coat.applicator}
			options={APPLICATORS.map((tool) => ({ value: tool, text: tool }))}
			onchange={(applicator) => set({ applicator })}
		/>
	</div>{/if}
{#if whereOf(coat).through === undefined && piece.plan.gaps.length > 0}
	<RadioRow
		label="On edges that meet"
		value={coat.edges ?? 'full'}
		options={[
			{ value: 'full', text: 'as on the face' },
			{ value: 'one', text: 'one coat' },
			{ value: 'none', text: 'masked' }
		]}
		onchange={(edges) => set({ edges })}
	/>
{/if}
