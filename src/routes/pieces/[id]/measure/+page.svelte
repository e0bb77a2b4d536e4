<script lang="ts">
	import { changeDrawers, changeUnits } from '$core/formats';
	import { GROUNDS, MOST_DRAWERS, OVERALL, type Face, type Piece } from '$core/piece';
	import { formatLength, type LengthUnit } from '$core/units';
	import { Choice } from '$lib/ui/choice';
	import FaceDrawing from '$lib/ui/drawing/FaceDrawing.svelte';
	import ChainCheckNote from '$lib/ui/measure/ChainCheckNote.svelte';
	import HardwarePanel from '$lib/ui/measure/HardwarePanel.svelte';
	import ReadingField from '$lib/ui/measure/ReadingField.svelte';
	import { usePiece } from '$lib/ui/piece-state';

	const piece = usePiece();
	const face = $derived(piece.project.piece.faces[0]!);
	const measured = $derived(piece.plan.faces[0]!);
	const unit = $derived(piece.project.units);
	const drawers = $derived(face.chain.filter((entry) => entry.role === 'drawer').length);
	const errorAt = (path: string) => piece.plan.errors.find((error) => error.path === `piece.faces[0].${path}`);
	const suspects = $derived(measured.check?.suspects.map(({ index }) => (index === OVERALL ? 'height' : face.chain[index]!.id)) ?? []);
	const isMeasured = $derived(!piece.plan.errors.some(({ path }) => path.startsWith('piece')));

	const GROUND_WORDS: Readonly<Record<Face['ground'], string>> = {
		'solid-wood': 'solid wood',
		veneer: 'veneer',
		'pressed-board': 'pressed board',
		laminate: 'laminate',
		'old-paint': 'old paint'
	};

	function setFace<Key extends 'width' | 'height' | 'stile' | 'sideGap'>(key: Key, text: string): void {
		piece.edit((draft) => void (draft.piece.faces[0]![key] = text), key);
	}
	function setReading(i: number, text: string): void {
		piece.edit((draft) => void (draft.piece.faces[0]!.chain[i]!.reading = text), `chain ${i}`);
	}
	function setDrawers(count: number): void {
		if (!Number.isInteger(count) || count < 1 || count > MOST_DRAWERS) return;
		piece.replace(changeDrawers(piece.project, count));
	}
	function nameOf(i: number): string {
		const entry = face.chain[i]!;
		if (entry.role === 'gap') return 'gap';
		return measured.parts.find((part) => part.id === entry.id)?.name ?? entry.id;
	}
	function noteOf(i: number): string | undefined {
		const share = measured.check?.shares[i] ?? 0;
		return Math.abs(share) >= 0.05 ? `${share > 0 ? '+' : '−'}${Math.abs(share).toFixed(1)} mm` : undefined;
	}
</script>

