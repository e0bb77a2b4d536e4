<script lang="ts">
	import { beforeNavigate, goto, preloadCode } from '$app/navigation';
	import { page } from '$app/state';
	import { whereOf } from '$core/layers';
	import { isSameWritten } from '$core/project';
	import { announce } from '$lib/ui/api/announce';
	import { isWorkshopThere } from '$lib/ui/api/isWorkshopThere';
	import { Tip } from '$lib/ui/controls';
	import { keepFocus } from '$lib/ui/focus/keepFocus';
	import { Drafts, PieceState, providePiece, whereToPlan, type CardOfPlan, type OpenedPiece, type Unsaved } from '$lib/ui/piece-state';
	import SaveStatus from '$lib/ui/save-status/SaveStatus.svelte';
	import PieceWorkshop from '$lib/ui/workshop/PieceWorkshop.svelte';
	import { provideWorkshop } from '$lib/ui/workshop/store';
	import { WorkshopState } from '$lib/ui/workshop/WorkshopState.svelte';
	import Section from '$lib/ui/section/Section.svelte';
	import Redo from '@lucide/svelte/icons/redo-2';
	import Undo from '@lucide/svelte/icons/undo-2';
	import { onDestroy, onMount, type Snippet } from 'svelte';
	import { tinykeys } from 'tinykeys';
	import PieceHeader from './PieceHeader.svelte';
	import { SCREENS } from './screens';
	import PlanWaits from './PlanWaits.svelte';

	let { record, card, children }: { record: OpenedPiece; card: CardOfPlan; children: Snippet } = $props();

	// svelte-ignore state_referenced_locally
	const drafts = new Drafts(record.id, () =>
		announce('This browser keeps nothing for us: what is not saved yet would go with this page. Stay until it says saved.')
	);
	// svelte-ignore state_referenced_locally
	const piece = providePiece(new PieceState(record, whereToPlan(record.version, card), drafts));
	provideWorkshop(new WorkshopState());
	let left: readonly { readonly key: string; readonly draft: Unsaved }[] = $state.raw([]);
	async function findDrafts(): Promise<void> {
		const found = await drafts.left();
		/** What came through after all is no draft. */
		const isSaved = ({ document }: Unsaved) => isSameWritten(record.document, document);
		for (const { key, draft } of found) if (isSaved(draft)) await drafts.drop(key);
		left = found.filter(({ draft }) => !isSaved(draft));
	}
	/** The page was kept by the browser and is shown again: nothing is done on it before it is as the workshop has it. */
	let isBack = $state(false);
	async function comeBack(event: PageTransitionEvent): Promise<void> {
		if (!event.persisted) return;
		isBack = true;
		await piece.comeBack();
		isBack = false;
	}

	const current = $derived(page.url.pathname.split('/').at(-1) ?? '');
	const hasSection = $derived(current === 'layout' || current === 'coats');
	const toDo: Readonly<Record<string, number>> = $derived({
		measure: piece.plan.errors.filter(({ code, path }) => path.startsWith('piece') && code !== 'length.empty').length,
		layout: piece.plan.errors.filter(({ path }) => path.startsWith('layout')).length,
		coats: piece.plan.findings.filter(({ overruled, kind }) => overruled === null && kind !== 'note').length
	});

	const said = (word: string, what: string) => (what === '' ? word : `${word}: ${what}`);

	/** In Lay out a blended coat or a stencil opens what it paints. */
	function openCoat(id: string): void {
		if (current !== 'layout') return;
		const coat = piece.project.finish.coats.find((other) => other.id === id);
		const { through, zone } = coat ? whereOf(coat) : {};
		piece.view.selection =
			through !== undefined ? { kind: 'arrangement', id: through } : zone !== undefined ? { kind: 'zone', id: zone } : null;
	}

	// svelte-ignore state_referenced_locally
	piece.screen = current;
	$effect.pre(() => {
		piece.screen = current;
	});
	$effect(() => piece.planning.follow());
	onDestroy(() => {
		piece.answers.close();
		piece.planning.close();
	});

	/** When the page has long been drawn, ms. */
	const PRELOAD = 2500;
	onMount(() => {
		const inText = (event: KeyboardEvent) => (event.target as HTMLElement).closest('input, textarea') !== null;
		const redo = (event: KeyboardEvent) => {
			event.preventDefault();
			void piece.redo();
		};
		const stop = tinykeys(window, {
			'$mod+z': (event) => {
				if (inText(event)) (document.activeElement as HTMLElement).blur();
				event.preventDefault();
				void piece.undo();
			},
			'$mod+Shift+z': redo,
			'$mod+y': redo
		});
		const leave = (event: BeforeUnloadEvent) => {
			piece.saver.leave();
			if (piece.saver.hasUnsaved) event.preventDefault();
		};
		const hide = () => document.visibilityState === 'hidden' && void piece.saver.flush(true);
		const letFocusGo = keepFocus();
		window.addEventListener('beforeunload', leave);
		window.addEventListener('pageshow', comeBack);
		void findDrafts();
		document.addEventListener('visibilitychange', hide);
		document.documentElement.dataset['ready'] = 'true';
		/** Its other screens are come to also when the workshop has gone meanwhile. */
		const preload = setTimeout(() => {
			for (const { path: screen } of SCREENS) void preloadCode(`/pieces/${piece.id}/${screen}`).catch(() => {});
		}, PRELOAD);
		return () => {
			clearTimeout(preload);
			stop();
			letFocusGo();
			window.removeEventListener('beforeunload', leave);
			window.removeEventListener('pageshow', comeBack);
			document.removeEventListener('visibilitychange', hide);
		};
	});
	/** Another page of the workshop must find what was done here: it waits for the save, and for a workshop that answers. */
	let going = '';
	beforeNavigate(({ willUnload, to, type, cancel }) => {
		if (willUnload || !to || to.params?.['id'] === piece.id || to.url.href === going) return;
		if (!piece.saver.hasUnsaved && type === 'popstate') return;
		cancel();
		void piece.saver.settle().then(async (settled) => {
			if (settled) {
				if (!(await isWorkshopThere())) return;
				going = to.url.href;
				await goto(to.url);
				going = '';
			} else
				announce(`Not saved yet. ${piece.saver.state.kind === 'waiting' ? piece.saver.state.why : ''} Stay a moment; it is tried again.`);
		});
	});
