<script lang="ts">
	import { changePiece } from '$core/project';
	import { freeId } from '$core/layers';
	import {
		EDGE_SIDES,
		FACE_KINDS,
		GROUND_IDS,
		GROUND_NOTE,
		GROUNDS,
		newFace,
		type Face,
		type FaceKind,
		type Piece,
		type Seam
	} from '$core/piece';
	import NameField from '$lib/ui/name-field/NameField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import { takenIds } from './chainEdits';

	const piece = usePiece();
	const face = $derived(piece.faceInput);
	const faces = $derived(piece.project.piece.faces);
	const ground = $derived(GROUNDS[face.ground]);
	const seams = $derived(
		piece.project.piece.seams.map((seam, at) => ({ seam, at })).filter(({ seam }) => seam.a.face === face.id || seam.b.face === face.id)
	);
	const KINDS: Readonly<Record<FaceKind, string>> = {
		front: 'Front',
		left: 'Left side',
		right: 'Right side',
		back: 'Back',
		top: 'Top',
		lid: 'Lid',
		inside: 'Inside',
		edge: 'Edge',
		apron: 'Apron',
		leg: 'Leg',
		board: 'Board'
	};
	const drawers = $derived(piece.face.parts.filter(({ role }) => role === 'drawer'));
	const withoutEdge = $derived(drawers.filter(({ id }) => !faces.some(({ of }) => of === id)));
	let adding: FaceKind = $state('back');
	const nameOf = (id: string) => faces.find((other) => other.id === id)?.name ?? id;

	function addFace(): void {
		const id = freeId(adding, takenIds(piece));
		const typical = [piece.face.width, piece.face.height] as const;
		piece.edit((draft) => void draft.piece.faces.push(newFace(id, KINDS[adding], adding, typical) as (typeof draft.piece.faces)[0]));
		piece.seen.face = id;
	}
	/** The top edge of every drawer: as wide as the drawer, thin, and at its height, so that bands run over it. */
	function addEdges(): void {
		const added = withoutEdge.map((drawer): Face => ({
			...newFace(`${drawer.id}-edge`.slice(0, 40), `${drawer.name}, top edge`, 'edge', [drawer.width, 18]),
			of: drawer.id
		}));
		piece.edit((draft) => void draft.piece.faces.push(...(added as typeof draft.piece.faces)));
	}
	function removeFace(): void {
		const next = {
			...piece.project.piece,
			faces: faces.filter(({ id, of }) => id !== face.id && !piece.face.parts.some((part) => part.id === of))
		};
		piece.seen.face = null;
		piece.replace(changePiece(piece.project, next));
	}
	function addSeam(): void {
		const other = faces.find(({ id }) => id !== face.id)!;
		piece.edit((draft) => void draft.piece.seams.push({ a: { face: face.id, side: 'right' }, b: { face: other.id, side: 'left' } }));
	}
	function setSeam(at: number, end: 'a' | 'b', change: Partial<Seam['a']>): void {
		piece.edit((draft) => void Object.assign(draft.piece.seams[at]![end], change));
	}
</script>

<h2>{piece.face.name}: what it is</h2>
<div class="mt-2 grid grid-cols-2 gap-2">
	<div>
		<NameField label="Name" value={face.name} onchange={(name) => piece.editFace((draft) => void (draft.name = name), 'face name')} />
	</div>
	<div>
		<label class="label" for="face-kind">It is the</label>
		<select
			id="face-kind"
			class="field"
			value={face.kind}
			onchange={(event) => piece.editFace((draft) => void (draft.kind = event.currentTarget.value as FaceKind))}
		>
			{#each FACE_KINDS as kind (kind)}<option value={kind}>{KINDS[kind].toLowerCase()}</option>{/each}
		</select>
	</div>
	<div>
		<label class="label" for="ground">Ground</label>
		<select
			id="ground"
			class="field"
			value={face.ground}
			onchange={(event) => piece.editFace((draft) => void (draft.ground = event.currentTarget.value as Face['ground']))}
		>
			{#each GROUND_IDS as id (id)}<option value={id}>{GROUNDS[id].name}</option>{/each}
		</select>
	</div>
	<div>
		<label class="label" for="grain">Grain runs</label>
		<select
			id="grain"
			class="field"
			value={face.grain}
			onchange={(event) => piece.editFace((draft) => void (draft.grain = event.currentTarget.value as Face['grain']))}
		>
			<option value="level">level</option><option value="upright">upright</option>
		</select>
	</div>
	<div class="col-span-2">
		<label class="label" for="condition">The whole piece was</label>
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
{#each ground.cautions as caution, i (i)}<p class="note mt-2 border-l-4 border-ember pl-2">{caution}</p>{/each}
<h3 class="mt-3">What {ground.name} asks for</h3>
<ol class="mt-1 list-decimal space-y-0.5 pl-5">
	{#each ground.prepare as step, i (i)}<li>{step}</li>{/each}
</ol>
<p class="note mt-1">{GROUND_NOTE}</p>

<h2 class="mt-5">Where it meets others</h2>
{#if seams.length === 0}<p class="note">
		It meets no other face. A shared edge carries a reading over, and lets a design run round the corner.
	</p>{/if}
<ul class="mt-1 space-y-2">
	{#each seams as { seam, at } (at)}
		{@const [own, other] = seam.a.face === face.id ? (['a', 'b'] as const) : (['b', 'a'] as const)}
		<li class="grid grid-cols-[5.4rem_auto_1fr_5.4rem_auto] items-center gap-1.5 text-sm">
			<select
				class="field"
				aria-label="Its own edge"
				value={seam[own].side}
				onchange={(event) => setSeam(at, own, { side: event.currentTarget.value as Seam['a']['side'] })}
			>
				{#each EDGE_SIDES as side (side)}<option value={side}>{side}</option>{/each}
			</select>
			<span>on</span>
			<select
				class="field"
				aria-label="The face it meets"
				value={seam[other].face}
				onchange={(event) => setSeam(at, other, { face: event.currentTarget.value })}
			>
				{#each faces.filter(({ id }) => id !== face.id) as { id } (id)}<option value={id}>{nameOf(id)}</option>{/each}
			</select>
			<select
				class="field"
				aria-label="Edge of {nameOf(seam[other].face)}"
				value={seam[other].side}
				onchange={(event) => setSeam(at, other, { side: event.currentTarget.value as Seam['a']['side'] })}
			>
				{#each EDGE_SIDES as side (side)}<option value={side}>{side}</option>{/each}
			</select>
			<button
				class="button !px-2"
				aria-label="They do not meet"
				title="They do not meet"
				onclick={() => piece.edit((draft) => void draft.piece.seams.splice(at, 1))}>−</button
			>
		</li>
	{/each}
</ul>
{#if faces.length > 1}<button class="button mt-2 text-sm" onclick={addSeam}>They meet at an edge</button>{/if}

<h2 class="mt-5">Faces</h2>
<div class="mt-2 flex items-end gap-2">
	<label class="label flex-1"
		>One more<select class="field" bind:value={adding}>
			{#each FACE_KINDS as kind (kind)}<option value={kind}>{KINDS[kind].toLowerCase()}</option>{/each}
		</select></label
	>
	<button class="button" onclick={addFace}>Add it</button>
</div>
<div class="mt-2 flex flex-wrap gap-2">
	{#if withoutEdge.length > 0}<button class="button text-sm" onclick={addEdges}>Add the drawers' top edges</button>{/if}
	{#if faces.length > 1 && piece.faceAt > 0}<button class="button text-sm" onclick={removeFace}>Take {face.name.toLowerCase()} out</button
		>{/if}
</div>
