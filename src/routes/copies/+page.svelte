<script lang="ts">
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import { announce } from '$lib/ui/api/announce';
	import { refreshPage } from '$lib/ui/api/refreshPage';
	import { Ask } from '$lib/ui/controls';
	import { onMount } from 'svelte';

	let { data } = $props();
	type Copy = (typeof data.copies)[number];
	let chosen: Copy | null = $state(null);
	let doing: 'copying' | 'restoring' | null = $state(null);
	let trouble: string | null = $state(null);

	/** Copies of one day stand on one shelf, the latest first. */
	const shelves = $derived.by(() => {
		const days = new Map<string, Copy[]>();
		for (const copy of data.copies) {
			const day = copy.at.toLocaleDateString([], { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });
			days.set(day, [...(days.get(day) ?? []), copy]);
		}
		return [...days].map(([day, copies]) => ({ day, copies }));
	});
	const time = (at: Date) => at.toLocaleTimeString([], { timeStyle: 'short' });
	const when = (at: Date) => at.toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });
	const size = (bytes: number) => `${Math.max(0.1, bytes / 1e6).toFixed(1)} MB`;
	onMount(() => void (document.documentElement.dataset['ready'] = 'true'));

	async function copyNow(): Promise<void> {
		doing = 'copying';
		trouble = null;
		const answer = await askWorkshop('/api/copies', { method: 'POST' });
		doing = null;
		if (!answer.ok) trouble = answer.faults[0]!.message;
		await refreshPage();
	}

	const HOW = { 'by-itself': '', 'by-hand': 'made by hand', 'put-aside': 'put aside' } as const;
	async function takeOut({ name, at }: Copy): Promise<void> {
		trouble = null;
		const answer = await askWorkshop(`/api/copies/${name}`, { method: 'DELETE' });
		if (answer.ok) announce(`The copy of ${when(at)} is taken out.`, () => void bringBack(name));
		else trouble = answer.faults[0]!.message;
		await refreshPage();
	}
	async function bringBack(name: string): Promise<void> {
		const answer = await askWorkshop(`/api/copies/${name}/back`, { method: 'POST' });
		trouble = answer.ok ? null : answer.faults[0]!.message;
		await refreshPage();
	}

	async function restore(): Promise<void> {
		const { name } = chosen!;
		chosen = null;
		doing = 'restoring';
		trouble = null;
		const answer = await askWorkshop<{ kept: string }>(`/api/copies/${name}`, { method: 'POST' });
		doing = null;
		if (answer.ok)
			announce(
				`The copy is in place. What was there is put aside, in this list too, and in the folder of the workshop as ${answer.value.kept}.`
			);
		else trouble = answer.faults[0]!.message;
		await refreshPage();
	}
</script>

<svelte:document onvisibilitychange={() => document.visibilityState === 'visible' && void refreshPage()} />
<svelte:head><title>Copies · Ember Ribbon</title></svelte:head>

<header class="paper flex items-baseline gap-4 border-x-0 border-t-0 px-8 py-4">
	<a href="/" class="button-quiet -ml-2 px-2 text-ink-soft no-underline hover:text-ember-deep" aria-label="All pieces">‹ Pieces</a>
	<h1 class="text-2xl">Copies of the workshop</h1>
</header>

<main class="p-8 max-narrow:p-3">
	<section class="paper mx-auto max-w-5xl p-5">
		<p>
			All pieces, motifs, colours and photographs are copied after an hour of work and once a day, into the folder of the workshop. Of these
			are kept those of the last 24 hours, 14 days and 26 weeks in which any was made. What was made by hand, or put aside when a copy was
			put back, stays until it is taken out. A disk that fails takes them along: now and then copy the whole folder to another one.
		</p>
		{#if data.fault}<p class="fault mt-2 border-l-4 border-must pl-2">
				The last copy was not made ({when(data.fault.at)}): {data.fault.message} It is tried again.
			</p>{/if}
		{#if trouble}<p class="fault mt-2 border-l-4 border-must pl-2" role="alert">{trouble}</p>{/if}
		<button class="button button-ember mt-3" disabled={doing !== null} onclick={copyNow}
			>{doing === 'copying' ? 'Copying' : 'Make a copy now'}</button
		>
		{#if data.copies.length === 0}
			<p class="mt-4">There is no copy yet: the first is made after an hour of work.</p>
		{:else}
			{#each shelves as { day, copies } (day)}
				<h2 class="mt-6 text-lg">{day}</h2>
				<ul class="flex flex-wrap items-end gap-3 border-b-8 border-ground-deep px-2 pt-2" aria-label="Copies of {day}">
					{#each copies as copy (copy.name)}
						<li class="w-56 border border-b-0 border-rule-strong bg-white px-3 pt-2 pb-1.5">
							<p class="flex items-baseline justify-between gap-2">
								<b class="text-lg">{time(copy.at)}</b><span class="note">{size(copy.bytes)}</span>
							</p>
							{#if HOW[copy.how]}<p class="text-sm font-medium">{HOW[copy.how]}</p>{/if}
							<p class="note leading-tight">
								{#if copy.pieces}{copy.pieces.length === 1 ? 'one piece' : `${copy.pieces.length} pieces`}: {copy.pieces
										.slice(0, 4)
										.join(', ')}{copy.pieces.length > 4 ? ' and more' : ''}{:else}{copy.how === 'put-aside'
										? 'all that was there then'
										: 'what was in it was not kept then'}{/if}
							</p>
							<p class="mt-1 flex justify-between gap-2 text-sm">
								<button
									class="touch underline hover:text-ember-deep"
									disabled={doing !== null}
									aria-label="Put back the copy of {when(copy.at)}"
									onclick={() => (chosen = copy)}>put back</button
								>
								<button
									class="touch whitespace-nowrap underline hover:text-ember-deep"
									disabled={doing !== null}
									aria-label="Take out the copy of {when(copy.at)}"
									onclick={() => takeOut(copy)}>take out</button
								>
							</p>
						</li>
					{/each}
				</ul>
			{/each}
		{/if}
		{#if doing === 'restoring'}<p class="mt-3" role="status">Putting the copy in place; it takes a moment.</p>{/if}
	</section>
</main>

<Ask
	open={chosen !== null}
	title="Put the workshop back to {chosen ? when(chosen.at) : ''}?"
	says="All pieces, motifs, colours and photographs are again as they were then. What is there now is not lost: it is put aside, stands in this list then, and comes back by the same way. Pieces that are open in other windows have to be opened anew."
	onleave={() => (chosen = null)}
>
	<div class="mt-4 flex gap-2">
		<button class="button" onclick={restore}>Put it back</button>
		<button class="button" onclick={() => (chosen = null)}>Leave it as it is</button>
	</div>
</Ask>
