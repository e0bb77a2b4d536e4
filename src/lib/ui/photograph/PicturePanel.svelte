<script lang="ts">
	import { findCornerFault, type Corners } from '$core/geometry';
	import { checkKnownLength } from '$core/piece';
	import type { PlanError } from '$core/plan';
	import { formatLength, readLength } from '$core/units';
	import ReadingField from '$lib/ui/measure/ReadingField.svelte';
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import { FilePick, Progress, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { startCorners } from './startCorners';
	import type { StraightPhotograph } from './Photographs.svelte';

	interface Props {
		straight: StraightPhotograph;
		/** The corners are being set. */
		setting: boolean;
		trace: 'part' | 'knob' | null;
	}
	let { straight, setting = $bindable(), trace = $bindable() }: Props = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const photograph = $derived(piece.faceInput.photograph);
	const fault = $derived(
		photograph?.corners ? findCornerFault(photograph.corners as unknown as Corners, photograph.width, photograph.height) : null
	);
	let faults: readonly PlanError[] = $state([]);
	let loading = $state(false);
	const check = $derived(photograph?.check ?? null);
	const known = $derived(check ? readLength(check.length, unit) : null);
	const scale = $derived(check && known?.ok && known.mm > 0 ? checkKnownLength(check.from, check.to, known.mm) : null);
	const write = (mm: number) => formatLength(mm, unit, 0.1).text;

	async function load(file: File): Promise<void> {
		loading = true;
		faults = [];
		const answer = await askWorkshop<{ picture: string; width: number; height: number }>('/api/pictures', { method: 'POST', body: file });
		loading = false;
		if (!answer.ok) {
			faults = answer.faults;
			return;
		}
		const { picture, width, height } = answer.value;
		piece.editFace((face) => void (face.photograph = { picture, width, height, corners: null, check: null, shown: true }));
		setting = true;
	}
	function begin(): void {
		if (!photograph!.corners) {
			const corners = startCorners(photograph!);
			piece.editFace((face) => void (face.photograph!.corners = corners));
		}
		setting = false;
	}
	function addCheck(): void {
		const { width, height } = piece.face;
		piece.editFace(
			(face) =>
				void (face.photograph!.check = {
					from: { x: Math.round(width * 0.25), y: Math.round(height / 2) },
					to: { x: Math.round(width * 0.75), y: Math.round(height / 2) },
					length: ''
				})
		);
	}
</script>

<h2>Photograph of {piece.face.name.toLowerCase()}</h2>
{#if !photograph}
	<p class="mt-1">
		Straight from the front or aslant: set its four corners, and it is straightened behind the drawing, at scale, to trace parts on.
	</p>
{/if}
<div class="mt-2">
	<FilePick
		label={photograph ? 'Another picture' : 'JPEG, PNG or WebP'}
		accept="image/jpeg,image/png,image/webp"
		disabled={loading}
		onfile={load}
	/>
</div>
{#if loading}<p class="note mt-1" role="status">Taking it into the workshop …</p>{/if}
{#if faults.length > 0}<div role="alert">
		{#each faults as { message }, i (i)}<p class="fault mt-1">{message} Nothing has changed.</p>{/each}
	</div>{/if}

{#if photograph}
	<div class="mt-3 flex flex-wrap gap-2">
		{#if setting}<button class="button button-ember" disabled={fault !== null} onclick={begin}>Straighten it</button>{:else}<button
				class="button"
				onclick={() => (setting = true)}>Set the corners</button
			>{/if}
		<button
			class="button"
			onclick={() => {
				setting = false;
				piece.editFace((face) => void (face.photograph = null));
			}}>Take it out</button
		>
	</div>
	{#if straight.progress !== null}
		<div class="mt-2 flex items-center gap-2" role="status">
			<span class="text-sm">straightening</span><Progress label="Straightening the picture" value={straight.progress} /><button
				class="button button-quiet text-sm underline"
				onclick={() => straight.cancel()}>stop</button
			>
		</div>
	{/if}
	{#if straight.missing}<p class="fault mt-2">! This picture is not in the workshop. Load it again.</p>{/if}
	{#if !setting && photograph.corners}
		<div class="mt-3">
			<Tick
				label="show it behind the drawing"
				checked={photograph.shown}
				onchange={(shown) => piece.editFace((face) => void (face.photograph!.shown = shown))}
			/>
		</div>
		<h3 class="mt-3">Trace on it</h3>
		<div class="mt-1 flex flex-wrap gap-2">
			<button class="button" aria-pressed={trace === 'part'} onclick={() => (trace = trace === 'part' ? null : 'part')}
				>{trace === 'part' ? 'Drag over the part …' : 'A part'}</button
			>
			<button class="button" aria-pressed={trace === 'knob'} onclick={() => (trace = trace === 'knob' ? null : 'knob')}
				>{trace === 'knob' ? 'Click on the knob …' : 'A knob'}</button
			>
		</div>
		<p class="note mt-1">By keyboard: lay a part on it under Parts, add a fitting under Hardware.</p>
		<h3 class="mt-3">Is the picture true?</h3>
		{#if check}
			<p class="note">Set the two rings on the ends of something that you have measured.</p>
			<div class="mt-1 grid grid-cols-2 items-end gap-2">
				<ReadingField
					wide
					aside
					label="By the tape"
					value={check.length}
					onchange={(length) => piece.editFace((face) => void (face.photograph!.check!.length = length), 'known')}
				/>
				<button class="button text-sm" onclick={() => piece.editFace((face) => void (face.photograph!.check = null))}>No check</button>
			</div>
			<div role="status">
				{#if scale}<p class="mt-1">
						By the picture {write(scale.found)}:
						{#if scale.verdict === 'good'}<b class="text-well">✓ {Math.abs(scale.error * 100).toFixed(1)} % off</b>, as good as the tape.{:else}<b
								class="text-must">! {Math.abs(scale.error * 100).toFixed(1)} % too {scale.error > 0 ? 'long' : 'short'}.</b
							> Set the corners again, nearer to the true ones, or check the width and the height.{/if}
					</p>{/if}
			</div>
		{:else}
			<button class="button mt-1" onclick={addCheck}>Check it with a fifth length</button>
		{/if}
	{/if}
{/if}
