<script lang="ts">
	import { kindOfArrangement, nudgeItem, scaleSingle, turnSingle, type Arrangement, type Single } from '$core/layout';
	import { writeOutlinePath } from '$core/geometry';
	import { placeName, type Box } from '$core/piece';
	import { formatLength } from '$core/units';
	import Look from '$lib/ui/look/Look.svelte';
	import { pixelsPerMm } from '$lib/ui/look/pixelsPerMm';
	import { usePiece } from '$lib/ui/piece-state';
	import Maximize from '@lucide/svelte/icons/expand';
	import ZoomIn from '@lucide/svelte/icons/zoom-in';
	import ZoomOut from '@lucide/svelte/icons/zoom-out';
	import ChainLines from './ChainLines.svelte';
	import Dimension from './Dimension.svelte';
	import FaceMap from './FaceMap.svelte';
	import Knobs from './Knobs.svelte';
	import Trace from './Trace.svelte';
	import KnownLength from './KnownLength.svelte';
	import LaidMotifs from './LaidMotifs.svelte';
	import MotifHandles from './MotifHandles.svelte';
	import { Viewport } from './Viewport.svelte';
	import ZoneHandles from './ZoneHandles.svelte';

	interface Props {
		/** Measure: a line drawing with every reading. Lay out: the look, with the figures of what is picked. */
		mode: 'measure' | 'layout';
		/** Readings in question, by their id. */
		suspects?: readonly string[];
		/** The straightened photograph of the face, behind the drawing. */
		photograph?: ImageBitmap | null;
		/** What a drag over the face traces; a click for a knob. */
		trace?: 'part' | 'knob' | null;
		ontrace?: (box: Box) => void;
	}
	let { mode, suspects = [], photograph = null, trace = null, ontrace }: Props = $props();

	const piece = usePiece();
	const face = $derived(piece.face);
	const unit = $derived(piece.project.units);
	/** Readings that do not add up may reach beyond the height. */
	const extent = $derived({ width: face.width, height: Math.max(face.height, ...face.readings.map(({ from, mm }) => from + mm)) });
	/** Chains that are no more than a repeat of the one before are not drawn again. */
	const downs = $derived(face.chains.filter(({ along }) => along === 'down'));
	const acrosses = $derived(face.chains.filter(({ along }) => along === 'across'));
	/** A drag shorter than this, mm, was a click. */
	const LEAST_TRACED = 3;
	const COLUMN = 56;
	const ROW = 32;
	/** The map of the faces stands at the left. */
	const MAP = 108;
	const view = new Viewport(
		() => extent,
		() => {
			const left = piece.plan.faces.length > 1 ? MAP : 58;
			return mode === 'measure'
				? [left, 30, 40 + COLUMN * Math.max(1, downs.length), 44 + ROW * Math.max(1, acrosses.length)]
				: [left, 26, 56, 50];
		}
	);
	const k = $derived(view.scale);

	const full = $derived(pixelsPerMm(view.fit, face));
	let progress = $state(1);

	const order = $derived(piece.project.finish.coats.slice(0, piece.steps));
	const mounted = $derived(
		order.some((coat) => coat.kind === 'hardware-on') || !piece.project.finish.coats.some((coat) => coat.kind === 'hardware-off')
	);
	const stencilled = (arrangement: string) => order.some((coat) => coat.kind === 'stencil' && coat.arrangement === arrangement);

	const picked = $derived.by(() => {
		const { selection } = piece.seen;
		if (selection?.kind !== 'item') return null;
		return piece.plan.items.find((row) => row.arrangement === selection.arrangement && row.key === selection.key) ?? null;
	});
	const single = $derived.by(() => {
		const of = piece.project.layout.arrangements.find(({ id }) => id === picked?.arrangement);
		return of?.kind === 'single' ? of : null;
	});
	const zone = $derived(
		piece.seen.selection?.kind === 'zone'
			? piece.project.layout.zones.find(({ id }) => id === (piece.seen.selection as { id: string }).id)
			: undefined
	);
	const pickedPart = $derived(picked && (picked.part === face.id ? face.whole : face.parts.find((part) => part.id === picked.part)));
	const spoken = $derived.by(() => {
		if (!picked || !pickedPart)
			return `${face.name} of ${piece.project.piece.name}, ${formatLength(face.width, unit).text} by ${formatLength(face.height, unit).text}`;
		return `${pickedPart.name}, motif ${picked.index + 1}: ${picked.tape.left} from the left, ${picked.tape.top} from the top`;
	});

	const NUDGES: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};

	/** A single motif is turned, made larger and mirrored by keys too. */
	const SINGLE_KEYS: Readonly<Record<string, (single: Single) => Single>> = {
		',': (one) => turnSingle(one, -1),
		'.': (one) => turnSingle(one, 1),
		'<': (one) => turnSingle(one, -15, 15),
		'>': (one) => turnSingle(one, 15, 15),
		'[': (one) => scaleSingle(one, 0.99),
		']': (one) => scaleSingle(one, 1.01),
		'{': (one) => scaleSingle(one, 0.9),
		'}': (one) => scaleSingle(one, 1.1),
		m: (one) => ({ ...one, mirrored: !one.mirrored })
	};

	function press(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const nudge = NUDGES[event.key];
		const change = single && SINGLE_KEYS[event.key];
		if (nudge && picked) {
			const far = event.shiftKey ? 10 : 1;
			edit((of) => nudgeItem(of, picked!, nudge[0] * far, nudge[1] * far), `nudge ${picked.arrangement} ${picked.key}`);
		} else if (change) piece.setArrangement(change(single), `turn ${single.id}`);
		else if (event.key === 'n' || event.key === 'b') step(event.key === 'n' ? 1 : -1);
		else if (event.key === 'Escape' && piece.seen.selection)
			piece.seen.selection = picked ? { kind: 'arrangement', id: picked.arrangement } : null;
		else if ((event.key === 'Delete' || event.key === 'Backspace') && picked) {
			const gone = picked;
			step(1);
			edit((of) => kindOfArrangement(of).leaveOut(of, gone), '', gone.arrangement);
		} else if (event.key === '+' || event.key === '=') view.zoomIn();
		else if (event.key === '-') view.zoomOut();
		else if (event.key === '0') view.showAll();
		else return;
		event.preventDefault();
	}

	/** A click on the ground lets go of the motif that is picked. */
	function letGo(event: MouseEvent): void {
		if (!(event.target as Element).closest('[data-grip]') && piece.seen.selection?.kind === 'item')
			piece.seen.selection = { kind: 'arrangement', id: piece.seen.selection.arrangement };
	}

	const FILLS: Readonly<Record<string, string>> = {
		rail: '#ece7dc',
		stile: '#ece7dc',
		plinth: '#ece7dc',
		apron: '#ece7dc',
		leg: '#e4ddcd',
		open: '#9c9c9c'
	};

	function edit(change: (of: Arrangement) => Arrangement, together: string, id = picked!.arrangement): void {
		piece.setArrangement(change(piece.project.layout.arrangements.find((other) => other.id === id)!), together);
	}

	function step(by: number): void {
		const rows = piece.plan.items.filter(({ part }) => part === face.id || face.parts.some(({ id }) => id === part));
		if (rows.length === 0) return;
		const at = picked ? rows.indexOf(picked) + by : by > 0 ? 0 : -1;
		const row = rows.at(at % rows.length)!;
		piece.seen.selection = { kind: 'item', arrangement: row.arrangement, part: row.part, key: row.key };
	}
