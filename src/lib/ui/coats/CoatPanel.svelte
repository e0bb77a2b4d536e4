<script lang="ts">
	import { canWorkWet, isFilm, kindOfCoat, wordCoat, type Coat, type Material } from '$core/layers';
	import { gatherMaterials } from '$core/materials';
	import { dropCoat } from '$core/project';
	import { formatDuration, formatFilm, parseDuration, formatWait, formatWork } from '$core/units';
	import { Find, Fold } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import PlacesChoice from '$lib/ui/places/PlacesChoice.svelte';
	import { tick, type Component } from 'svelte';
	import FilmFields from './FilmFields.svelte';
	import { KIND_FIELDS } from './kindFields';
	import SectionsOfWork from './SectionsOfWork.svelte';
	import WetFields from './WetFields.svelte';

	let { coat }: { coat: Coat } = $props();
	const piece = usePiece();
	const at = $derived(piece.plan.order.findIndex((other) => other.coat === coat.id));
	const step = $derived(piece.plan.order[at]);
	const next = $derived(piece.plan.order[at + 1]);
	const materials = $derived(
		[...gatherMaterials(piece.project.materials).values()].filter(({ kind }) => kindOfCoat(coat).materials.includes(kind))
	);
	const KIND_WORDS: Readonly<Record<Material['kind'], string>> = {
		cleaner: 'cleaners',
		filler: 'fillers',
		primer: 'primers',
		paint: 'paints',
		glaze: 'glazes',
		gilding: 'for gilding',
		paste: 'pastes',
		casting: 'castings',
		clear: 'clear coats',
		wax: 'waxes'
	};
	const CARRIER_WORDS: Readonly<Record<Material['carrier'], string>> = {
		water: 'water-based',
		oil: 'oil-based',
		shellac: 'shellac',
		wax: 'wax'
	};
	const kinds = $derived(new Set(materials.map(({ kind }) => kind)));
	const material = $derived('material' in coat ? materials.find(({ id }) => id === coat.material) : undefined);
	const Fields = $derived(KIND_FIELDS[coat.kind] as Component<{ coat: Coat }> | undefined);
	const waitsFor = $derived(piece.plan.order.find((other) => other.coat === step?.waitFor));

	let waitFault: string | null = $state(null);
	function setWait(text: string): void {
		const wait = text.trim() === '' ? null : parseDuration(text);
		waitFault =
			text.trim() !== '' && wait === null
				? 'Write it like 45 min, 2 h 30 or 2 days 7 h. Leave it empty to wait as long as it needs.'
				: null;
		if (waitFault === null) piece.setCoat({ ...coat, wait });
	}
	function takeOut(): void {
		const beside = next?.coat ?? piece.plan.order[at - 1]?.coat;
		piece.replace(dropCoat(piece.project, coat.id));
		piece.view.coat = null;
		/** This panel goes with its coat: one is left at the step beside it. */
		void tick().then(() =>
			(document.querySelector<HTMLElement>(`[data-tread="${beside}"]`) ?? document.querySelector<HTMLElement>('[data-column]'))?.focus()
		);
	}
</script>

<div class="space-y-3">
	<div class="flex items-baseline justify-between">
		<h2>{step?.label ?? wordCoat(coat)}</h2>
		<button class="button button-quiet text-sm underline" onclick={takeOut}>Take it out</button>
	</div>
	{#if material && 'material' in coat}
		<Find
			label="Material"
			value={material.id}
			options={materials.map(({ id, name, kind, carrier, tint }) => ({
				value: id,
				text: name,
				group: kinds.size > 1 ? KIND_WORDS[kind] : CARRIER_WORDS[carrier],
				...(tint ? { swatch: tint.hex } : {})
			}))}
			onchange={(chosen) => piece.setCoat({ ...coat, material: chosen })}
		/>
	{/if}
	{#if 'on' in coat}<PlacesChoice onDrawing="click" places={coat.on} onchange={(on) => piece.setCoat({ ...coat, on } as Coat)} />{/if}
	{#if Fields}<Fields {coat} />{/if}
	{#if isFilm(coat)}<FilmFields {coat} />{/if}
	{#if canWorkWet(coat)}<WetFields {coat} />{/if}
	<SectionsOfWork coat={coat.id} />
	{#if step && at > 0}
		<div>
			<label class="label" for="wait">Wait before it</label>
			<input
				id="wait"
				class="field"
				value={coat.wait === null ? '' : formatDuration(coat.wait)}
				placeholder={step.intoWet === null ? 'as long as it needs' : 'none, while it is wet'}
				aria-invalid={waitFault !== null}
				onchange={(event) => setWait(event.currentTarget.value)}
			/>
			{#if waitFault}<p class="fault">{waitFault}</p>
			{:else if coat.wait === null && step.waitBefore > 0}<p class="note">
					{formatWait(step.waitBefore)}, for {waitsFor?.name ?? 'what lies under it'}.
				</p>{/if}
		</div>
	{/if}
	{#if step}
		<dl class="grid grid-cols-[1fr_auto] gap-x-3 border-t border-rule pt-2 text-sm">
			{#if isFilm(coat)}<dt class="text-ink-soft">dry, in all</dt>
				<dd>{formatFilm(step.film, piece.project.units)}</dd>{/if}
			{#if step.work > 0}<dt class="text-ink-soft">work, as a first guess</dt>
				<dd>{formatWork(step.work)}</dd>{/if}
			{#if material}
				<dt class="text-ink-soft">dry to the touch, in this workshop</dt>
				<dd>{formatWait(step.touchDry)}</dd>
				<dt class="text-ink-soft">ready for the next</dt>
				<dd>{formatWait(step.recoat)}</dd>
			{/if}
		</dl>
		{#if step.ready}<p class="text-sm"><b>Ready looks like:</b> {step.ready}</p>{/if}
		{#if step.how.length > 0}
			<Fold label="How it is done, step by step">
				<ol class="mt-1 list-decimal space-y-0.5 pl-5 text-sm">
					{#each step.how as line (line)}<li>{line}</li>{/each}
				</ol>
			</Fold>
		{/if}
	{/if}
	{#each step?.cautions ?? [] as caution, i (i)}<p class="note border-l-4 border-ember pl-2">{caution}</p>{/each}
</div>
