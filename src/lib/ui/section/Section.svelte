<script lang="ts">
	import { moveCoat } from '$core/layers';
	import { listSurfaces } from '$core/plan';
	import { formatDurationShort, formatWait } from '$core/units';
	import { Pick, Tip } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import ChevronsLeft from '@lucide/svelte/icons/chevrons-left';
	import ChevronsRight from '@lucide/svelte/icons/chevrons-right';
	import BoardPicture from './BoardPicture.svelte';
	import CutEnd from './CutEnd.svelte';
	import { describeTreads, type Tread } from './describeTreads';
	import { drawBoard } from './drawBoard';
	import { fitTreads, type Column } from './fitTreads';

	interface Props {
		/** Large where the order is worked on. */
		large?: boolean;
		/** Told when a tread is chosen, by click or Enter. */
		onchoose?: (coat: string) => void;
	}
	let { large = false, onchoose }: Props = $props();

	const piece = usePiece();
	/** A drag of coats is followed; one of what is laid leaves them as they are until it is let go. */
	const isFollowed = $derived(piece.drag.trial !== null && piece.drag.trial.finish !== piece.project.finish);
	const shownProject = $derived(isFollowed ? piece.drag.trial! : piece.project);
	const plan = $derived(isFollowed ? piece.plan : piece.settled);
	const surfaces = $derived(listSurfaces(plan));
	let chosenSurface: string | null = $state(null);
	const surface = $derived(surfaces.some(({ id }) => id === chosenSurface) ? chosenSurface! : surfaces[0]!.id);
	const treads = $derived(describeTreads(shownProject, plan, surface));

	/** px: the ground before the first step, the height of the wood, and of the row of waits under it. */
	const LEAD = 58;
	const WOOD = 17;
	const WAITS = 18;
	/** The cut reaches so far over the board. */
	const CUT_OVER = 6;
	const MOST_PER_ROOT = 2.4;
	/** What a letter of a wait takes, px. */
	const LETTER = 7;
	/** The grip of the cut reaches so far over the end, px. */
	const GRIP = 11;
	let width = $state(0);
	const room = $derived((width || 1080) - GRIP);
	/** Folds that were opened, by the first step of each; all of them. */
	let opened = $state<readonly string[] | 'all'>([]);
	const coat = $derived(treads.find((tread) => tread.coat === piece.view.coat));
	const fit = $derived(
		fitTreads(
			treads.map(({ label, detail, kind, belongs }) => ({ label, detail, belongs, isMark: kind === 'mark' })),
			{
				from: LEAD,
				width: room,
				staysOpen: (first, last) =>
					opened === 'all' || opened.includes(treads[first]!.coat) || (coat !== undefined && coat.at >= first && coat.at <= last)
			}
		)
	);
	const isUnfolded = $derived(opened === 'all' || opened.length > 0);
	/** px: of a line of a name, and of a line of its detail below it. */
	const LINE = { name: 16, detail: 15 };
	const TURNED = 80;
	const labels = $derived(fit.names === 'turned' ? TURNED : 8 + fit.lines.name * LINE.name + (large ? fit.lines.detail * LINE.detail : 0));
	/** The board gives way to tall names. */
	const BOARD = { least: 74, most: 104, withNames: 172, small: 62 };
	const height = $derived(large ? Math.min(BOARD.most, Math.max(BOARD.least, BOARD.withNames - labels)) : BOARD.small);
	const starts = $derived(treads.map((_, at) => columnOf(at).x));
	const board = $derived(drawBoard(treads, { starts, end: fit.end, ground: height - WOOD, most: MOST_PER_ROOT }));
	const columnOf = (at: number): Column => fit.columns.find(({ steps }) => steps.includes(at))!;
	/** The cut runs behind the last step that is shown; what is folded is done or not begun. */
	const cut = $derived(piece.steps === 0 ? LEAD : columnOf(piece.steps - 1).x + columnOf(piece.steps - 1).width);

	let frame: HTMLElement | undefined = $state();
	let dragging: { id: string; x: number; moved: boolean } | null = $state(null);
	let said = $state('');

	const isBrought = (tread: Tread) => tread.brings !== null && piece.view.isPicked(tread.brings);
	const wordTread = (tread: Tread) =>
		[
			`${tread.at + 1}. ${tread.label}`,
			tread.detail,
			tread.kind === 'elsewhere' ? 'not on this surface' : '',
			tread.endsBy === null ? '' : 'sanded off again',
			tread.wait > 0 ? `${formatWait(tread.wait)} to wait before it` : '',
			tread.findings ? `${tread.findings} to look at` : ''
		]
			.filter(Boolean)
			.join(', ');
	const wordFold = ({ label, steps }: Column) => `${label} steps: ${steps.map((at) => wordTread(treads[at]!)).join('; ')}. Opens them`;
	const holder = $derived(coat ? columnOf(coat.at) : fit.columns[0]);

	function choose(id: string): void {
		piece.view.coat = id;
		onchoose?.(id);
	}
	/** Opens one fold, or all, or folds again what was opened, and lets go of the step that is worked on: it would keep its own open. */
	function open(at?: number): void {
		if (at === undefined) {
			opened = isUnfolded ? [] : 'all';
			if (!isUnfolded) piece.view.coat = null;
		} else if (opened !== 'all') opened = [...opened, treads[at]!.coat];
		requestAnimationFrame(() => at !== undefined && frame?.querySelector<HTMLElement>(`[data-tread="${treads[at]!.coat}"]`)?.focus());
	}

	function moveBy(id: string, by: number): void {
		const at = piece.project.finish.coats.findIndex((other) => other.id === id);
		const to = at + by;
		if (to < 0 || to >= piece.project.finish.coats.length) return;
		piece.view.coat = id;
		piece.edit((draft) => void (draft.finish.coats = moveCoat(piece.project.finish.coats, id, to)));
		said = `${treads.find((tread) => tread.coat === id)?.label}: now step ${to + 1} of ${treads.length}. ${piece.plan.findings.length} findings.`;
		requestAnimationFrame(() => frame?.querySelector<HTMLElement>(`[data-tread="${id}"]`)?.focus());
	}

	function press(event: KeyboardEvent, id: string, i: number): void {
		const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
		if (by === 0) return;
		event.preventDefault();
		if (event.shiftKey) moveBy(id, by);
		else treadElements()[i + by]?.focus();
	}

	function grip(event: PointerEvent, id: string): void {
		if (event.button !== 0) return;
		dragging = { id, x: event.clientX, moved: false };
		(event.currentTarget as Element).setPointerCapture(event.pointerId);
	}
	/** Where the pointer stands along the board, px. */
	const along = (event: PointerEvent) => event.clientX - frame!.getBoundingClientRect().left;
	function pull(event: PointerEvent): void {
		if (!dragging || (!dragging.moved && Math.abs(event.clientX - dragging.x) < 5)) return;
		dragging.moved = true;
		const { id } = dragging;
		const x = along(event);
		const passed = fit.columns.filter((column) => column.x + column.width / 2 < x).flatMap(({ steps }) => steps);
		const to = passed.filter((at) => treads[at]!.coat !== id).length;
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

	const treadElements = () => [...(frame?.querySelectorAll<HTMLElement>('[data-column]') ?? [])];
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && dragging && letGo()} />

