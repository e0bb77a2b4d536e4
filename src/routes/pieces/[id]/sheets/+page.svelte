<script lang="ts">
	import { bundleSheets, describeSheets, PAPERS, type Sheet } from '$core/sheets';
	import { nameIssue } from '$core/plan';
	import { setOwn } from '$core/project';
	import { RadioRow } from '$lib/ui/controls';
	import Unmeasured from '$lib/ui/mix/Unmeasured.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import LargeSheet from '$lib/ui/sheet/LargeSheet.svelte';
	import SheetPage from '$lib/ui/sheet/SheetPage.svelte';

	const piece = usePiece();
	/** The page and the field where it is put right. */
	function hrefOf(path: string): string {
		const { screen, face, field } = nameIssue(piece.project, piece.plan, path);
		const at = new URLSearchParams([...(face ? [['face', face]] : []), ...(field ? [['field', field]] : [])]);
		return `/pieces/${piece.id}/${screen}${at.size > 0 ? `?${at}` : ''}`;
	}
	/** Of a piece that is planned beside the page its pages are drawn there too. */
	let drawnElsewhere: readonly Sheet[] | null = $state.raw(null);
	$effect(() => {
		if (piece.planning.isHere || piece.planning.isBehind) return;
		void piece.planning.pages(piece.project.paper).then(
			(pages) => (drawnElsewhere = pages),
			() => {}
		);
	});
	const drawn = $derived(piece.planning.isHere ? describeSheets(piece.project, piece.plan, piece.project.paper) : drawnElsewhere);
	const pages = $derived(drawn ?? []);
	const bundles = $derived(bundleSheets(pages));
	/** The page that is looked at large, from 0. */
	let large: number | null = $state(null);
	/** All at one scale, px for a mm. */
	const SCALE = 0.92;
	const { width, height } = $derived(PAPERS[piece.project.paper]);
	const musts = $derived(piece.plan.findings.filter((finding) => finding.kind === 'must').length);
	const saved = $derived(piece.saver.state.kind === 'saved');
</script>

<svelte:head>
	{#if pages[0]}
		<svelte:element this={"style"}
			>{`@page upright { size: ${width}mm ${height}mm; margin: 0 } @page across { size: ${height}mm ${width}mm; margin: 0 }`}</svelte:element
		>
	{/if}
</svelte:head>

<div class="screen">
	<!-- Pages scroll by keyboard too. -->
	<!-- svelte-ignore a11y_no_noninteractive_tabindex -->
	<div class="min-w-0 flex-1 overflow-y-auto p-6 max-narrow:overflow-visible max-narrow:p-4" tabindex="0" role="region" aria-label="Pages">
		{#if pages.length > 0}
			<div data-prints class="divide-y divide-rule-strong border-y border-rule-strong">
				{#each bundles as { kind, word, pages: own } (kind)}
					<section class="flex gap-5 py-4" aria-label={word}>
						<h2 class="paper h-fit w-28 shrink-0 px-2 py-1.5 text-center text-base leading-tight">
							{word}<span class="block font-sans text-sm font-normal text-ink-soft"
								>{own.length === 1 ? '1 page' : `${own.length} pages`}</span
							>
						</h2>
						<ul class="flex min-w-0 flex-1 flex-wrap items-start gap-4">
							{#each own as { at, page } (at)}<li
									data-page={page.width > page.height ? 'across' : 'upright'}
									style:width="{page.width * SCALE}px"
									style:--wide="{page.width}mm"
									style:--high="{page.height}mm"
									class="max-w-full"
								>
									<button
										class="block w-full hover:outline-2 hover:outline-ember"
										onclick={() => (large = at)}
										aria-label="Look at page {at + 1}: {page.title}"><SheetPage {page} /></button
									><span class="mt-1 block truncate text-sm text-ink">{at + 1}. {page.title}</span>
								</li>{/each}
						</ul>
					</section>
				{/each}
			</div>
			<LargeSheet {pages} bind:at={large} />
		{:else}
			<section class="paper mx-auto mt-10 max-w-lg p-6">
				{#if drawn === null}
					<p role="status">Its pages are being drawn.</p>
				{:else if piece.plan.errors.length === 0}
					<h2>Nothing to print</h2>
					<p class="mt-2">Nothing lies on this piece yet, and no coat. Begin in Lay out, and its sheets stand here.</p>
				{:else}
					<h2>Not yet</h2>
					<p class="mt-2">A sheet with wrong figures is worse than none. First put right:</p>
					<ul class="mt-2 space-y-1">
						{#each piece.plan.errors.slice(0, 6) as error, i (i)}<li class="border-l-4 border-must pl-3">
								<a class="underline" href={hrefOf(error.path)}>{nameIssue(piece.project, piece.plan, error.path).words}</a>: {error.message}
							</li>{/each}
					</ul>
					{#if piece.plan.errors.length > 6}<p class="mt-1">and {piece.plan.errors.length - 6} more.</p>{/if}
				{/if}
			</section>
		{/if}
	</div>
	<aside class="screen-side paper w-[22rem] px-5 py-4" aria-label="Printing">
		<h2>Sheets</h2>
		<p class="mt-1">
			A page for each part with something on it, in figures from its edges or its centre lines and in words; each motif at true size; where
			tapes go; the order of the coats; what to buy and lay out.
		</p>
		<div class="mt-3">
			<RadioRow
				label="Paper"
				value={piece.project.paper}
				options={(['a4', 'letter'] as const).map((value) => ({ value, text: PAPERS[value].name }))}
				onchange={(paper) => piece.replace(setOwn(piece.project, { paper }))}
			/>
		</div>
		{#if pages.length > 0}
			<p class="mt-4">
				<a
					class="button button-ember"
					href="/pieces/{piece.id}/sheets/pdf?paper={piece.project.paper}"
					target="_blank"
					aria-disabled={!saved}
					onclick={(event) => piece.saver.openSaved(event)}>Open the PDF, {pages.length} pages</a
				>
			</p>
			<p class="note mt-2">Print it at 100 %, and measure the square, or the two lines, on the motif page before you cut.</p>
		{/if}
		{#if musts > 0}<p class="mt-4 border-l-4 border-must pl-3">
				! The order of coats still has {musts} thing{musts > 1 ? 's' : ''} that must be put right.
				<a class="underline" href="/pieces/{piece.id}/coats">Look at the coats</a>
			</p>{/if}
		<Unmeasured counts={false} />
		{#if piece.plan.errors.length === 0}{#await import('$lib/ui/cut/CutFiles.svelte') then { default: CutFiles }}<CutFiles />{/await}{/if}
		<h3 class="mt-6">The piece as a file</h3>
		<p class="note">Everything about this piece in one documented file, to keep or to hand on.</p>
		<p class="mt-2"><a class="button" href="/pieces/{piece.id}/file" download>Project file</a></p>
	</aside>
</div>
