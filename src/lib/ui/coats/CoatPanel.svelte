<script lang="ts">
	import { KINDS_FOR } from '$core/formats';
	import { APPLICATORS, COAT_WORDS, isFilm, type Coat, type CoatParts } from '$core/layers';
	import { gatherMaterials } from '$core/materials';
	import { listSurfaces } from '$core/plan';
	import { formatDuration, parseDuration } from '$core/units';
	import { RadioRow } from '$lib/ui/controls';
	import ColourChoice from '$lib/ui/layout-panels/ColourChoice.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import BlendFields from './BlendFields.svelte';

	let { coat }: { coat: Coat } = $props();
	const piece = usePiece();
	const step = $derived(piece.plan.order.find((other) => other.coat === coat.id));
	const materials = $derived(
		'material' in coat
			? [...gatherMaterials(piece.project.materials).values()].filter(({ kind }) =>
					(KINDS_FOR[coat.kind] as readonly string[]).includes(kind)
				)
			: []
	);
	const material = $derived('material' in coat ? materials.find(({ id }) => id === coat.material) : undefined);
	const surfaces = $derived(listSurfaces(piece.plan));
	const roles = $derived(new Set(piece.plan.faces.flatMap((face) => face.parts.map(({ role }) => role))));
	/** Words for many at once: those that mean something on this piece. */
	const words = $derived([
		{ on: 'all' as const, text: 'the whole piece' },
		...(roles.has('drawer') ? [{ on: 'drawers' as const, text: 'every drawer' }] : []),
		...(roles.has('door') ? [{ on: 'doors' as const, text: 'every door' }] : []),
		...(roles.has('drawer') && roles.has('door') ? [{ on: 'fronts' as const, text: 'every drawer and door' }] : []),
		...(roles.has('panel') ? [{ on: 'panels' as const, text: 'every panel' }] : []),
		{ on: 'frame' as const, text: piece.plan.faces.filter(({ idle }) => !idle).length > 1 ? 'frame, sides and top' : 'the frame' }
	]);
	const next = $derived(piece.project.finish.coats[piece.project.finish.coats.findIndex(({ id }) => id === coat.id) + 1]);
	const onValue = $derived('on' in coat ? (typeof coat.on === 'string' ? coat.on : coat.on.length === 1 ? coat.on[0]! : 'some') : '');

	function set(change: (draft: any) => void, together = ''): void {
		piece.edit((draft) => change(draft.finish.coats.find((other) => other.id === coat.id)), together && `${together} ${coat.id}`);
	}
	function setOn(value: string): void {
		const on: CoatParts = words.find((word) => word.on === value)?.on ?? [value];
		set((draft) => (draft.on = on));
	}
	let waitFault: string | null = $state(null);
	function setWait(text: string): void {
		const wait = text.trim() === '' ? null : parseDuration(text);
		waitFault =
			text.trim() !== '' && wait === null
				? 'Write it like 45 min, 2 h 30 or 2 days 7 h. Leave it empty to wait as long as it needs.'
				: null;
		if (waitFault === null) set((draft) => (draft.wait = wait));
	}
	function takeOut(): void {
		piece.edit((draft) => void (draft.finish.coats = draft.finish.coats.filter((other) => other.id !== coat.id)));
		piece.seen.coat = null;
	}
</script>

