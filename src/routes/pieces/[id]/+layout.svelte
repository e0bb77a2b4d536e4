<script lang="ts">
	import { beforeNavigate, goto } from '$app/navigation';
	import { page } from '$app/state';
	import { whereOf } from '$core/layers';
	import { Tip } from '$lib/ui/controls';
	import { keepFocus } from '$lib/ui/focus/keepFocus';
	import { PieceState, providePiece } from '$lib/ui/piece-state';
	import Section from '$lib/ui/section/Section.svelte';
	import SaveStatus from '$lib/ui/save-status/SaveStatus.svelte';
	import WorkshopOut from '$lib/ui/save-status/WorkshopOut.svelte';
	import Redo from '@lucide/svelte/icons/redo-2';
	import Undo from '@lucide/svelte/icons/undo-2';
	import { onDestroy, onMount } from 'svelte';
	import { say } from '$lib/ui/api/say';
	import { tinykeys } from 'tinykeys';

	let { data, children } = $props();

	// svelte-ignore state_referenced_locally
	const piece = providePiece(new PieceState(data.record));

	const SCREENS = [
		{ path: 'measure', name: 'Measure' },
		{ path: 'layout', name: 'Lay out' },
		{ path: 'coats', name: 'Coats' },
		{ path: 'mix', name: 'Mix & buy' },
		{ path: 'sheets', name: 'Cut sheets' }
	] as const;
	const current = $derived(page.url.pathname.split('/').at(-1));
	const hasSection = $derived(current === 'layout' || current === 'coats');
	const toDo: Readonly<Record<string, number>> = $derived({
		measure: piece.plan.errors.filter(({ code, path }) => path.startsWith('piece') && code !== 'length.empty').length,
		layout: piece.plan.errors.filter(({ path }) => path.startsWith('layout')).length,
		coats: piece.plan.findings.filter((finding) => finding.overruled === null).length
	});

	/** In Lay out a blended coat or a stencil opens what it paints. */
	function openCoat(id: string): void {
		if (current !== 'layout') return;
		const coat = piece.project.finish.coats.find((other) => other.id === id);
		const { through, zone } = coat ? whereOf(coat) : {};
		piece.seen.selection =
			through !== undefined ? { kind: 'arrangement', id: through } : zone !== undefined ? { kind: 'zone', id: zone } : null;
	}

	$effect(() => piece.sheets.ask(piece.project.layout.motifs));
	onDestroy(() => piece.sheets.close());

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
		document.addEventListener('visibilitychange', hide);
		document.documentElement.dataset['ready'] = 'true';
		return () => {
			stop();
			letFocusGo();
			window.removeEventListener('beforeunload', leave);
			document.removeEventListener('visibilitychange', hide);
		};
	});
	/** Another page of the workshop must find what was done here: it waits for the save. */
	beforeNavigate(({ willUnload, to, cancel }) => {
		if (willUnload || !piece.saver.hasUnsaved || !to || to.params?.['id'] === piece.id) return;
		cancel();
		void piece.saver.settle().then((settled) => {
			if (settled) void goto(to.url);
			else say(`Not saved yet. ${piece.saver.state.kind === 'waiting' ? piece.saver.state.why : ''} Stay a moment; it is tried again.`);
		});
	});
</script>

<svelte:head
	><title>{piece.project.piece.name} · {SCREENS.find(({ path }) => path === current)?.name ?? ''} · Ember Ribbon</title></svelte:head
>

<div class="flex h-screen min-h-[560px] flex-col">
	<header class="paper border-x-0 border-t-0 px-6 pt-2">
		<div class="flex items-baseline gap-x-6">
			<a href="/" class="button-quiet -ml-2 px-2 text-ink-soft no-underline hover:text-ember-deep" aria-label="All pieces">‹ Pieces</a>
			<h1 class="max-w-[22rem] truncate text-xl">{piece.project.piece.name}</h1>
			<nav aria-label="This piece" class="flex items-baseline gap-x-5">
				{#each SCREENS as { path, name } (path)}
					<a
						href="/pieces/{piece.id}/{path}"
						aria-current={current === path ? 'page' : undefined}
						class="border-b-[3px] pt-1 pb-1 whitespace-nowrap no-underline hover:text-ember-deep {current === path
							? 'border-ember font-bold'
							: 'border-transparent text-ink-soft'}"
					>
						{name}{#if toDo[path]}<span class="ml-1 align-super text-xs font-bold text-must"
								>{toDo[path]}<span class="sr-only"> to look at</span></span
							>{/if}
					</a>
				{/each}
			</nav>
			<span class="flex-1"></span>
			<WorkshopOut />
			<SaveStatus />
			<span class="flex self-center">
				<Tip text="Undo (Ctrl+Z)">
					{#snippet children({ props })}
						<button {...props} class="button button-quiet" onclick={() => piece.undo()} disabled={!piece.history.canUndo} aria-label="Undo"
							><Undo size={18} /></button
						>
					{/snippet}
				</Tip>
				<Tip text="Redo (Ctrl+Shift+Z)" side="bottom">
					{#snippet children({ props })}
						<button {...props} class="button button-quiet" onclick={() => piece.redo()} disabled={!piece.history.canRedo} aria-label="Redo"
							><Redo size={18} /></button
						>
					{/snippet}
				</Tip>
			</span>
		</div>
		{#if hasSection}<div class="pt-1"><Section large={current === 'coats'} onchoose={openCoat} /></div>{/if}
	</header>
	<main class="min-h-0 flex-1">{@render children()}</main>
</div>
