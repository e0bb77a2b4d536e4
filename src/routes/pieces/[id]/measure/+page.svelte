<script lang="ts">
	import { replaceState } from '$app/navigation';
	import { page } from '$app/state';
	import { changeUnits, markOwn, placeKnob } from '$core/project';
	import { freeId } from '$core/layers';
	import { OVERALL, partAt, type Box } from '$core/piece';
	import { formatFigure, formatLength, type LengthUnit } from '$core/units';
	import { RadioRow } from '$lib/ui/controls';
	import MeasureDrawing from '$lib/ui/drawing/MeasureDrawing.svelte';
	import { takenIds } from '$lib/ui/measure/chainEdits';
	import Readings from '$lib/ui/measure/Readings.svelte';
	import { StraightPhotograph } from '$lib/ui/photograph/Photographs.svelte';
	import NameField from '$lib/ui/name-field/NameField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import { onDestroy, onMount, tick } from 'svelte';

	const piece = usePiece();
	const measured = $derived(piece.face);
	const unit = $derived(piece.project.units);
	const suspects = $derived(
		measured.chains.flatMap((chain) =>
			(chain.check?.suspects ?? []).map(({ index }) => (index === OVERALL ? (chain.of ?? 'height') : chain.readings[index]!.id))
		)
	);
	const isMeasured = $derived(!piece.plan.errors.some(({ path }) => path.startsWith('piece')));

	const SECTIONS = [
		{ value: 'readings', text: 'Readings' },
		{ value: 'parts', text: 'Parts' },
		{ value: 'hardware', text: 'Hardware' },
		{ value: 'picture', text: 'Picture' },
		{ value: 'ground', text: 'Ground, edges' }
	] as const;
	type Section = (typeof SECTIONS)[number]['value'];
	let section = $state('readings' as Section);
	/** Faults of this face, by the section in which they are mended. */
	const faults = $derived.by(() => {
		const own = `piece.faces[${piece.faceAt}].`;
		const here = piece.plan.errors
			.filter(({ code, path }) => path.startsWith(own) && code !== 'length.empty')
			.map(({ path }) => path.slice(own.length));
		const sectionOf = (path: string): Section =>
			/^(parts|fronts)/.test(path)
				? 'parts'
				: /^(hardware|exceptions|fittings)/.test(path)
					? 'hardware'
					: /^photograph/.test(path)
						? 'picture'
						: 'readings';
		return here.reduce<Partial<Record<Section, number>>>(
			(counts, path) => ({ ...counts, [sectionOf(path)]: (counts[sectionOf(path)] ?? 0) + 1 }),
			{}
		);
	});
	const elsewhere = $derived(
		piece.plan.faces.filter(
			({ id }, i) =>
				id !== measured.id && piece.plan.errors.some(({ code, path }) => path.startsWith(`piece.faces[${i}].`) && code !== 'length.empty')
		)
	);

	/** A link from elsewhere leads to a field: its face is shown, and the field has the focus. */
	onMount(() => {
		const { searchParams } = page.url;
		const face = searchParams.get('face');
		if (face !== null && piece.plan.faces.some(({ id }) => id === face)) piece.view.showFace(face);
		const field = searchParams.get('field');
		if (field !== null)
			void tick().then(() => {
				document.querySelector<HTMLElement>(`input[data-target="${CSS.escape(field)}"]`)?.focus();
				/** Once: loaded anew it is a page like any other. */
				replaceState(page.url.pathname, page.state);
			});
	});

	const straight = new StraightPhotograph();
	onDestroy(() => straight.close());
	let settingCorners = $state(false);
	let trace: 'part' | 'knob' | null = $state(null);
	const photograph = $derived(piece.faceInput.photograph);
	const isSetting = $derived(settingCorners && section === 'picture' && photograph !== null);
	$effect(() => straight.show(isSetting ? null : photograph, measured.width, measured.height));
	$effect(() => {
		if (section !== 'picture') trace = null;
	});

	/** What was drawn over the photograph becomes a part, or a knob on the part under it. */
	function take(box: Box): void {
		const write = (mm: number) => formatFigure(Math.max(0, mm), unit, 1).text;
		if (trace === 'part') {
			const id = freeId('traced', takenIds(piece));
			piece.editFace(
				(face) =>
					void face.parts.push({
						id,
						name: `Traced part ${face.parts.length + 1}`,
						role: 'panel',
						on: face.id,
						place: { rule: 'box', left: write(box.x), top: write(box.y), width: write(box.width), height: write(box.height) },
						outline: { shape: 'rectangle' },
						setOff: { way: 'level', by: '0' }
					})
			);
			piece.view.part = id;
		} else {
			const under = partAt(measured, box.x, box.y);
			const id = freeId('knob', piece.faceInput.fittings);
			const next = placeKnob(piece.faceInput, under, { x: box.x - under.x, y: box.y - under.y }, { id, unit });
			piece.editFace((face) => void Object.assign(face, { fittings: next.fittings, exceptions: next.exceptions }));
		}
		trace = null;
	}
