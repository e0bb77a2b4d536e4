<script lang="ts">
	import { moveCoat } from '$core/layers';
	import { listSurfaces } from '$core/plan';
	import { formatDuration } from '$core/units';
	import { usePiece } from '$lib/ui/piece-state';
	import { describeStrips, outlineOf } from './strips';

	interface Props {
		height?: number;
		/** Told when a strip is chosen, by click or Enter. */
		onchoose?: (coat: string) => void;
	}
	let { height = 54, onchoose }: Props = $props();

	const piece = usePiece();
	const shownProject = $derived(piece.drag.trial ?? piece.project);
	const surfaces = $derived(listSurfaces(piece.plan));
	let chosenSurface: string | null = $state(null);
	const surface = $derived(surfaces.some(({ id }) => id === chosenSurface) ? chosenSurface! : surfaces[0]!.id);
	const strips = $derived(describeStrips(shownProject, piece.plan, surface));
	const WOOD = 74;

	let band: HTMLElement | undefined = $state();
	let dragging: { id: string; x: number; moved: boolean } | null = $state(null);
	let said = $state('');

	function choose(id: string): void {
		piece.seen.coat = id;
		onchoose?.(id);
	}

	function moveBy(id: string, by: number): void {
		const at = piece.project.finish.coats.findIndex((coat) => coat.id === id);
		const to = at + by;
		if (to < 0 || to >= piece.project.finish.coats.length) return;
		piece.edit((draft) => void (draft.finish.coats = moveCoat(piece.project.finish.coats, id, to)));
		said = `${strips.find((strip) => strip.id === id)?.name}: now step ${to + 1} of ${strips.length}. ${piece.plan.findings.length} findings.`;
		requestAnimationFrame(() =>
			stripElements()
				.find((element) => element.dataset['strip'] === id)
				?.focus()
		);
	}

	function press(event: KeyboardEvent, id: string, i: number): void {
		const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
		if (by === 0) return;
		event.preventDefault();
		if (event.shiftKey) moveBy(id, by);
		else stripElements()[i + by]?.focus();
	}

	function grip(event: PointerEvent, id: string): void {
		if (event.button !== 0) return;
		dragging = { id, x: event.clientX, moved: false };
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
	}
	function pull(event: PointerEvent): void {
		if (!dragging || (!dragging.moved && Math.abs(event.clientX - dragging.x) < 5)) return;
		dragging.moved = true;
		const { id } = dragging;
		const to = stripElements().filter((element) => element.dataset['strip'] !== id && middleOf(element) < event.clientX).length;
		const coats = moveCoat(piece.project.finish.coats, id, to);
		piece.drag.trial = { ...piece.project, finish: { ...piece.project.finish, coats } };
	}
	function drop(): void {
		if (dragging?.moved && piece.drag.trial) piece.replace(piece.drag.trial);
		dragging = null;
	}
	function letGo(): void {
		dragging = null;
		piece.drag.trial = null;
	}

	function slideTo(clientX: number): void {
		const steps = stripElements().filter((element) => middleOf(element) <= clientX).length;
		piece.seen.steps = steps >= strips.length ? null : steps;
	}
	function slideByKey(event: KeyboardEvent): void {
		const steps = { ArrowLeft: piece.steps - 1, ArrowRight: piece.steps + 1, Home: 0, End: strips.length }[event.key];
		if (steps === undefined) return;
		event.preventDefault();
		piece.seen.steps = steps >= strips.length ? null : Math.max(0, steps);
	}
	const stripElements = () => [...(band?.querySelectorAll<HTMLElement>('[data-strip]') ?? [])];
	const middleOf = (element: Element) => {
		const box = element.getBoundingClientRect();
		return box.left + box.width / 2;
	};

	let markerX = $state(0);
	$effect(() => {
		void [strips, height];
		const last = piece.steps > 0 ? stripElements()[piece.steps - 1] : null;
		markerX = last ? last.offsetLeft + last.offsetWidth : WOOD;
	});
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && dragging && letGo()} />

