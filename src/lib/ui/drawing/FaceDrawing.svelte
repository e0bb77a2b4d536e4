<script lang="ts">
	import { leaveOutMotif, nudgeMotif, type Run } from '$core/layout';
	import { formatLength } from '$core/units';
	import Look from '$lib/ui/look/Look.svelte';
	import { pixelsPerMm } from '$lib/ui/look/pixelsPerMm';
	import { usePiece } from '$lib/ui/piece-state';
	import Maximize from '@lucide/svelte/icons/expand';
	import ZoomIn from '@lucide/svelte/icons/zoom-in';
	import ZoomOut from '@lucide/svelte/icons/zoom-out';
	import Dimension from './Dimension.svelte';
	import Knobs from './Knobs.svelte';
	import Placements from './Placements.svelte';
	import { Viewport } from './Viewport.svelte';

	interface Props {
		/** Measure: a line drawing with every reading. Lay out: the look, with the figures of what is picked. */
		mode: 'measure' | 'layout';
		/** Readings in question, by their id. */
		suspects?: readonly string[];
	}
	let { mode, suspects = [] }: Props = $props();

	const piece = usePiece();
	const face = $derived(piece.plan.faces[0]!);
	const unit = $derived(piece.project.units);
	/** Readings that do not add up may reach beyond the height. */
	const extent = $derived({ width: face.width, height: Math.max(face.height, ...face.readings.map(({ from, mm }) => from + mm)) });
	// svelte-ignore state_referenced_locally
	const view = new Viewport(() => extent, mode === 'measure' ? [60, 30, 116, 62] : [58, 26, 34, 50]);
	const k = $derived(view.scale);

	const full = $derived(pixelsPerMm(view.fit, face));
	let progress = $state(1);

	const order = $derived(piece.project.finish.coats.slice(0, piece.steps));
	const mounted = $derived(
		order.some((coat) => coat.kind === 'hardware-on') || !piece.project.finish.coats.some((coat) => coat.kind === 'hardware-off')
	);
	const stencilled = (run: string) => order.some((coat) => coat.kind === 'stencil' && coat.run === run);

	const picked = $derived.by(() => {
		const { selection } = piece;
		if (selection?.kind !== 'placement') return null;
		return (
			piece.plan.placements.find((row) => row.run === selection.run && row.part === selection.part && row.index === selection.index) ?? null
		);
	});
	const pickedPart = $derived(picked && face.parts.find((part) => part.id === picked.part));
	const spoken = $derived.by(() => {
		if (!picked || !pickedPart)
			return `Front of ${piece.project.piece.name}, ${formatLength(face.width, unit).text} by ${formatLength(face.height, unit).text}`;
		return `${pickedPart.name}, motif ${picked.index + 1}: ${picked.tape.left} from the left, ${picked.tape.top} from the top`;
	});

	const NUDGES: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};

	function press(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const nudge = NUDGES[event.key];
		if (nudge && picked) {
			const far = event.shiftKey ? 10 : 1;
			editRun((run) => nudgeMotif(run, picked!, nudge[0] * far, nudge[1] * far), `nudge ${picked.run} ${picked.part} ${picked.index}`);
		} else if (event.key === 'n' || event.key === 'b') step(event.key === 'n' ? 1 : -1);
		else if (event.key === 'Escape' && piece.selection) piece.selection = picked ? { kind: 'run', id: picked.run } : null;
		else if ((event.key === 'Delete' || event.key === 'Backspace') && picked) {
			const gone = picked;
			step(1);
			editRun((run) => leaveOutMotif(run, gone), '', gone.run);
		} else if (event.key === '+' || event.key === '=') view.zoomIn();
		else if (event.key === '-') view.zoomOut();
		else if (event.key === '0') view.showAll();
		else return;
		event.preventDefault();
	}

	/** A click on the ground lets go of the motif that is picked. */
	function letGo(event: MouseEvent): void {
		if (!(event.target as Element).closest('[data-grip]') && piece.selection?.kind === 'placement')
			piece.selection = { kind: 'run', id: piece.selection.run };
	}

	function editRun(change: (run: Run) => Run, together: string, id = picked!.run): void {
		piece.setRun(change(piece.project.layout.runs.find((run) => run.id === id)!), together);
	}

	function step(by: number): void {
		const rows = piece.plan.placements;
		if (rows.length === 0) return;
		const at = picked ? rows.indexOf(picked) + by : by > 0 ? 0 : -1;
		const row = rows.at(at % rows.length)!;
		piece.selection = { kind: 'placement', run: row.run, part: row.part, index: row.index };
	}