</script>

<div class="screen">
	<div class="screen-picture">
		{#if piece.view.view === 'unfolded'}{#await import('$lib/ui/drawing/UnfoldedDrawing.svelte') then { default: UnfoldedDrawing }}<UnfoldedDrawing
					mode="measure"
				/>{/await}{:else if isSetting}{#await import('$lib/ui/photograph/CornerPicker.svelte') then { default: CornerPicker }}<CornerPicker
					photograph={photograph!}
					ondone={() => (settingCorners = false)}
				/>{/await}{:else}
			<MeasureDrawing {suspects} photograph={photograph?.shown ? straight.picture : null} {trace} ontrace={take} />{/if}
	</div>
	<aside class="screen-side paper w-[27rem] px-5 py-3" aria-label="Readings">
		<div class="flex items-end gap-3">
			<div class="flex-1">
				<NameField
					label="Name"
					value={piece.project.piece.name}
					onchange={(name) => piece.edit((draft) => void (draft.piece.name = name), 'name')}
				/>
			</div>
			<RadioRow
				label="Tape"
				value={unit}
				options={[
					{ value: 'mm', text: 'mm' },
					{ value: 'in', text: 'inches' }
				]}
				onchange={(value: LengthUnit) => piece.replace(markOwn(changeUnits(piece.project, value), ['units']))}
			/>
		</div>
		<div class="mt-2 mb-3 border-b border-rule pb-1">
			<RadioRow
				label="What is measured"
				hideLabel
				value={section}
				options={SECTIONS.map(({ value, text }) => ({ value, text: faults[value] ? `${text} !${faults[value]}` : text }))}
				onchange={(value: Section) => (section = value)}
			/>
		</div>
		{#if elsewhere.length > 0}<p class="mb-2 border-l-4 border-must pl-3">
				! Something to put right on {#each elsewhere as face, i (face.id)}{i > 0 ? ', ' : ''}<button
						class="underline hover:text-ember-deep"
						onclick={() => piece.view.showFace(face.id)}>{face.name}</button
					>{/each}.
			</p>{/if}
		{#if section === 'readings'}<Readings />
		{:else if section === 'parts'}{#await import('$lib/ui/measure/PartsPanel.svelte') then { default: PartsPanel }}<PartsPanel />{/await}
		{:else if section === 'hardware'}<h2>Knobs, pulls and the rest</h2>
			<div class="mt-2">
				{#await import('$lib/ui/measure/HardwarePanel.svelte') then { default: HardwarePanel }}<HardwarePanel />{/await}
			</div>
		{:else if section === 'picture'}{#await import('$lib/ui/photograph/PicturePanel.svelte') then { default: PicturePanel }}<PicturePanel
					{straight}
					bind:setting={settingCorners}
					bind:trace
				/>{/await}
		{:else}{#await import('$lib/ui/measure/GroundPanel.svelte') then { default: GroundPanel }}<GroundPanel />{/await}{/if}

		<div class="mt-5 border-t border-rule pt-3">
			{#if isMeasured}<a class="button button-ember" href="/pieces/{piece.id}/layout">Go on to Lay out</a>{:else}<span class="note"
					>{measured.name} is {formatLength(measured.width, unit).text} by {formatLength(measured.height, unit).text}{measured.estimated
						? ', guessed where readings are missing'
						: ''}.</span
				>{/if}
			<p class="mt-3 text-sm">
				Measured drawing:
				<a
					class="touch underline hover:text-ember-deep pointer-coarse:mx-3"
					target="_blank"
					href="/pieces/{piece.id}/sheets/pdf?of=drawing&paper={piece.project.paper}"
					onclick={(event) => piece.saver.openSaved(event)}>PDF</a
				>,
				<a
					class="touch underline hover:text-ember-deep pointer-coarse:mx-3"
					download
					href="/pieces/{piece.id}/drawing/{measured.id}.svg"
					onclick={(event) => piece.saver.openSaved(event)}>SVG</a
				>,
				<a
					class="touch underline hover:text-ember-deep pointer-coarse:mx-3"
					download
					href="/pieces/{piece.id}/drawing/{measured.id}.dxf"
					onclick={(event) => piece.saver.openSaved(event)}>DXF in mm</a
				>
			</p>
		</div>
	</aside>
</div>
