<script lang="ts">
	import { differColours, judgeLikeness, pigmentsOf, pourMix, totalFromPart, type Mix } from '$core/colour';
	import { gatherMaterials, paintsThatMix } from '$core/materials';
	import { nameMix, setColour } from '$core/project';
	import { freeId } from '$core/layers';
	import { NumberField, Pick, VolumeField } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { MixesClient } from '$lib/workers/mixes/client';
	import { onDestroy } from 'svelte';
	import { announce } from '$lib/ui/api/announce';

	const piece = usePiece();
	const palette = $derived(piece.project.palette);
	let wish = $state('#7d8f6a');
	let found: readonly Mix[] | null = $state.raw(null);
	let parts: Readonly<Record<string, number>> = $state.raw({});
	let total = $state(100);
	const MOST = 40;

	const pigments = $derived(pigmentsOf(palette));
	/** Gilding wax is no part of a chalk paint. */
	const paints = $derived.by(() => {
		const { finish, materials, layout } = piece.project;
		return paintsThatMix(palette, finish.coats, gatherMaterials(materials), layout.zones);
	});
	const leftOut = $derived(palette.filter((colour) => !paints.includes(colour)));
	const used = $derived(
		palette.flatMap((colour) => (parts[colour.id] ? [{ colour, pigment: pigments.get(colour.id)!, parts: parts[colour.id]! }] : []))
	);
	const poured = $derived(pourMix(used, total));
	const mlOf = (id: string) => poured?.ml[used.findIndex(({ colour }) => colour.id === id)];
	/** The part whose rest is poured out whole, and how much of it there is, ml. */
	const NONE = '-';
	let from: string = $state(NONE);
	const fromAt = $derived(used.findIndex(({ colour }) => colour.id === from));
	function pourAll(id: string, ml: number): void {
		const all = totalFromPart(
			used,
			used.findIndex(({ colour }) => colour.id === id),
			ml
		);
		if (all !== null && all > 0) total = Math.round(all * 10) / 10;
	}
	const nameOf = (id: string) => palette.find((colour) => colour.id === id)?.name ?? id;
	const LIKENESS = {
		same: 'the same to the eye',
		'very-near': 'very near',
		near: 'near',
		'not-far': 'not far',
		another: 'another colour'
	} as const;
	const word = (difference: number) => `${LIKENESS[judgeLikeness(difference)]} (${difference.toFixed(1)})`;
	const write = (mix: Mix['parts']) => mix.map(({ colour, parts }) => `${parts} ${nameOf(colour)}`).join(', ');

	let client: MixesClient | null = null;
	let finding = $state(false);
	let failed = $state(false);
	onDestroy(() => client?.close());
	async function find(): Promise<void> {
		client ??= new MixesClient();
		finding = true;
		failed = false;
		const mixes = await client
			.find(
				wish,
				paints.map(({ id }) => pigments.get(id)!)
			)
			.catch(() => undefined);
		failed = mixes === undefined;
		/** Where it was stopped, what was found before stands. */
		if (mixes) found = mixes;
		else if (failed) found = null;
		finding = false;
	}

	function take(mix: Mix): void {
		parts = Object.fromEntries(mix.parts.map(({ colour, parts }) => [colour, parts]));
	}
	function setParts(id: string, value: number): void {
		if (Number.isFinite(value) && value >= 0 && value <= MOST) parts = { ...parts, [id]: value };
	}
	function add(): void {
		const { hex, opacity } = poured!;
		const name = nameMix(used);
		const mix = used.map(({ colour, parts }) => ({ colour: colour.id, parts }));
		piece.replace(setColour(piece.project, { id: freeId('mix', palette), name, hex, opacity, mix }));
		announce(`${name} is in the palette now, and follows its parts.`);
	}
</script>