<div class="flex h-full">
	<div class="min-w-0 flex-1"><FaceDrawing mode="measure" {suspects} /></div>
	<aside class="paper w-[27rem] shrink-0 overflow-y-auto border-y-0 border-r-0 px-5 py-4" aria-label="Readings">
		<div class="flex items-end gap-3">
			<div class="flex-1">
				<label class="label" for="piece-name">Name</label>
				<input
					id="piece-name"
					class="field"
					value={piece.project.piece.name}
					maxlength="80"
					oninput={(event) =>
						event.currentTarget.value.trim() && piece.edit((draft) => void (draft.piece.name = event.currentTarget.value), 'name')}
				/>
			</div>
			<Choice
				label="Tape"
				value={unit}
				options={[
					{ value: 'mm', text: 'mm' },
					{ value: 'in', text: 'inches' }
				]}
				onchange={(value: LengthUnit) => piece.replace(changeUnits(piece.project, value))}
			/>
		</div>
		<h2 class="mt-4">The whole front</h2>
		<p class="note">
			{unit === 'in'
				? 'A plain number is inches; 412 mm is understood too.'
				: `A plain number is mm; 5 3/8 or 1' 2 1/2" is understood too.`} Enter goes on.
		</p>
		<div class="mt-2 grid grid-cols-4 gap-2">
			<ReadingField wide label="Width" value={face.width} error={errorAt('width')} onchange={(text) => setFace('width', text)} />
			<ReadingField wide label="Height" value={face.height} error={errorAt('height')} onchange={(text) => setFace('height', text)} />
			<ReadingField wide label="Stile" value={face.stile} error={errorAt('stile')} onchange={(text) => setFace('stile', text)} />
			<ReadingField wide label="Side gap" value={face.sideGap} error={errorAt('sideGap')} onchange={(text) => setFace('sideGap', text)} />
		</div>

		<div class="mt-4 flex items-baseline justify-between">
			<h2>From the top down</h2>
			<label class="text-sm text-ink-soft"
				>drawers <input
					class="field !w-16"
					type="number"
					min="1"
					max={MOST_DRAWERS}
					value={drawers}
					onchange={(event) => setDrawers(event.currentTarget.valueAsNumber)}
				/></label
			>
		</div>
		<div class="mt-1" role="status"><ChainCheckNote check={measured.check} face={measured} /></div>
		<div class="mt-2 space-y-1">
			{#each face.chain as entry, i (entry.id)}
				<ReadingField
					label={nameOf(i)}
					value={entry.reading}
					error={errorAt(`chain[${i}].reading`)}
					note={noteOf(i)}
					onchange={(text) => setReading(i, text)}
				/>
			{/each}
		</div>
		{#if errorAt('chain')}<p class="fault mt-1">{errorAt('chain')!.message}</p>{/if}

		<h2 class="mt-5">Knobs and pulls</h2>
		<div class="mt-1"><HardwarePanel /></div>

		<h2 class="mt-5">What it is</h2>
		<div class="mt-1 grid grid-cols-2 gap-2">
			<div>
				<label class="label" for="ground">Ground</label>
				<select
					id="ground"
					class="field"
					value={face.ground}
					onchange={(event) => piece.edit((draft) => void (draft.piece.faces[0]!.ground = event.currentTarget.value as Face['ground']))}
				>
					{#each GROUNDS as ground (ground)}<option value={ground}>{GROUND_WORDS[ground]}</option>{/each}
				</select>
			</div>
			<div>
				<label class="label" for="condition">State</label>
				<select
					id="condition"
					class="field"
					value={piece.project.piece.condition}
					onchange={(event) => piece.edit((draft) => void (draft.piece.condition = event.currentTarget.value as Piece['condition']))}
				>
					<option value="new">bought new</option>
					<option value="bare">sanded bare</option>
					<option value="finished">with an old finish</option>
				</select>
			</div>
		</div>
		{#if face.ground === 'veneer'}<p class="note mt-2">
				Veneer is 0.5 to 0.8 mm thin: coarse paper goes through it fast. Sand with 180 or finer, with the grain.
			</p>{/if}
		{#if face.ground === 'old-paint'}<p class="note mt-2 border-l-4 border-ember pl-2">
				Old paint may hold lead. Test before you sand; follow local rules, or leave it to a licensed professional.
			</p>{/if}
		{#if face.ground === 'pressed-board'}<p class="note mt-2">
				Pressed board swells where water gets into its edges: keep them dry, or seal them first. Heavy pieces: two people.
			</p>{/if}
		<p class="mt-5 border-t border-rule pt-3">
			{#if isMeasured}<a class="button button-ember" href="/pieces/{piece.id}/layout">Go on to Lay out</a>{:else}<span class="note"
					>The front is {formatLength(measured.width, unit).text} by {formatLength(measured.height, unit).text}{measured.estimated
						? ', guessed where readings are missing'
						: ''}.</span
				>{/if}
		</p>
	</aside>
</div>
