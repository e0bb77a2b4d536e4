<script lang="ts">
	import { changePiece } from '$core/project';
	import { freeId } from '$core/layers';
	import {
		EDGE_SIDES,
		FACE_KINDS,
		GROUND_IDS,
		GROUND_NOTE,
		GROUNDS,
		isOwnSurface,
		newFace,
		PIECE_USES,
		type PieceUse,
		type Face,
		type FaceKind,
		type Seam
	} from '$core/piece';
	import { Pick, Tick, Tip } from '$lib/ui/controls';
	import NameField from '$lib/ui/name-field/NameField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import { takenIds } from './chainEdits';

	const piece = usePiece();
	const face = $derived(piece.faceInput);
	const faces = $derived(piece.project.piece.faces);
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
	const KIND_OPTIONS = FACE_KINDS.map((kind) => ({ value: kind, text: KINDS[kind].toLowerCase() }));
	const SIDE_OPTIONS = EDGE_SIDES.map((side) => ({ value: side, text: side }));
	const GROUND_OPTIONS = GROUND_IDS.map((id) => ({ value: id, text: GROUNDS[id].name }));
	const USES: readonly { use: PieceUse; text: string }[] = [
		{ use: 'worked', text: 'Its top is worked on' },
		{ use: 'food', text: 'It touches food' },
		{ use: 'children', text: 'It is for children' }
	];
	function setUse(use: PieceUse, has: boolean): void {
		piece.edit((draft) => {
			const uses = PIECE_USES.filter((one) => (one === use ? has : (draft.piece.uses ?? []).includes(one)));
			if (uses.length > 0) draft.piece.uses = uses;
			else delete draft.piece.uses;
		});
	}
	const parts = $derived(piece.face.parts.filter(isOwnSurface));
	const isOther = (id: string) => Object.hasOwn(face.grounds ?? {}, id);
	const others = $derived(parts.flatMap((part) => (isOther(part.id) ? [{ part, id: face.grounds![part.id]! }] : [])));
	const grounds = $derived([...new Set([face.ground, ...others.map(({ id }) => id)])].map((id) => GROUNDS[id]));
	/** Glass in a door, tin in a frame: what it is mostly. */
	const otherThan = (ground: (typeof GROUND_IDS)[number]) => (ground === 'glass' ? ('solid-wood' as const) : ('glass' as const));
	function setGround(part: string, id: (typeof GROUND_IDS)[number] | null): void {
		piece.editFace((draft) => {
			draft.grounds ??= {};
			if (id === null) delete draft.grounds[part];
			else draft.grounds[part] = id;
			if (Object.keys(draft.grounds).length === 0) delete draft.grounds;
		});
	}
	const drawers = $derived(piece.face.parts.filter(({ role }) => role === 'drawer'));
	const withoutEdge = $derived(drawers.filter(({ id }) => !faces.some(({ of }) => of === id)));
	let adding: FaceKind = $state('back');
	const nameOf = (id: string) => faces.find((other) => other.id === id)?.name ?? id;

	function addFace(): void {
		const id = freeId(adding, takenIds(piece));
		const typical = [piece.face.width, piece.face.height] as const;
		piece.edit(
			(draft) => void draft.piece.faces.push(newFace({ id, name: KINDS[adding], kind: adding, typical }) as (typeof draft.piece.faces)[0])
		);
		piece.view.face = id;
	}
	/** The top edge of every drawer: as wide as the drawer, thin, and at its height, so that bands run over it. */
	function addEdges(): void {
		const added = withoutEdge.map((drawer): Face => ({
			...newFace({ id: `${drawer.id}-edge`.slice(0, 40), name: `${drawer.name}, top edge`, kind: 'edge', typical: [drawer.width, 18] }),
			of: drawer.id
		}));
		piece.edit((draft) => void draft.piece.faces.push(...(added as typeof draft.piece.faces)));
	}
	function removeFace(): void {
		const next = {
			...piece.project.piece,
			faces: faces.filter(({ id, of }) => id !== face.id && !piece.face.parts.some((part) => part.id === of))
		};
		piece.view.face = null;
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
		<Pick
			label="It is the"
			value={face.kind}
			options={KIND_OPTIONS}
			onchange={(kind) => piece.editFace((draft) => void (draft.kind = kind))}
		/>
	</div>
	<div>
		<Pick
			label="Ground"
			value={face.ground}
			options={GROUND_OPTIONS}
			onchange={(id) => piece.editFace((draft) => void (draft.ground = id))}
		/>
	</div>
	<div>
		<Pick
			label="Grain runs"
			value={face.grain}
			options={[
				{ value: 'level', text: 'level' },
				{ value: 'upright', text: 'upright' }
			]}
			onchange={(grain) => piece.editFace((draft) => void (draft.grain = grain))}
		/>
	</div>
	{#if parts.length > 0}
		<div class="col-span-2">
			{#each others as { part, id } (part.id)}
				<div class="mb-1.5 flex items-end gap-2">
					<div class="min-w-0 flex-1">
						<Pick label="{part.name} is of" value={id} options={GROUND_OPTIONS} onchange={(next) => setGround(part.id, next)} />
					</div>
					<Tip text="As the face" side="left">
						{#snippet children({ props })}
							<button {...props} class="button !px-2" aria-label="{part.name}: as the face" onclick={() => setGround(part.id, null)}
								>−</button
							>
						{/snippet}
					</Tip>
				</div>
			{/each}
			<Pick
				label="A part of something else"
				value=""
				options={[
					{ value: '', text: others.length > 0 ? 'another part …' : 'all of it is of one ground' },
					...parts.filter(({ id }) => !isOther(id)).map(({ id, name }) => ({ value: id, text: name }))
				]}
				onchange={(id) => id !== '' && setGround(id, otherThan(face.ground))}
			/>
		</div>
	{/if}
	<div class="col-span-2">
		<Pick
			label="The whole piece was"
			value={piece.project.piece.condition}
			options={[
				{ value: 'new', text: 'bought new' },
				{ value: 'bare', text: 'sanded bare' },
				{ value: 'finished', text: 'with an old finish' }
			]}
			onchange={(condition) => piece.edit((draft) => void (draft.piece.condition = condition))}
		/>
	</div>
	<div class="col-span-2" role="group" aria-label="What the piece has to stand">
		{#each USES as { use, text } (use)}
			<Tick label={text} checked={(piece.project.piece.uses ?? []).includes(use)} onchange={(has) => setUse(use, has)} />
		{/each}
	</div>
</div>
{#each grounds as ground (ground.name)}
	{#each ground.cautions as caution, i (i)}<p class="note mt-2 border-l-4 border-ember pl-2">{caution}</p>{/each}
	<h3 class="mt-3">What {ground.name} asks for</h3>
	<ol class="mt-1 list-decimal space-y-0.5 pl-5">
		{#each ground.prepare as step, i (i)}<li>{step}</li>{/each}
	</ol>
{/each}
<p class="note mt-1">{GROUND_NOTE}</p>

<h2 class="mt-5">Where it meets others</h2>
{#if seams.length === 0}<p class="note">
		It meets no other face. A shared edge carries a reading over, and lets a design run round the corner.
	</p>{/if}
<ul class="mt-1 space-y-2">
	{#each seams as { seam, at } (at)}
		{@const [own, other] = seam.a.face === face.id ? (['a', 'b'] as const) : (['b', 'a'] as const)}
		<li class="grid grid-cols-[5.4rem_auto_1fr_5.4rem_auto] items-center gap-1.5 text-sm">
			<Pick label="Its own edge" hideLabel value={seam[own].side} options={SIDE_OPTIONS} onchange={(side) => setSeam(at, own, { side })} />
			<span>on</span>
			<Pick
				label="The face it meets"
				hideLabel
				value={seam[other].face}
				options={faces.filter(({ id }) => id !== face.id).map(({ id }) => ({ value: id, text: nameOf(id) }))}
				onchange={(id) => setSeam(at, other, { face: id })}
			/>
			<Pick
				label="Edge of {nameOf(seam[other].face)}"
				hideLabel
				value={seam[other].side}
				options={SIDE_OPTIONS}
				onchange={(side) => setSeam(at, other, { side })}
			/>
			<Tip text="They do not meet" side="left">
				{#snippet children({ props })}
					<button
						{...props}
						class="button !px-2"
						aria-label="They do not meet"
						onclick={() => piece.edit((draft) => void draft.piece.seams.splice(at, 1))}>−</button
					>
				{/snippet}
			</Tip>
		</li>
	{/each}
</ul>
{#if faces.length > 1}<button class="button mt-2 text-sm" onclick={addSeam}>They meet at an edge</button>{/if}

<h2 class="mt-5">Faces</h2>
<div class="mt-2 flex items-end gap-2">
	<div class="min-w-0 flex-1"><Pick label="One more" value={adding} options={KIND_OPTIONS} onchange={(kind) => (adding = kind)} /></div>
	<button class="button" onclick={addFace}>Add it</button>
</div>
<div class="mt-2 flex flex-wrap gap-2">
	{#if withoutEdge.length > 0}<button class="button text-sm" onclick={addEdges}>Add the drawers' top edges</button>{/if}
	{#if faces.length > 1 && piece.faceAt > 0}<button class="button text-sm" onclick={removeFace}>Take {face.name.toLowerCase()} out</button
		>{/if}
</div>