<section class="paper p-5" aria-label="Mixing">
	<h2>Mix a colour</h2>
	<p class="note">Worked out as paint mixes, not as light does. Mix a spoonful first, and look at it dry.</p>
	<div class="mt-2 flex items-end gap-2">
		<label class="label" for="wish">Wished for</label>
		<input id="wish" type="color" class="h-[34px] w-12 border border-rule-strong bg-white p-0.5" bind:value={wish} />
		<button class="button" disabled={finding} onclick={find}>{finding ? 'Trying mixes' : 'Find it in the palette'}</button>
		{#if finding}<button class="button button-quiet" onclick={() => client?.stop()}>Stop</button>{/if}
	</div>
	{#if leftOut.length > 0}<p class="note">No paint, and not tried: {leftOut.map(({ name }) => name).join(', ')}.</p>{/if}
	{#if failed}<p class="fault" role="alert">The mixes could not be worked out. Try again.</p>{/if}
	{#if found}
		<ul class="mt-2" aria-label="Nearest mixes">
			{#each found as mix (write(mix.parts))}
				<li class="flex items-center gap-2 border-t border-rule py-1.5 text-sm">
					<span class="flex shrink-0 border border-ink" aria-hidden="true"
						><span class="block h-8 w-6" style:background={wish}></span><span class="block h-8 w-6" style:background={mix.hex}></span></span
					>
					<span class="flex-1">{write(mix.parts)}<br /><span class="text-ink-soft">{word(mix.difference)}</span></span>
					<button class="button text-sm" onclick={() => take(mix)}>Take it</button>
				</li>
			{:else}<li class="note">There is no colour in the palette yet.</li>{/each}
		</ul>
	{/if}

	<h3 class="mt-4">In parts</h3>
	<table class="w-full text-sm">
		<tbody>
			{#each palette as colour (colour.id)}
				{@const ml = mlOf(colour.id)}
				<tr class="border-t border-rule">
					<td class="w-8 py-1"><span class="block h-6 w-6 border border-ink" style:background={colour.hex}></span></td>
					<td>{colour.name}</td>
					<td class="w-20"
						><NumberField
							label={colour.name}
							hideLabel
							small
							eager
							value={parts[colour.id] ?? 0}
							min={0}
							max={MOST}
							step={0.5}
							onchange={(value) => setParts(colour.id, value)}
						/></td
					>
					<td class="w-28 pl-2 text-right">{ml === undefined ? '' : piece.writeVolume(ml)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	{#if poured}
		<div class="mt-3 flex items-center gap-3" role="status">
			<span class="block h-12 w-20 shrink-0 border border-ink" style:background={poured.hex}></span>
			<span class="text-sm"
				>{poured.hex}{#if found}; against the wish {word(differColours(poured.hex, wish))}{/if}</span
			>
		</div>
		<div class="mt-2 flex items-end gap-2">
			<div class="w-28">
				<VolumeField
					label="In all"
					unit={piece.project.workshop.volumes}
					eager
					value={total}
					min={1}
					max={10000}
					step={10}
					onchange={(ml) => (total = ml)}
				/>
			</div>
			<button class="button" onclick={add}>Add it to the palette</button>
			<button class="button button-quiet text-sm underline" onclick={() => (parts = {})}>None of it</button>
		</div>
		<div class="mt-2 flex items-end gap-2">
			<div class="w-44">
				<Pick
					label="or from what is left of"
					value={fromAt < 0 ? NONE : from}
					options={[
						{ value: NONE, text: 'none of them' },
						...used.map(({ colour }) => ({ value: colour.id, text: colour.name, swatch: colour.hex }))
					]}
					onchange={(id) => {
						from = id;
						const left = palette.find((colour) => colour.id === id)?.jar?.left;
						if (left) pourAll(id, left);
					}}
				/>
			</div>
			{#if fromAt >= 0}<div class="w-28">
					<VolumeField
						label="of it"
						unit={piece.project.workshop.volumes}
						eager
						value={poured.ml[fromAt]!}
						min={0.1}
						max={10000}
						step={10}
						onchange={(ml) => pourAll(from, ml)}
					/>
				</div>{/if}
		</div>
	{:else}<p class="note mt-2">Set the parts of two colours or more.</p>{/if}
</section>
