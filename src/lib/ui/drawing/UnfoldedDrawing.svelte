<script lang="ts">
	import { writeOutlinePath } from '$core/geometry';
	import { faceOf, heightAboveFloor, toUnfolded } from '$core/piece';
	import { formatLength } from '$core/units';
	import Look from '$lib/ui/look/Look.svelte';
	import { pixelsPerMm } from '$lib/ui/look/pixelsPerMm';
	import { usePiece } from '$lib/ui/piece-state';
	import Balloons from './Balloons.svelte';
	import FaceMap from './FaceMap.svelte';
	import Nearness from './Nearness.svelte';
	import { MAP } from './room';
	import { Viewport } from './Viewport.svelte';

	let { mode }: { mode: 'measure' | 'layout' } = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const net = $derived(piece.plan.unfolded);
	const view = new Viewport(
		() => net,
		() => [MAP, 34, mode === 'layout' ? 56 : 26, 34]
	);
	const k = $derived(view.scale);
	/** Pixels per mm of the first picture of a face: so few that all faces are there at once. */
	const COARSE = 0.16;
	const faces = $derived(net.faces.map((laid) => ({ laid, face: faceOf(piece.plan.faces, laid.face) })));
	const pickedPart = $derived(piece.plan.faces.flatMap(({ whole, parts }) => [whole, ...parts]).find(({ id }) => id === piece.view.part));
	const pickedFace = $derived(piece.plan.faces.find(({ id }) => id === pickedPart?.face));
	const write = (mm: number) => formatLength(mm, unit).text;
	const said = $derived.by(() => {
		if (!pickedPart || !pickedFace) return 'Pick a face or a part; twice, or Enter, opens the face.';
		const [low, high] = [pickedPart.y + pickedPart.height, pickedPart.y].map((y) => heightAboveFloor(pickedFace, y));
		const stands =
			low === null || low === undefined || high === null || high === undefined
				? ''
				: low === high
					? `, ${write(low)} above the floor`
					: `, from ${write(low)} to ${write(high)} above the floor`;
		return `${pickedPart.name}${pickedPart.role === 'face' ? '' : ` on ${pickedFace.name}`}: ${write(pickedPart.width)} × ${write(pickedPart.height)}${stands}`;
	});
	const isPart = (id: string) => (mode === 'layout' ? piece.pickedParts.includes(id) : piece.view.part === id);
	/** Open seams are marked with the same letter at both edges. */
	const open = $derived(net.seams.filter(({ closed }) => !closed));

	const turned = ({ turns, width, height }: (typeof net.faces)[0]) =>
		[
			'',
			`translate(${width * k} 0) rotate(90)`,
			`translate(${width * k} ${height * k}) rotate(180)`,
			`translate(0 ${height * k}) rotate(270)`
		][turns];
	function pick(id: string, shift = false): void {
		piece.view.part = id;
		if (mode === 'layout') piece.choosePart(id, shift);
		const face = piece.plan.faces.find((other) => other.id === id || other.parts.some((part) => part.id === id));
		if (face) piece.view.face = face.id;
	}
	function near(event: KeyboardEvent): void {
		if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
		if (view.press(event.key)) event.preventDefault();
	}
	function press(event: KeyboardEvent, id: string): void {
		if (event.key === 'Enter') piece.view.showFace(id);
		else if (event.key === ' ') pick(id, event.shiftKey);
		else return;
		event.preventDefault();
	}
</script>