<section aria-label="The section" class="flex items-end gap-4">
	<div
		class="relative min-w-0 flex-1 overflow-hidden"
		bind:this={frame}
		bind:clientWidth={width}
		style:height="{labels + height + WAITS}px"
	>
		<BoardPicture {treads} {board} {fit} {labels} {height} wood={WOOD} {cut} picked={coat?.at ?? null} moving={dragging?.id ?? null} />
		<div class="absolute left-0 text-sm" style:top="{labels + height - WOOD - 34}px" style:width="{LEAD}px">
			{#if fit.isFolded || isUnfolded}
				<button
					class="flex min-h-[28px] items-center text-ink-soft hover:text-ember-deep"
					aria-expanded={isUnfolded}
					aria-label="All {treads.length} steps, one by one"
					onclick={() => open()}
					>{#if isUnfolded}<ChevronsLeft size={16} />fold{:else}<ChevronsRight size={16} />all{/if}</button
				>
			{/if}
		</div>
		{#if treads.length === 0}<p
				class="absolute text-sm text-ink-soft"
				style:left="{LEAD + 2 * GRIP}px"
				style:top="{labels + height - WOOD - 22}px"
			>
				No step yet. What is added in Coats, or laid in Lay out, stands here.
			</p>{/if}
		{#each fit.columns as column, i (treads[column.steps[0]!]!.coat)}
			{@const tread = treads[column.steps[0]!]!}
			{@const isFold = column.steps.length > 1}
			{@const findings = column.steps.reduce((sum, at) => sum + treads[at]!.findings, 0)}
			{@const words = isFold ? wordFold(column) : wordTread(tread)}
			{@const isPicked = !isFold && piece.view.coat === tread.coat}
			<Tip text={words}>
				{#snippet children({ props })}
					<button
						{...props}
						data-column
						data-tread={isFold ? undefined : tread.coat}
						data-brought={isBrought(tread)}
						class="group absolute top-0 block touch-none text-left {isFold
							? ''
							: dragging?.id === tread.coat
								? 'cursor-grabbing'
								: 'cursor-grab'}"
						style:left="{column.x}px"
						style:width="{column.width}px"
						style:height="{labels + height}px"
						aria-label={words}
						aria-pressed={isFold ? undefined : isPicked}
						aria-expanded={isFold ? false : undefined}
						aria-describedby={isFold ? undefined : 'section-keys'}
						tabindex={holder === column ? 0 : -1}
						onclick={() => (isFold ? open(tread.at) : choose(tread.coat))}
						onkeydown={(event) => press(event, isFold ? '' : tread.coat, i)}
						onpointerdown={(event) => !isFold && grip(event, tread.coat)}
						onpointermove={pull}
						onpointerup={drop}
						onpointercancel={letGo}
					>
						<span
							class="absolute group-hover:text-ember-deep {isPicked || isBrought(tread)
								? 'font-bold text-ember-deep'
								: tread.kind === 'elsewhere' || tread.endsBy !== null
									? 'text-ink-soft'
									: ''} {fit.names === 'turned'
								? 'bottom-0 left-1/2 origin-bottom-left -rotate-[38deg] text-xs whitespace-nowrap'
								: `right-0 left-0 pr-1 pl-1.5 leading-[1.05] ${tread.kind === 'mark' ? 'text-xs' : 'text-sm'}`}"
							style:bottom={fit.names === 'turned' ? `${height + 4}px` : undefined}
							style:top={fit.names === 'level' ? '2px' : undefined}
						>
							{#if fit.names === 'turned'}{column.label.length > 17
									? `${column.label.slice(0, 16).trimEnd()}…`
									: column.label}{:else}{column.label}{#if large && !isFold}<span
										class="block text-xs leading-tight font-normal text-ink-soft"
										>{tread.endsBy !== null ? 'sanded off' : tread.detail}</span
									>{/if}{/if}
						</span>
						{#if findings > 0}
							<span
								class="absolute left-1/2 flex h-[18px] w-[18px] -translate-x-1/2 items-center justify-center rounded-full border-2 border-must bg-white text-sm font-bold text-must"
								style:top="{Math.max(labels - 2, labels + board.topOf(column.steps.at(-1)!) - 22)}px">!</span
							>
						{/if}
						{#if isPicked || isBrought(tread)}<span class="absolute bottom-0 left-0 h-[4px] w-full bg-ember"></span>{/if}
					</button>
				{/snippet}
			</Tip>
			{#if tread.wait > 0 && column.width >= LETTER * formatDurationShort(tread.wait).length}
				<span
					class="pointer-events-none absolute -translate-x-1/2 px-0.5 text-xs leading-none whitespace-nowrap text-ink-soft"
					style:left="{column.x}px"
					style:top="{labels + height + 4}px">{formatDurationShort(tread.wait)}</span
				>
			{/if}
		{/each}
		<CutEnd {fit} {treads} x={cut} top={labels - CUT_OVER} {height} waits={WAITS} {along} />
	</div>
	<div class="w-36 shrink-0 pb-4 max-xl:w-32">
		<Pick
			label="On"
			value={surface}
			options={surfaces.map(({ id, name }) => ({ value: id, text: name }))}
			onchange={(id) => (chosenSurface = id)}
		/>
	</div>
	<p id="section-keys" class="sr-only">Arrow keys go along the section. With Shift they move this step. Enter opens it.</p>
	<p class="sr-only" role="status">{said}</p>
</section>