</script>

<div class="relative h-full w-full overflow-hidden" bind:clientWidth={view.width} bind:clientHeight={view.height}>
	{#if mode === 'layout' && view.width > 0}
		<div
			class="absolute shadow-[0_1px_7px_#0006]"
			style:left="{view.x}px"
			style:top="{view.y}px"
			style:width="{face.width * k}px"
			style:height="{face.height * k}px"
		>
			<Look
				project={piece.project}
				steps={piece.steps}
				scales={[full / 4, full]}
				label="{piece.project.piece.name} after {piece.steps} steps"
				onprogress={(done) => (progress = done)}
			/>
		</div>
	{/if}

	<!-- One stop for the keyboard: letters go from motif to motif, arrows move the one that is picked. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
	<svg
		{@attach view.attach}
		class="absolute inset-0 h-full w-full touch-none focus-visible:outline-offset-[-4px]"
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
				<rect width={face.width * k} height={face.height * k} fill="#f6f4ef" stroke="#24211e" stroke-width="1.6" />
				{#each face.parts as part (part.id)}
					<rect
						x={part.x * k}
						y={part.y * k}
						width={part.width * k}
						height={part.height * k}
						fill={part.role === 'drawer' ? '#ffffff' : '#ece7dc'}
						stroke={suspects.includes(part.id) ? 'var(--color-must)' : '#24211e'}
						stroke-width={suspects.includes(part.id) ? 2.5 : 1.2}
						stroke-dasharray={part.estimated ? '5 4' : undefined}
					/>
					{#if part.height * k > 16}
						<text x={part.x * k + 8} y={part.y * k + 17} font-size="13.5" fill="var(--color-ink-soft)">{part.name}</text>
					{/if}
				{/each}
			{:else}
				<Placements {face} scale={k} shown={stencilled} />
			{/if}
			<Knobs {face} scale={k} mounted={mode === 'measure' || mounted} />

			{#if mode === 'measure'}
				{#each face.readings as reading (reading.id)}
					<Dimension
						from={reading.from * k}
						to={(reading.from + reading.mm) * k}
						at={face.width * k + 20}
						off={face.width * k}
						mm={reading.mm}
						{unit}
						upright
						guess={reading.estimated}
						fault={suspects.includes(reading.id)}
					/>
				{/each}
				{@const drawer = face.parts.find((part) => part.role === 'drawer')}
				{#if drawer}
					<Dimension
						from={drawer.x * k}
						to={(drawer.x + drawer.width) * k}
						at={face.height * k + 24}
						off={face.height * k}
						mm={drawer.width}
						{unit}
					/>
					{#each drawer.hardware as { centre }, i (i)}
						{#if i === 0}<Dimension from={drawer.x * k} to={(drawer.x + centre.x) * k} at={-12} off={0} mm={centre.x} {unit} />{/if}
					{/each}
				{/if}
			{/if}
			<Dimension
				from={0}
				to={face.width * k}
				at={face.height * k + (mode === 'measure' ? 50 : 26)}
				off={face.height * k}
				mm={face.width}
				{unit}
				guess={piece.project.piece.faces[0]!.width === ''}
			/>
			<Dimension
				from={0}
				to={face.height * k}
				at={-30}
				off={0}
				mm={face.height}
				{unit}
				upright
				guess={piece.project.piece.faces[0]!.height === ''}
				fault={suspects.includes('height')}
			/>

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
			aria-label="Whole front"
			title="Whole front (0)"><Maximize size={18} /></button
		>
	</div>
	{#if mode === 'layout'}
		<p id="drawing-keys" class="absolute top-1 left-2 px-1 text-xs text-[#3f3a33]">
			{picked
				? 'arrows 1 mm · with Shift 10 mm · n, b next and last · Del leaves it out'
				: 'n, b from motif to motif · the wheel goes nearer · drag the ground to move it'}
		</p>
		{#if progress < 1}
			<div class="absolute top-1 right-16 flex items-center gap-2 text-xs text-[#3f3a33]" role="status">
				painting it <progress class="h-1.5 w-20 accent-ember" value={progress} aria-label="Painting the picture"></progress>
			</div>
		{/if}
	{:else}
		<p id="drawing-keys" class="sr-only">Plus and minus zoom, zero shows the whole front.</p>
	{/if}
</div>