<section aria-label="The film" class="flex items-start gap-4">
	<div class="relative min-w-0 flex-1 overflow-x-auto pt-1 pb-1" bind:this={band}>
		<div
			class="relative mb-1 h-5 w-full min-w-fit cursor-ew-resize touch-none"
			role="slider"
			tabindex="0"
			aria-label="Stage that is shown"
			aria-valuemin="0"
			aria-valuemax={strips.length}
			aria-valuenow={piece.steps}
			aria-valuetext={piece.steps === 0 ? 'bare' : `after ${strips[piece.steps - 1]?.name}`}
			onkeydown={slideByKey}
			onpointerdown={(event) => {
				event.currentTarget.setPointerCapture(event.pointerId);
				slideTo(event.clientX);
			}}
			onpointermove={(event) => event.buttons > 0 && slideTo(event.clientX)}
		>
			<div class="absolute inset-x-0 top-[9px] h-px bg-rule-strong"></div>
			<div class="absolute top-[8px] left-0 h-[3px] bg-ember" style:width="{markerX}px"></div>
			<div class="absolute top-0 -translate-x-1/2 whitespace-nowrap" style:left="{markerX}px">
				<svg width="14" height="20" aria-hidden="true" class="mx-auto block"><path d="M7 20L1 9V1h12v8z" fill="var(--color-ember)" /></svg>
			</div>
		</div>
		<ol class="flex w-max items-start" style:height="{height + 40}px">
			<li class="shrink-0" style:width="{WOOD}px">
				<svg width={WOOD} {height} class="block" aria-hidden="true">
					<defs>
						<pattern id="wood-hatch" width="16" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(18)">
							<rect width="16" height="9" fill="#d6b98f" />
							<path d="M0 4.5C5 2 11 7 16 4.5" stroke="#a37d4c" fill="none" />
						</pattern>
					</defs>
					<rect width={WOOD} {height} fill="url(#wood-hatch)" stroke="#3a352f" stroke-width="0.8" />
				</svg>
				<span class="block pt-0.5 text-sm leading-tight">Ground</span>
			</li>
			{#each strips as strip, i (strip.id)}
				<li class="flex shrink-0 items-start">
					{#if strip.wait > 0}
						<span
							class="flex shrink-0 items-center justify-center self-start text-xs text-ink-soft"
							style:height="{height}px"
							style:width="{strip.here ? 34 : 22}px"
							title="Wait {formatDuration(strip.wait)} before {strip.name.toLowerCase()}"
						>
							<span class="-rotate-90 whitespace-nowrap">{formatDuration(strip.wait)}</span>
						</span>
					{:else}
						<span class="w-1.5 shrink-0"></span>
					{/if}
					<button
						data-strip={strip.id}
						class="group relative block shrink-0 cursor-grab touch-none text-left"
						class:cursor-grabbing={dragging?.id === strip.id}
						style:width="{strip.width}px"
						aria-label="{i + 1}. {strip.name}{strip.detail ? `, ${strip.detail}` : ''}{strip.isGone
							? ', sanded off again'
							: ''}{strip.findings ? `, ${strip.findings} to look at` : ''}"
						aria-pressed={piece.seen.coat === strip.id}
						aria-describedby="film-keys"
						tabindex={(piece.seen.coat ?? strips[0]?.id) === strip.id || (!strips.some((other) => other.id === piece.seen.coat) && i === 0)
							? 0
							: -1}
						onclick={() => choose(strip.id)}
						onkeydown={(event) => press(event, strip.id, i)}
						onpointerdown={(event) => grip(event, strip.id)}
						onpointermove={pull}
						onpointerup={drop}
						onpointercancel={letGo}
					>
						<svg width={strip.width} {height} class="block overflow-visible" aria-hidden="true">
							{#if strip.isCut}
								<path d="M{strip.width / 2} 0V{height}" stroke="#5d574e" stroke-width="1.4" stroke-dasharray="2 4" />
								<circle cx={strip.width / 2} cy={height / 2} r="5" fill="var(--color-paper)" stroke="#5d574e" />
							{:else}
								<linearGradient id="fill-{strip.id}"
									>{#each strip.fills as fill, f (f)}<stop
											offset={strip.fills.length > 1 ? f / (strip.fills.length - 1) : 0}
											stop-color={fill}
										/>{/each}</linearGradient
								>
								<path
									d={outlineOf(strip.edge, strip.width, height)}
									fill={strip.here ? `url(#fill-${strip.id})` : 'none'}
									fill-opacity={strip.isGone ? 0.3 : 1}
									stroke="#3a352f"
									stroke-width="0.9"
									stroke-dasharray={strip.here && !strip.isGone ? undefined : '4 3'}
								/>
								{#if strip.edge === 'glossy' && strip.here}<path
										d="M{strip.width - 9} 5V{height - 5}"
										stroke="#ffffff"
										stroke-width="2.4"
										opacity="0.85"
									/>{/if}
							{/if}
							{#if strip.findings > 0}
								<circle cx={strip.width / 2} cy="12" r="9" fill="#ffffff" stroke="var(--color-must)" stroke-width="2" />
								<text x={strip.width / 2} y="17" text-anchor="middle" font-weight="700" font-size="14" fill="var(--color-must)">!</text>
							{/if}
						</svg>
						<span
							class="block pt-0.5 group-hover:text-ember-deep {strip.isCut
								? 'text-center text-xs leading-none text-ink-soft'
								: 'truncate text-sm leading-tight'} {piece.seen.coat === strip.id ? 'font-bold text-ember-deep' : ''}"
							title={strip.name}>{strip.name}</span
						>
						<span class="block truncate text-xs leading-tight text-ink-soft {strip.isCut ? 'text-center' : ''}"
							>{strip.isGone ? 'sanded off' : strip.detail}</span
						>
						{#if piece.seen.coat === strip.id}<span class="absolute -bottom-1 left-0 h-[3px] w-full bg-ember"></span>{/if}
					</button>
				</li>
			{/each}
		</ol>
	</div>
	<label class="flex shrink-0 flex-col text-sm text-ink-soft">
		Cut through
		<select class="field !w-32" value={surface} onchange={(event) => (chosenSurface = event.currentTarget.value)}>
			{#each surfaces as { id, name } (id)}<option value={id}>{name}</option>{/each}
		</select>
	</label>
	<p id="film-keys" class="sr-only">Arrow keys go along the film. With Shift they move this step. Enter opens it.</p>
	<p class="sr-only" role="status">{said}</p>
</section>
