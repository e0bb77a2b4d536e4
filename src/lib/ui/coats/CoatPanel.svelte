<script lang="ts">
	import { canWorkWet, isFilm, kindOfCoat, wordCoat, type Coat } from '$core/layers';
	import { gatherMaterials } from '$core/materials';
	import { dropCoat, setCoat, takeTin, writeLabel, type LabelChange } from '$core/project';
	import { formatDuration, formatFilm, parseDuration, formatWait, formatWork } from '$core/units';
	import { Find, Fold } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import PlacesChoice from '$lib/ui/places/PlacesChoice.svelte';
	import { useWorkshop } from '$lib/ui/workshop/store';
	import { onMount, tick, type Component } from 'svelte';
	import FilmFields from './FilmFields.svelte';
	import KindAsks from './KindAsks.svelte';
	import { KIND_FIELDS } from './kindFields';
	import { CARRIER_WORDS, KIND_WORDS } from './materialWords';
	import SectionsOfWork from './SectionsOfWork.svelte';
	import TinFields from './TinFields.svelte';
	import TryFirst from './TryFirst.svelte';
	import WetFields from './WetFields.svelte';

	let { coat }: { coat: Coat } = $props();
	const piece = usePiece();
	const at = $derived(piece.plan.order.findIndex((other) => other.coat === coat.id));
	const step = $derived(piece.plan.order[at]);
	const next = $derived(piece.plan.order[at + 1]);
	const workshop = useWorkshop();
	onMount(() => void workshop?.known());
	/** Tins that stand in the workshop, whichever piece they were first used on. */
	const shelf = $derived(workshop?.settings?.materials ?? []);
	const known = $derived(gatherMaterials(piece.project.materials));
	const materials = $derived(
		[...known.values(), ...shelf.filter(({ id }) => !known.has(id))].filter(({ kind }) => kindOfCoat(coat).materials.includes(kind))
	);
	const isOwn = (id: string) =>
		piece.project.materials.some((one) => one.id === id) || (!known.has(id) && shelf.some((one) => one.id === id));
	function chooseMaterial(id: string): void {
		const tin = shelf.find((one) => one.id === id);
		if (tin && !known.has(id)) piece.replace(setCoat(takeTin(piece.project, tin), { ...coat, material: id } as Coat));
		else piece.setCoat({ ...coat, material: id } as Coat);
	}
	/** A label makes a tin of one's own, which the workshop keeps. */
	function label(id: string, change: LabelChange): void {
		const { project, tin } = writeLabel(piece.project, id, change, shelf);
		piece.replace(project, `label ${tin.id} ${Object.keys(change).join(' ')}`);
		void workshop?.keep(tin);
	}
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
	{#if material && 'material' in coat && !(coat.kind === 'touch-up' && coat.of !== undefined)}
		<Find
			label="Material"
			value={material.id}
			options={materials.map(({ id, name, kind, carrier, tint }) => ({
				value: id,
				text: name,
				group: isOwn(id) ? 'tins of my own' : kinds.size > 1 ? KIND_WORDS[kind] : CARRIER_WORDS[carrier],
				...(tint ? { swatch: tint.hex } : {})
			}))}
			onchange={chooseMaterial}
		/>
		<Fold label={isOwn(material.id) ? 'What its label says' : 'Write down what its label says'}>
			<div class="mt-1 border-l-2 border-rule pl-3">
				<p class="note mb-2">
					{isOwn(material.id)
						? 'This tin is kept in the workshop. The label comes first.'
						: 'The label comes first. What you write makes a tin of your own: this piece goes by it, and it is found again on the next.'}
				</p>
				<TinFields
					record={material}
					volumes={piece.project.workshop.volumes}
					isOwn={isOwn(material.id)}
					onchange={(change) => label(material.id, change)}
				/>
				{#each workshop?.faults ?? [] as fault (fault.code)}<p class="fault" role="alert">{fault.message}</p>{/each}
			</div>
		</Fold>
	{/if}
	{#if 'on' in coat}<PlacesChoice onDrawing="click" places={coat.on} onchange={(on) => piece.setCoat({ ...coat, on } as Coat)} />{/if}
	{#if Fields}<Fields {coat} />{:else}<KindAsks {coat} />{/if}
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
		{#if step.ready}<p class="text-sm">
				<b>Ready looks like:</b>
				{step.ready}{#if step.misleads}<span class="block text-ink-soft">{step.misleads}</span>{/if}
			</p>{/if}
		{#if step.shown !== 'own'}<p class="note">
				{step.shown === 'plain'
					? 'In the picture it stands by its colour, cover and sheen alone: its own look is not drawn yet.'
					: 'The picture does not show it yet; all else is worked out.'}
			</p>{/if}
		{#if step.how.length > 0}
			<Fold label="How it is done, step by step">
				<ol class="mt-1 list-decimal space-y-0.5 pl-5 text-sm">
					{#each step.how as line (line)}<li>{line}</li>{/each}
				</ol>
			</Fold>
		{/if}
	{/if}
	{#if step && (step.traits.film || step.traits.distresses)}<TryFirst coat={coat.id} />{/if}
	{#each piece.plan.findings.filter((one) => one.coat === coat.id && one.kind === 'note' && one.overruled === null) as finding (finding.rule)}
		<p class="note border-l-4 border-rule-strong pl-2">{finding.what} {finding.why}</p>
	{/each}
	{#each step?.cautions ?? [] as caution, i (i)}<p class="note border-l-4 border-ember pl-2">{caution}</p>{/each}
</div>