<div class="relative h-full w-full overflow-hidden" bind:clientWidth={view.width} bind:clientHeight={view.height}>
	{#if mode === 'layout' && view.width > 0}
		{#each faces as { laid, face } (face.id)}
			{@const pixels = pixelsPerMm(view.fit, face)}
			{@const centre = toUnfolded(laid, face.width / 2, face.height / 2)}
			<div
				class="absolute"
				style:left="{view.x + (centre.x - face.width / 2) * k}px"
				style:top="{view.y + (centre.y - face.height / 2) * k}px"
				style:width="{face.width * k}px"
				style:height="{face.height * k}px"
				style:transform="rotate({laid.turns * 90}deg)"
			>
				<Look
					project={piece.project}
					plan={piece.settled}
					face={face.id}
					steps={piece.steps}
					scales={[Math.min(COARSE, pixels / 3), pixels]}
					bar
					light={piece.view.light}
					label="{face.name} after {piece.steps} steps"
				/>
			</div>
		{/each}
	{/if}
	<!-- Its faces are the stops of the keyboard; the keys that bring it nearer are theirs too. -->
	<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
	<svg
		{@attach view.attach}
		class="absolute inset-0 h-full w-full touch-none select-none"
		role="group"
		aria-label="The piece laid out flat"
		onkeydown={near}
	>
		<rect width="100%" height="100%" fill="transparent" />
		<g transform="translate({view.x} {view.y})">
			{#each faces as { laid, face } (face.id)}
				{@const isPicked = mode === 'layout' ? piece.pickedParts.includes(face.id) : piece.view.part === face.id}
				<g
					class="group cursor-pointer focus:outline-none"
					role="button"
					tabindex="0"
					aria-pressed={isPicked}
					aria-label="{face.name}, {write(face.width)} by {write(face.height)}{face.idle ? ', not measured yet' : ''}"
					transform="translate({laid.x * k} {laid.y * k}) {turned(laid)}"
					onclick={(event) => pick(face.id, event.shiftKey)}
					ondblclick={() => piece.view.showFace(face.id)}
					onkeydown={(event) => press(event, face.id)}
				>
					<path
						class="group-focus-visible:stroke-[4px]"
						d={writeOutlinePath(face.outline, k)}
						fill={mode === 'layout' ? 'transparent' : isPicked ? 'var(--color-ember-pale)' : '#f6f4ef'}
						stroke={isPicked ? 'var(--color-ember)' : '#24211e'}
						stroke-width={isPicked ? 2.5 : 1.4}
						stroke-dasharray={face.idle ? '5 4' : undefined}
					/>
					{#each face.parts as part (part.id)}
						<!-- The keyboard picks faces here, and parts in their face. -->
						<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
						<path
							d={writeOutlinePath(part.outline, k)}
							transform="translate({part.x * k} {part.y * k})"
							fill={isPart(part.id) ? '#a83c1433' : mode === 'layout' ? 'transparent' : part.role === 'open' ? '#9c9c9c' : '#ffffff88'}
							stroke={isPart(part.id) ? 'var(--color-ember)' : mode === 'layout' ? 'none' : '#24211e'}
							stroke-width={isPart(part.id) ? 2.2 : 0.8}
							onclick={(event) => {
								event.stopPropagation();
								pick(part.id, event.shiftKey);
							}}
						/>
					{/each}
				</g>
				{@const middle = toUnfolded(laid, face.width / 2, face.height / 2)}
				{#if mode === 'measure'}
					<text
						x={middle.x * k}
						y={laid.height * k > 22 ? middle.y * k + 5 : laid.y * k - 4}
						text-anchor="middle"
						font-size={laid.height * k > 22 ? 15 : 12.5}
						font-weight="700"
						fill="var(--color-ink)"
						stroke="#f6f4ef"
						stroke-width="4"
						paint-order="stroke"
						pointer-events="none">{face.name}</text
					>
				{/if}
			{/each}
			{#if mode === 'layout'}<Balloons
					shown={faces.map(({ laid, face }) => ({ face, place: (x, y) => toUnfolded(laid, x, y) }))}
					width={net.width}
					{view}
				/>{/if}
			<g pointer-events="none">
				{#each net.seams as { ends, closed }, i (i)}
					{#each ends as { x1, y1, x2, y2 }, e (e)}
						<path
							d="M{x1 * k} {y1 * k}L{x2 * k} {y2 * k}"
							stroke="var(--color-ember)"
							stroke-width="2"
							stroke-dasharray={closed ? '9 5' : '2 4'}
						/>
					{/each}
				{/each}
				{#each open as { ends }, i (i)}
					{#each ends as { x1, y1, x2, y2 }, e (e)}
						<text
							x={((x1 + x2) / 2) * k}
							y={((y1 + y2) / 2) * k + 4}
							text-anchor="middle"
							font-size="13"
							font-weight="700"
							fill="var(--color-ember-deep)"
							stroke="#f6f4ef"
							stroke-width="4"
							paint-order="stroke">{'abcdefghijklmnopqrstuvwx'[i]}</text
						>
					{/each}
				{/each}
			</g>
		</g>
	</svg>
	<p class="absolute top-1 left-14 max-w-[calc(100%-5rem)] bg-paper px-2 py-0.5 text-sm pointer-coarse:left-18" role="status">{said}</p>
	<Nearness {view} whole="All faces" />
	<FaceMap />
</div>
