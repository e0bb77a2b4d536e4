<script lang="ts">
	import { changeDrawers } from '$core/project';
	import { MOST_DRAWERS, type Face } from '$core/piece';
	import { formatFigure, formatLength } from '$core/units';
	import { NumberField } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import ChainFields from './ChainFields.svelte';
	import { beginChain } from './chainEdits';
	import OutlineFields from './OutlineFields.svelte';
	import ReadingField from './ReadingField.svelte';
	import { listTargets } from './targets';

	const piece = usePiece();
	const face = $derived(piece.faceInput);
	const measured = $derived(piece.face);
	const unit = $derived(piece.project.units);
	const isRound = $derived(face.outline.shape === 'circle');
	/** A plain stack of drawers can be counted; anything else is changed link by link. */
	const isStack = $derived(face.chain.length > 0 && face.chain.every(({ role }) => ['rail', 'gap', 'drawer', 'plinth'].includes(role)));
	const drawers = $derived(face.chain.filter((entry) => entry.role === 'drawer').length);
	const targets = $derived(listTargets(face, measured));
	let changing = $state(false);
	let device = $state(false);
	let pasting = $state(false);
	/** Where the next reading of the device goes: the field that was last in hand, else the first that is open. */
	let inHand: string | null = $state(null);
	const held = $derived(targets.some(({ id }) => id === inHand) ? inHand : null);
	const next = $derived(device ? (held ?? targets.find(({ value }) => value === '')?.id ?? null) : null);
	const given = (mm: number, own: Face['width']) =>
		own === '' && !measured.whole.estimated ? formatFigure(mm, unit, 0.1).text : undefined;
	const square = $derived(measured.square);
	const hint = $derived(piece.plan.hints.find(({ path }) => path === `piece.faces[${piece.faceAt}].diagonals.falling`));
	const edges = $derived(
		piece.plan.hints.filter(({ code, path }) => code === 'edge.differs' && path.startsWith(`piece.faces[${piece.faceAt}].`))
	);

	function set(key: 'width' | 'height' | 'stile' | 'sideGap' | 'floor', text: string): void {
		piece.editFace((draft) => void (draft[key] = text), key);
	}
	function setDrawers(count: number): void {
		if (!Number.isInteger(count) || count < 1 || count > MOST_DRAWERS) return;
		piece.replace(changeDrawers(piece.project, count, face.id));
	}
</script>

