<script lang="ts">
	import { guessWet, type Colour } from '$core/colour';
	import { dropColour, setColour, usesOfColour } from '$core/project';
	import { NumberField, RadioRow, Slide, VolumeField } from '$lib/ui/controls';
	import NameField from '$lib/ui/name-field/NameField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import EyeFields from './EyeFields.svelte';
	import PictureFields from './PictureFields.svelte';
	import ReaderFields from './ReaderFields.svelte';

	interface Props {
		colour: Colour;
		ongone: () => void;
		/** Puts it on the shelf of the workshop. */
		onkeep: (colour: Colour) => void;
	}
	let { colour, ongone, onkeep }: Props = $props();
	const piece = usePiece();
	const id = $props.id();
	let by: 'eye' | 'lab' | 'picture' = $state('eye');
	const uses = $derived(usesOfColour(piece.project, colour.id));
	const parts = $derived(colour.mix ?? []);
	const nameOf = (of: string) => piece.project.palette.find((other) => other.id === of)?.name ?? of;
	const noPaint = $derived(
		piece.plan.hints.find(
			({ code, path }) =>
				code === 'colour.no-paint' && path === `palette[${piece.project.palette.findIndex(({ id }) => id === colour.id)}].hex`
		)?.message
	);
	/** Jars come in about this size, ml. */
	const USUAL = 120;

	function set(change: Partial<Colour>, together = ''): void {
		const next = Object.fromEntries(Object.entries({ ...colour, ...change }).filter(([, value]) => value !== undefined)) as Colour;
		piece.replace(setColour(piece.project, next), together && `${together} ${colour.id}`);
	}
	function setParts(of: string, value: number): void {
		set({ mix: parts.map((part) => (part.colour === of ? { ...part, parts: value } : part)) }, 'parts');
	}
</script>

<div class="space-y-3">
	<NameField label="Name" value={colour.name} onchange={(name) => set({ name }, 'name')} />
	{#if parts.length > 0}
		<fieldset>
			<legend class="label">Mixed of, in parts</legend>
			{#each parts as part (part.colour)}
				<div class="flex items-center gap-2 py-0.5 text-sm">
					<span class="flex-1" aria-hidden="true">{nameOf(part.colour)}</span>
					<div class="w-24">
						<NumberField
							label={nameOf(part.colour)}
							hideLabel
							value={part.parts}
							min={0.1}
							max={1000}
							step={0.5}
							onchange={(parts) => setParts(part.colour, parts)}
						/>
					</div>
				</div>
			{/each}
			<p class="note">Its shade follows from them, and from theirs.</p>
			<button class="button text-sm" onclick={() => set({ mix: undefined })}>Let it be a colour of its own</button>
		</fieldset>
	{:else}
		<RadioRow
			label="Shade as it dries"
			value={by}
			options={[
				{ value: 'eye', text: 'by eye' },
				{ value: 'lab', text: piece.project.workshop.simulated ? 'by Lab or reader' : 'by Lab' },
				{ value: 'picture', text: 'from a picture' }
			]}
			onchange={(next) => (by = next)}
		/>
		{#if by === 'eye'}
			<EyeFields label="Shade of {colour.name} as it dries" hex={colour.hex} onchange={(hex) => set({ hex }, 'hex')} />
		{:else if by === 'lab'}<ReaderFields hex={colour.hex} onchange={(hex) => set({ hex })} />
		{:else}<PictureFields onchange={(hex) => set({ hex })} />{/if}
		{#if noPaint}<p class="border-l-4 border-ember pl-2 text-sm" role="status"><b>!</b> {noPaint}</p>{/if}
	{/if}
	<div class="flex items-end gap-3">
		<div>
			<label class="label" for="{id}-wet">Shade while wet</label>
			<input
				id="{id}-wet"
				type="color"
				class="h-10 w-24 border border-rule-strong bg-white p-0.5"
				value={colour.wet ?? guessWet(colour.hex)}
				oninput={(event) => set({ wet: event.currentTarget.value }, 'wet')}
			/>
		</div>
		<p class="note flex-1 pb-1">
			{colour.wet ? 'As you set it.' : 'A guess: most paints dry lighter.'}
			{#if colour.wet}<button class="underline" onclick={() => set({ wet: undefined })}>Guess it</button>{/if}
		</p>
	</div>
	<Slide
		label="Hides of its ground, one coat"
		value={Math.round(colour.opacity * 100)}
		min={5}
		max={100}
		step={1}
		says="{Math.round(colour.opacity * 100)} %"
		onchange={(percent) => set({ opacity: percent / 100 }, 'opacity')}
	/>
	{#if parts.length === 0}
		<div class="w-44">
			<NumberField
				label="Tinting strength"
				value={colour.strength ?? 1}
				min={0.1}
				max={10}
				step={0.1}
				note="parts of a plain paint that one of it counts for"
				onchange={(strength) => set({ strength: strength === 1 ? undefined : strength }, 'strength')}
			/>
		</div>
		<div class="grid grid-cols-2 items-end gap-2">
			<VolumeField
				label="Left in the jar"
				unit={piece.project.workshop.volumes}
				value={colour.jar?.left ?? null}
				min={0}
				max={100_000}
				onchange={(left) => set({ jar: { size: colour.jar?.size ?? USUAL, left } }, 'left')}
			/>
			<VolumeField
				label="A jar holds"
				unit={piece.project.workshop.volumes}
				value={colour.jar?.size ?? null}
				min={1}
				max={100_000}
				onchange={(size) => set({ jar: { left: colour.jar?.left ?? 0, size } }, 'size')}
			/>
		</div>
		{#if colour.jar && colour.jar.left > colour.jar.size}
			{@const { left, size } = colour.jar}
			<div class="flex flex-wrap items-center gap-2 border-l-4 border-ember pl-2 text-sm" role="status">
				<span><b>?</b> That is more than a jar of {piece.writeVolume(size)} holds. {Math.ceil(left / size)} jars, or is one larger?</span>
				<button class="button text-sm" onclick={() => set({ jar: { left, size: left } })}>One jar holds {piece.writeVolume(left)}</button>
				<button class="button text-sm" onclick={() => set({ jar: { left: size, size } })}>One is left, full</button>
			</div>
		{/if}
	{/if}
	<div class="flex flex-wrap items-baseline gap-3">
		{#if parts.length === 0}<button class="button text-sm whitespace-nowrap" onclick={() => onkeep(colour)}>Put it on the shelf</button
			>{/if}
		<button
			class="button button-quiet text-sm whitespace-nowrap underline"
			disabled={uses.length > 0}
			onclick={() => {
				piece.replace(dropColour(piece.project, colour.id));
				ongone();
			}}>Take it out</button
		>
		{#if uses.length > 0}<span class="note">used for {uses.join(', ')}</span>{/if}
	</div>
</div>
