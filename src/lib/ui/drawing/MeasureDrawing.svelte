<script lang="ts">
	import { writeOutlinePath } from '$core/geometry';
	import { placeName, type Box } from '$core/piece';
	import { usePiece } from '$lib/ui/piece-state';
	import ChainLines from './ChainLines.svelte';
	import DrawingWindow from './DrawingWindow.svelte';
	import Knobs from './Knobs.svelte';
	import KnownLength from './KnownLength.svelte';
	import SizeLines from './SizeLines.svelte';
	import Trace from './Trace.svelte';
	import StraightPicture from '$lib/ui/photograph/StraightPicture.svelte';
	import { roomBeside } from './room';
	import { sayFace } from './sayFace';

	/** A line drawing of the face at hand with every reading. */
	interface Props {
		/** Readings in question, by their id. */
		suspects: readonly string[];
		/** The straightened photograph of the face, behind the drawing. */
		photograph: ImageBitmap | null;
		/** What a drag over the face traces; a click for a knob. */
		trace: 'part' | 'knob' | null;
		ontrace: (box: Box) => void;
	}
	let { suspects, photograph, trace, ontrace }: Props = $props();

	const piece = usePiece();
	const face = $derived(piece.face);
	/** Readings that do not add up may reach beyond the height. */
	const extent = $derived({ width: face.width, height: Math.max(face.height, ...face.readings.map(({ from, mm }) => from + mm)) });
	const count = (along: 'down' | 'across') =>
		Math.max(
			1,
			face.chains.reduce((sum, chain) => sum + (chain.along === along ? 1 : 0), 0)
		);
	const COLUMN = 56;
	const ROW = 32;
	const room = $derived([roomBeside(piece.plan.faces.length), 30, 40 + COLUMN * count('down'), 44 + ROW * count('across')] as const);
	/** A drag shorter than this, mm, was a click. */
	const LEAST_TRACED = 3;
	const FILLS: Readonly<Record<string, string>> = {
		rail: '#ece7dc',
		stile: '#ece7dc',
		plinth: '#ece7dc',
		apron: '#ece7dc',
		leg: '#e4ddcd',
		open: '#9c9c9c'
	};
	function fillOf(role: string, isPicked: boolean): string {
		if (photograph) return isPicked ? '#a83c1433' : '#ffffff22';
		return isPicked ? 'var(--color-ember-pale)' : (FILLS[role] ?? '#ffffff');
	}
</script>

<DrawingWindow {extent} {room} label={sayFace(piece)}>
	{#snippet keys()}<span class="sr-only">Plus and minus zoom, zero shows the whole face.</span>{/snippet}
	{#snippet backdrop(view)}
		{#if photograph}
			<StraightPicture picture={photograph} {view} />
		{/if}
	{/snippet}
	{#snippet children({ scale: k })}
		<path
			d={writeOutlinePath(face.outline, k)}
			fill={photograph ? 'none' : '#f6f4ef'}
			stroke="#24211e"
			stroke-width="1.6"
			stroke-dasharray={face.idle ? '5 4' : undefined}
		/>
		<clipPath id="face-outline"><path d={writeOutlinePath(face.outline, k)} /></clipPath>
		<g clip-path="url(#face-outline)">
			{#each face.parts as part (part.id)}
				{@const isSuspect = suspects.includes(part.id)}
				{@const isPicked = piece.view.part === part.id}
				{@const d = writeOutlinePath(part.outline, k)}
				<!-- The keyboard reaches parts through the panel beside. -->
				<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
				<g transform="translate({part.x * k} {part.y * k})" onclick={() => (piece.view.part = part.id)}>
					<!-- What stands proud throws its shade to the right and below; what is recessed lies in the shade of its left and top edge. -->
					{#if part.setOff > 0}<path {d} transform="translate(3 3)" fill="#8f877a" />{/if}
					<path
						{d}
						fill={fillOf(part.role, isPicked)}
						stroke={isSuspect ? 'var(--color-must)' : isPicked ? 'var(--color-ember)' : '#24211e'}
						stroke-width={isSuspect || isPicked ? 2.5 : 1.2}
						stroke-dasharray={part.estimated ? '5 4' : undefined}
					/>
					{#if part.setOff < 0}
						<clipPath id="inside-{part.id}"><path {d} /></clipPath>
						<g clip-path="url(#inside-{part.id})"><path {d} transform="translate(2 2)" fill="none" stroke="#8f877a" stroke-width="3" /></g>
					{/if}
				</g>
			{/each}
			{#each face.parts as part (part.id)}
				{@const named = placeName(part, 13 / k)}
				{#if named}
					<text
						transform="translate({part.x * k} {part.y * k})"
						pointer-events="none"
						x={named.x * k}
						y={named.y * k}
						font-size="13.5"
						fill="var(--color-ink-soft)"
						paint-order="stroke"
						stroke="#f6f4efcc"
						stroke-width="3">{part.name}</text
					>
				{/if}
			{/each}
		</g>
		<Knobs {face} scale={k} mounted />
		<ChainLines {face} scale={k} {suspects} column={COLUMN} row={ROW} />
		<SizeLines {face} scale={k} below={24 + ROW * count('across')} fault={suspects.includes('height')} />
		{#if photograph}<KnownLength scale={k} />{/if}
		{#if trace}
			<Trace
				{face}
				scale={k}
				ontrace={(box) => (trace === 'knob' || (box.width > LEAST_TRACED && box.height > LEAST_TRACED)) && ontrace(box)}
			/>
		{/if}
	{/snippet}
</DrawingWindow>