<div class="space-y-3">
	<div class="flex items-baseline justify-between">
		<h2>{COAT_WORDS[coat.kind]}</h2>
		<button class="button button-quiet text-sm underline" onclick={takeOut}>Take it out</button>
	</div>
	{#if material}
		<div>
			<label class="label" for="material">Material</label>
			<select
				id="material"
				class="field"
				value={material.id}
				onchange={(event) => set((draft) => (draft.material = event.currentTarget.value))}
			>
				{#each materials as { id, name } (id)}<option value={id}>{name}</option>{/each}
			</select>
		</div>
	{/if}
	{#if 'on' in coat}
		<div>
			<label class="label" for="on">On</label>
			<select id="on" class="field" value={onValue} onchange={(event) => setOn(event.currentTarget.value)}>
				{#each words as { on, text } (on)}<option value={on}>{text}</option>{/each}
				{#each surfaces as { id, name } (id)}<option value={id}>{name} only</option>{/each}
				{#if onValue === 'some'}<option value="some">{(coat.on as string[]).length} surfaces</option>{/if}
			</select>
		</div>
	{/if}
	{#if coat.kind === 'base'}<ColourChoice
			label="Colour"
			value={coat.colour}
			onchange={(colour) => set((draft) => (draft.colour = colour))}
		/>{/if}
	{#if coat.kind === 'sand'}
		<div class="grid grid-cols-2 gap-2">
			<label class="label"
				>Grit<input
					class="field"
					type="number"
					min="40"
					max="2000"
					step="20"
					value={coat.grit}
					onchange={(event) => event.currentTarget.checkValidity() && set((draft) => (draft.grit = event.currentTarget.valueAsNumber))}
				/></label
			>
			<label class="flex items-end gap-2 pb-2 text-sm"
				><input
					type="checkbox"
					class="h-4 w-4 accent-ember"
					checked={coat.bare}
					onchange={(event) => set((draft) => (draft.bare = event.currentTarget.checked))}
				/>down to bare wood</label
			>
			<label class="label col-span-2"
				>Taken off edges that meet, mm<input
					class="field"
					type="number"
					min="0"
					max="20"
					step="0.1"
					value={coat.eases ?? 0}
					onchange={(event) =>
						event.currentTarget.checkValidity() && set((draft) => (draft.eases = event.currentTarget.valueAsNumber), 'eases')}
				/></label
			>
		</div>
	{/if}
	{#if isFilm(coat)}
		<div class="grid grid-cols-3 gap-2">
			<label class="label"
				>Coats<input
					class="field"
					type="number"
					min="1"
					max="9"
					value={coat.times}
					onchange={(event) =>
						event.currentTarget.checkValidity() && set((draft) => (draft.times = event.currentTarget.valueAsNumber), 'times')}
				/></label
			>
			<label class="label"
				>Thickness
				<select
					class="field"
					value={String(coat.thickness)}
					onchange={(event) => set((draft) => (draft.thickness = Number(event.currentTarget.value)))}
				>
					<option value="0.75">thin</option><option value="1">normal</option><option value="1.5">thick</option><option value="2"
						>heavy</option
					>
					{#if ![0.75, 1, 1.5, 2].includes(coat.thickness)}<option value={String(coat.thickness)}>{coat.thickness} ×</option>{/if}
				</select>
			</label>
			<label class="label"
				>With
				<select class="field" value={coat.applicator} onchange={(event) => set((draft) => (draft.applicator = event.currentTarget.value))}>
					{#each APPLICATORS as tool (tool)}<option value={tool}>{tool}</option>{/each}
				</select>
			</label>
		</div>
	{/if}
	{#if isFilm(coat) && coat.kind !== 'stencil' && piece.plan.gaps.length > 0}
		<RadioRow
			label="On edges that meet"
			value={coat.edges ?? 'full'}
			options={[
				{ value: 'full', text: 'as on the face' },
				{ value: 'one', text: 'one coat' },
				{ value: 'none', text: 'masked' }
			]}
			onchange={(edges) => set((draft) => (draft.edges = edges))}
		/>
	{/if}
	{#if coat.kind === 'blend'}<BlendFields {coat} />{/if}
	{#if next}
		<div>
			<label class="label" for="wait">Wait after it</label>
			<input
				id="wait"
				class="field"
				value={coat.wait === null ? '' : formatDuration(coat.wait)}
				placeholder="as long as it needs"
				aria-invalid={waitFault !== null}
				onchange={(event) => setWait(event.currentTarget.value)}
			/>
			{#if waitFault}<p class="fault">{waitFault}</p>{/if}
		</div>
	{/if}
	{#if step && material}
		<dl class="grid grid-cols-[1fr_auto] gap-x-3 border-t border-rule pt-2 text-sm">
			{#if isFilm(coat)}<dt class="text-ink-soft">film, dry</dt>
				<dd>{Math.round(step.film)} µm</dd>{/if}
			<dt class="text-ink-soft">dry to the touch, in this workshop</dt>
			<dd>{formatDuration(step.touchDry)}</dd>
			<dt class="text-ink-soft">ready for the next</dt>
			<dd>{formatDuration(step.recoat)}</dd>
		</dl>
		<p class="text-sm"><b>Ready looks like:</b> {material.ready}</p>
	{/if}
	{#each step?.cautions ?? [] as caution, i (i)}<p class="note border-l-4 border-ember pl-2">{caution}</p>{/each}
</div>