</script>

{#if left[0]}
	{#await import('./DraftOffer.svelte') then { default: DraftOffer }}
		{#key left[0].key}
			<DraftOffer
				{drafts}
				key={left[0].key}
				draft={left[0].draft}
				savedAt={new Date(record.updatedAt)}
				ondone={() => (left = left.slice(1))}
			/>
		{/key}
	{/await}
{/if}
<div class="flex h-screen min-h-[560px] flex-col max-narrow:block max-narrow:h-auto" inert={isBack} aria-busy={isBack}>
	<PieceHeader id={piece.id} name={piece.project.piece.name} {toDo}>
		{#snippet tools()}
			<PieceWorkshop />
			<SaveStatus />
			<span class="flex self-center">
				<Tip text="{said('Undo', piece.undoes)} (Ctrl+Z)">
					{#snippet children({ props })}
						<button
							{...props}
							class="button button-quiet"
							onclick={() => piece.undo()}
							disabled={!piece.history.canUndo}
							aria-label={said('Undo', piece.undoes)}><Undo size={18} /></button
						>
					{/snippet}
				</Tip>
				<Tip text="{said('Redo', piece.redoes)} (Ctrl+Shift+Z)" side="bottom">
					{#snippet children({ props })}
						<button
							{...props}
							class="button button-quiet"
							onclick={() => piece.redo()}
							disabled={!piece.history.canRedo}
							aria-label={said('Redo', piece.redoes)}><Redo size={18} /></button
						>
					{/snippet}
				</Tip>
			</span>
		{/snippet}
		{#snippet below()}
			{#if hasSection && !piece.isBlank}<div class="pt-1 {piece.planning.isBehind ? 'grayscale' : ''}" inert={piece.isFrozen}>
					<Section large={current === 'coats'} onchoose={openCoat} />
				</div>{/if}
		{/snippet}
	</PieceHeader>
	{#if piece.planning.isBehind && !piece.isBlank}<div class="border-b border-rule bg-paper px-6 py-1.5"><PlanWaits /></div>{/if}
	<!-- One and the same whatever it shows: slips of paper that open from the header lie in it. -->
	<main class="min-h-0 flex-1">
		{#if piece.isBlank}
			<div class="h-full overflow-y-auto p-6">
				<div class="paper mx-auto mt-6 max-w-2xl p-5"><PlanWaits isAll /></div>
			</div>
		{:else}
			<div class="h-full {piece.planning.isBehind && current !== 'measure' ? 'opacity-60 grayscale' : ''}" inert={piece.isFrozen}>
				{@render children()}
			</div>
		{/if}
	</main>
</div>