</script>

<div class="relative h-full w-full overflow-hidden" bind:clientWidth={view.width} bind:clientHeight={view.height}>
	{#if mode === 'layout' && view.width > 0}
		<div
			class="absolute {face.whole.outline.length === 4 ? 'shadow-[0_1px_7px_#0006]' : 'drop-shadow-[0_1px_4px_#0006]'}"
			style:left="{view.x}px"
			style:top="{view.y}px"
			style:width="{face.width * k}px"
			style:height="{face.height * k}px"
		>
			<Look
				project={piece.drag.sketch ?? piece.project}
				face={face.id}
				steps={piece.steps}
				scales={piece.drag.sketch ? [full / 4] : [full / 4, full]}
				label="{piece.project.piece.name} after {piece.steps} steps"
				onprogress={(done) => (progress = done)}
			/>
		</div>
	{/if}

	{#if mode === 'measure' && photograph}
		<canvas
			data-photograph
			class="absolute"
			style:left="{view.x}px"
			style:top="{view.y}px"
			style:width="{face.width * k}px"
			style:height="{face.height * k}px"
			{@attach (canvas: HTMLCanvasElement) => {
				canvas.width = photograph.width;
				canvas.height = photograph.height;
				canvas.getContext('2d')!.drawImage(photograph, 0, 0);
			}}
		></canvas>
	{/if}

	<!-- One stop for the keyboard: letters go from motif to motif, arrows move the one that is picked. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
	<svg
		{@attach view.attach}
		class="absolute inset-0 h-full w-full touch-none not-focus-visible:outline-none focus-visible:outline-offset-[-4px]"
		tabindex="0"
		role="application"
		aria-label={spoken}
		aria-describedby="drawing-keys"
		onkeydown={press}
		onclick={letGo}
	>
		<rect width="100%" height="100%" fill="transparent" />
		<g transform="translate({view.x} {view.y})">
			{#if mode === 'measure'}
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
						{@const isPicked = piece.seen.part === part.id}
						<!-- The keyboard reaches parts through the panel beside. -->
						<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
						<g transform="translate({part.x * k} {part.y * k})" onclick={() => (piece.seen.part = part.id)}>
							{#if part.setOff > 0}
								<!-- What stands proud throws its shade to the right and below; what is recessed lies in the shade of its left and top edge. -->
								<path d={writeOutlinePath(part.outline, k)} transform="translate(3 3)" fill="#8f877a" />
							{/if}
							<path
								d={writeOutlinePath(part.outline, k)}
								fill={photograph
									? isPicked
										? '#a83c1433'
										: '#ffffff22'
									: isPicked
										? 'var(--color-ember-pale)'
										: (FILLS[part.role] ?? '#ffffff')}
								stroke={isSuspect ? 'var(--color-must)' : isPicked ? 'var(--color-ember)' : '#24211e'}
								stroke-width={isSuspect || isPicked ? 2.5 : 1.2}
								stroke-dasharray={part.estimated ? '5 4' : undefined}
							/>
							{#if part.setOff < 0}
								<clipPath id="inside-{part.id}"><path d={writeOutlinePath(part.outline, k)} /></clipPath>
								<g clip-path="url(#inside-{part.id})"
									><path
										d={writeOutlinePath(part.outline, k)}
										transform="translate(2 2)"
										fill="none"
										stroke="#8f877a"
										stroke-width="3"
									/></g
								>
							{/if}
						</g>
					{/each}
					{#each face.parts as part (part.id)}
						{@const named = placeName(part, 13 / k)}
						<g transform="translate({part.x * k} {part.y * k})" pointer-events="none">
							{#if named}
								<text
									x={named.x * k}
									y={named.y * k}
									font-size="13.5"
									fill="var(--color-ink-soft)"
									paint-order="stroke"
									stroke="#f6f4efcc"
									stroke-width="3">{part.name}</text
								>
							{/if}
						</g>
					{/each}
				</g>
			{:else}
				<LaidMotifs {face} scale={k} shown={stencilled} />
			{/if}
			<Knobs {face} scale={k} mounted={mode === 'measure' || mounted} />

			{#if mode === 'measure'}<ChainLines {face} scale={k} {suspects} column={COLUMN} row={ROW} />{/if}
			<Dimension
				from={0}
				to={face.width * k}
				at={face.height * k + (mode === 'measure' ? 24 + ROW * Math.max(1, acrosses.length) : 26)}
				off={face.height * k}
				mm={face.width}
				{unit}
				guess={piece.faceInput.width === '' && face.whole.estimated}
			/>
			<Dimension
				from={0}
				to={face.height * k}
				at={-30}
				off={0}
				mm={face.height}
				{unit}
				upright
				guess={piece.faceInput.height === '' && face.whole.estimated}
				fault={suspects.includes('height')}
			/>

			{#if mode === 'measure' && photograph}<KnownLength scale={k} />{/if}
			{#if trace}<Trace
					{face}
					scale={k}
					ontrace={(box) => (trace === 'knob' || (box.width > LEAST_TRACED && box.height > LEAST_TRACED)) && ontrace?.(box)}
				/>{/if}

			{#if mode === 'layout' && zone}<ZoneHandles {face} scale={k} {zone} />{/if}
			{#if single && picked && pickedPart}<MotifHandles row={picked} {single} part={pickedPart} scale={k} />{/if}
			{#if picked && pickedPart}
				{@const x = pickedPart.x * k}
				{@const y = pickedPart.y * k}
				<g class="[&_text]:stroke-[#f6f4ef] [&_text]:stroke-[4px]">
					<Dimension
						from={x}
						to={x + picked.left * k}
						at={y + picked.top * k + 14}
						off={y + picked.top * k + 14}
						mm={picked.left}
						{unit}
						ember
					/>
					<Dimension
						from={y}
						to={y + picked.top * k}
						at={x + picked.left * k + 12}
						off={x + picked.left * k + 12}
						mm={picked.top}
						{unit}
						upright
						ember
					/>
				</g>
			{/if}
		</g>
	</svg>

	<div class="absolute top-2 right-2 flex flex-col gap-1">
		<button class="button button-quiet !bg-paper" onclick={() => view.zoomOut()} aria-label="Further away" title="Further away (−)"
			><ZoomOut size={18} /></button
		>
		<button class="button button-quiet !bg-paper" onclick={() => view.zoomIn()} aria-label="Nearer" title="Nearer (+)"
			><ZoomIn size={18} /></button
		>
		<button
			class="button button-quiet !bg-paper"
			onclick={() => view.showAll()}
			disabled={view.isFitted}
			aria-label="Whole face"
			title="Whole face (0)"><Maximize size={18} /></button
		>
	</div>
	{#if mode === 'layout'}
		<p id="drawing-keys" class="absolute top-1 left-2 px-1 text-xs text-[#3f3a33]">
			{picked
				? `arrows 1 mm · with Shift 10 mm · ${single ? ', . turn · [ ] size · m mirrors · ' : ''}n, b next and last · Del leaves it out`
				: 'n, b from motif to motif · the wheel goes nearer · drag the ground to move it'}
		</p>
		{#if progress < 1}
			<div class="absolute top-1 right-16 flex items-center gap-2 text-xs text-[#3f3a33]" role="status">
				painting it <progress class="h-1.5 w-20 accent-ember" value={progress} aria-label="Painting the picture"></progress>
			</div>
		{/if}
	{:else}
		<p id="drawing-keys" class="sr-only">Plus and minus zoom, zero shows the whole face.</p>
	{/if}
	<FaceMap />
</div>
