<script lang="ts">
	import { idOfPlace, partsOf, PLACE_WORDS, placesFor, surfacesAt, type Places } from '$core/layout';
	import { choosableParts, HARDWARE_SURFACE, hardwareSurface, type MeasuredFace } from '$core/piece';
	import { nameParts, namePlace } from '$core/plan';
	import { Fold, Help, Tick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	interface Props {
		places: Places;
		/** They are picked on the drawing too: by a click, or by a pull around many as well. */
		onDrawing?: 'click' | 'pull' | null;
		onchange: (places: Places) => void;
	}
	/** Where a coat, a zone or an arrangement goes: by a word, by name, all but some; on the drawing where that is at hand. */
	let { places, onDrawing = null, onchange }: Props = $props();
	const piece = usePiece();
	const id = $props.id();
	const isBut = $derived(typeof places !== 'string' && places[0]!.startsWith('!'));
	/** By name: those that it is on, or those that are left out. */
	const named = $derived(
		typeof places === 'string' ? partsOf(places, piece.plan).map((part) => part.id) : places.map((place) => place.replace('!', ''))
	);
	const faces = $derived(piece.plan.faces.filter(({ idle }) => !idle));
	const groups = $derived(faces.map((face) => ({ face, choices: choicesOn(face) })));

	function choicesOn(face: MeasuredFace) {
		const parts = choosableParts(face).map((part) => part.id);
		const own = parts.slice(0, -1).map((part) => ({ id: part, name: namePlace(piece.plan, part) }));
		if (own.length === 0) return [{ id: face.id, name: face.name }];
		return [
			...own,
			...(face.frame === face.whole ? [] : [{ id: face.frame.id, name: 'frame' }]),
			...(face.rest === face.frame ? [] : [{ id: face.rest.id, name: 'what is left of it' }]),
			{ id: face.id, name: 'all of it' }
		];
	}
	/** Faces with parts on them have a row each; the plain ones share the last. */
	const rows = $derived(
		[
			...groups
				.filter(({ choices }) => choices.length > 1)
				.map(({ face, choices }) => ({ name: groups.length > 1 ? face.name : '', choices })),
			{
				name: groups.some(({ choices }) => choices.length > 1) ? 'And' : '',
				choices: groups.flatMap(({ choices }) => (choices.length === 1 ? choices : []))
			}
		].filter(({ choices }) => choices.length > 0)
	);
	const WORDS: Readonly<Record<(typeof PLACE_WORDS)[number], string>> = {
		all: 'the whole piece',
		drawers: 'every drawer',
		doors: 'every door',
		fronts: 'every drawer and door',
		panels: 'every panel',
		frame: 'the frame'
	};
	/** Words for many at once, where the piece has two or more of them; the frame where it is not all. */
	const words = $derived(
		PLACE_WORDS.filter((word) => {
			const on = partsOf(word, piece.plan);
			if (word === 'all') return faces.length > 1 || groups.some(({ choices }) => choices.length > 1);
			if (word === 'frame') return faces.some(({ frame, whole }) => frame !== whole);
			return on.length > 1 && !(word === 'fronts' && new Set(on.map(({ role }) => role)).size < 2);
		})
	);
	const isAt = (word: Places) => word === places;

	function toggle(place: string): void {
		const all = groups.flatMap(({ choices }) => choices.map((choice) => choice.id));
		const left = all.filter((other) => (other === place ? !named.includes(other) : named.includes(other)));
		if (left.length > 0) onchange(isBut ? left.map((other) => `!${other}`) : left);
		else if (isBut) onchange('all');
	}
	/** The same surfaces, told by what is left out, or by what it goes on. */
	function turn(but: boolean): void {
		const on = surfacesAt(places, piece.plan);
		if (!but) return onchange(placesFor(on, piece.plan));
		const out = surfacesAt('all', piece.plan).filter((surface) => !on.includes(surface));
		const gone = placesFor(out, piece.plan);
		onchange(out.length === 0 || typeof gone === 'string' ? [`!${faces.at(-1)!.id}`] : gone.map((other) => `!${other}`));
	}
	/** Coats go on the hardware too, beside the piece; nothing is laid out on it. */
	const isOnHardware = $derived(typeof places !== 'string' && places.includes(HARDWARE_SURFACE));
	const hasHardware = $derived(onDrawing === 'click' && hardwareSurface(piece.plan) !== null);
	const says = $derived(
		isOnHardware && typeof places !== 'string'
			? [nameParts(partsOf(places, piece.plan), piece.plan), 'the hardware, beside the piece'].filter(Boolean).join(', ')
			: isBut
				? `all but ${(places as string[]).map((place) => namePlace(piece.plan, place.slice(1))).join(', ')}`
				: isAt('all')
					? WORDS.all
					: nameParts(partsOf(places, piece.plan), piece.plan)
	);
	const missing = $derived(
		typeof places !== 'string' &&
			!isOnHardware &&
			places.every(
				(place) =>
					!piece.plan.faces.some(({ id: face, parts }) => face === idOfPlace(place) || parts.some((part) => part.id === idOfPlace(place)))
			)
	);
</script>

<fieldset>
	<legend class="sr-only" id="{id}-legend">On which parts</legend>
	<p>On <b>{missing ? 'nothing that is measured' : says || 'nothing that is measured'}</b>.</p>
	{#if onDrawing}
		<p class="note">
			A click on the piece, with Shift, adds a part or takes it away{onDrawing === 'pull'
				? '; Shift and a pull draws a frame around many'
				: ''}.
		</p>
		<Tick label="More than one: each click adds, without Shift" checked={piece.view.many} onchange={(many) => (piece.view.many = many)} />
	{/if}
	<div class="mt-1 flex flex-wrap gap-1.5">
		{#each words as word (word)}<button
				class="button text-sm {isAt(word) ? '!border-ember font-bold' : ''}"
				aria-pressed={isAt(word)}
				onclick={() => onchange(word)}>{WORDS[word]}</button
			>{/each}
		{#if hasHardware || isOnHardware}<button
				class="button text-sm {isOnHardware ? '!border-ember font-bold' : ''}"
				aria-pressed={isOnHardware}
				onclick={() => onchange(isOnHardware ? 'all' : [HARDWARE_SURFACE])}>the hardware</button
			>{/if}
	</div>
	<Fold label={isBut ? 'Left out, by name' : 'By name'}>
		{#if rows.some(({ choices }) => choices.length > 1)}
			<Tick label="All but these" checked={isBut} onchange={turn} />
		{/if}
		{#each rows as { name, choices } (name)}
			<div class="flex flex-wrap items-center gap-x-3">
				{#if name}<span class="note">{name}:</span>{/if}
				{#each choices as choice (choice.id)}
					<span class="flex items-center gap-1"
						><Tick
							label={choice.name}
							checked={named.includes(choice.id)}
							onchange={() => toggle(choice.id)}
						/>{#if choice.name === 'all of it'}<Help word="all of it" />{/if}</span
					>
				{/each}
			</div>
		{/each}
	</Fold>
</fieldset>