{#snippet shape()}
	<OutlineFields
		outline={face.outline}
		path="outline"
		onchange={(outline, together) => piece.editFace((draft) => void (draft.outline = outline as typeof draft.outline), together)}
	/>
{/snippet}

<!-- Only listens which field is in hand. -->
<div onfocusin={(event) => (inHand = (event.target as HTMLElement).dataset?.['target'] ?? inHand)}>
	<h2>{measured.name}, the whole</h2>
	<p class="note">
		{unit === 'in' ? 'A plain number is inches; 412 mm is understood too.' : `A plain number is mm; 5 3/8 or 1' 2 1/2" too.`} Enter goes on.
	</p>
	<div class="mt-2 grid grid-cols-4 gap-2">
		<ReadingField
			wide
			label={isRound ? 'Diameter' : 'Width'}
			value={face.width}
			placeholder={given(measured.width, face.width)}
			error={piece.errorAt('width')}
			target="width"
			next={next === 'width'}
			onchange={(text) => set('width', text)}
		/>
		{#if !isRound}<ReadingField
				wide
				label={measured.lies === 'level' ? 'Depth' : 'Height'}
				value={face.height}
				placeholder={given(measured.height, face.height)}
				error={piece.errorAt('height')}
				target="height"
				next={next === 'height'}
				onchange={(text) => set('height', text)}
			/>{/if}
		{#if face.chain.length > 0 && face.chain.some(({ role }) => role === 'drawer' || role === 'door')}
			<ReadingField
				wide
				label="Stile"
				value={face.stile}
				error={piece.errorAt('stile')}
				target="stile"
				next={next === 'stile'}
				onchange={(text) => set('stile', text)}
			/>
			<ReadingField
				wide
				label="Side gap"
				value={face.sideGap}
				error={piece.errorAt('sideGap')}
				target="sideGap"
				next={next === 'sideGap'}
				onchange={(text) => set('sideGap', text)}
			/>
		{/if}
	</div>
	{#if measured.idle}<p class="note mt-1">
			Not measured yet: it is drawn by guess, and left out of coats and quantities. Type one length to bring it in.
		</p>{/if}
	{#each edges as { message }, i (i)}<p class="note mt-1 border-l-4 border-ember pl-2">{message}</p>{/each}

	{#if face.chain.length === 0}{@render shape()}{/if}

	<div class="mt-4 flex items-baseline justify-between gap-3">
		<h2>{face.chain.length > 0 ? 'From the top down' : 'Not divided'}</h2>
		{#if isStack}<div class="w-36">
				<NumberField label="How many drawers" whole value={drawers} min={1} max={MOST_DRAWERS} onchange={setDrawers} />
			</div>{/if}
	</div>
	{#if face.chain.length === 0}
		<p class="note mt-1">One plain surface. Drawers, doors or rails in it?</p>
		<button class="button mt-1" onclick={() => beginChain(piece)}>Divide it from the top down</button>
	{:else}
		<div class="mt-1">
			<ChainFields of={null} chain={face.chain} sizes={face.sizes} {changing} {next} />
		</div>
		{#if piece.errorAt('chain')}<p class="fault mt-1">{piece.errorAt('chain')!.message}</p>{/if}
	{/if}
	<div class="mt-2 flex flex-wrap gap-2">
		{#if face.chain.length > 0}<button class="button text-sm" aria-pressed={changing} onclick={() => (changing = !changing)}
				>{changing ? 'The links are right' : 'Change the links'}</button
			>{/if}
		<button class="button text-sm" aria-expanded={pasting} onclick={() => (pasting = !pasting)}>From a list</button>
		{#if piece.project.workshop.simulated}<button class="button text-sm" aria-expanded={device} onclick={() => (device = !device)}
				>From the simulated measuring device</button
			>{/if}
	</div>
	<!-- Both are about one face, and begin anew for another. -->
	{#key face.id}{#if pasting}{#await import('./PastePanel.svelte') then { default: PastePanel }}<PastePanel
					{targets}
					ondone={() => (pasting = false)}
				/>{/await}{/if}
		{#if device}{#await import('./DevicePanel.svelte') then { default: DevicePanel }}<DevicePanel
					{targets}
					{next}
					onnext={(id) => (inHand = id)}
				/>{/await}{/if}{/key}

	{#if face.chain.length > 0}{@render shape()}{/if}
	{#if !['circle', 'ellipse', 'free'].includes(face.outline.shape)}
		<h3 class="mt-4">Is it square?</h3>
		<div class="mt-1 grid grid-cols-2 gap-2">
			<ReadingField
				wide
				aside
				label="Top left to bottom right"
				value={face.diagonals.falling}
				error={piece.errorAt('diagonals.falling')}
				onchange={(text) => piece.editFace((draft) => void (draft.diagonals.falling = text), 'falling')}
			/>
			<ReadingField
				wide
				aside
				label="Bottom left to top right"
				value={face.diagonals.rising}
				error={piece.errorAt('diagonals.rising')}
				onchange={(text) => piece.editFace((draft) => void (draft.diagonals.rising = text), 'rising')}
			/>
		</div>
		<div role="status">
			{#if square?.verdict === 'square'}<p class="mt-1"><b class="text-well">✓ Square</b>, as well as a tape can tell.</p>{/if}
			{#if hint}<p class="note mt-1 border-l-4 border-ember pl-2">{hint.message}</p>{/if}
		</div>
	{/if}
	<div class="mt-3 grid grid-cols-2 gap-2">
		<ReadingField
			wide
			aside
			label={measured.lies === 'level' ? 'Its height above the floor' : 'Bottom edge above the floor'}
			value={face.floor}
			placeholder={face.floor === '' && measured.floor !== null ? formatLength(measured.floor, unit, 0.1).text : undefined}
			error={piece.errorAt('floor')}
			onchange={(text) => set('floor', text)}
		/>
		{#if measured.lies === 'upright'}<ReadingField
				wide
				aside
				label="Round front: its radius"
				value={face.bent ?? ''}
				error={piece.errorAt('bent')}
				onchange={(text) => piece.editFace((draft) => void (draft.bent = text), 'bent')}
			/>{/if}
	</div>
</div>
