<script lang="ts">
	import { goto } from '$app/navigation';
	import { heightOnShelf, type PlanError } from '$core/plan';
	import { formatLength } from '$core/units';
	import { announce } from '$lib/ui/api/announce';
	import { refreshPage } from '$lib/ui/api/refreshPage';
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import { Ask } from '$lib/ui/controls';
	import { BeginPiece, PieceBin, PieceCard, type ListedPiece } from '$lib/ui/pieces';
	import { WorkshopState } from '$lib/ui/workshop/WorkshopState.svelte';
	import { onMount } from 'svelte';

	let { data } = $props();

	/** As the page came, then as it was looked at again. */
	let pieces: readonly ListedPiece[] = $derived(data.pieces);
	/** All pictures at one scale: the tallest piece fills its card. */
	const tallest = $derived(Math.max(1, ...pieces.map(({ card }) => (card?.kind === 'sound' ? heightOnShelf(card) : 1))));
	const PICTURE = 230;
	/** A length that is told in round figures, and is as long as a finger on the page: inches where all pieces are in inches. */
	const ruler = $derived.by(() => {
		const cards = pieces.flatMap(({ card }) => (card?.kind === 'sound' ? [card] : []));
		const unit = cards.length > 0 && cards.every(({ units }) => units === 'in') ? 'in' : 'mm';
		const lengths = unit === 'in' ? [6, 12, 24, 48, 96].map((inches) => inches * 25.4) : [100, 200, 500, 1000, 2000];
		const mm = lengths.find((length) => length * (PICTURE / tallest) >= 40) ?? lengths.at(-1)!;
		return cards.length > 0 ? { px: (mm * PICTURE) / tallest, text: formatLength(mm, unit).text } : null;
	});

	/** Cards that are still being made are looked for again, less often by and by, ms. */
	const LOOK_AGAIN = { first: 700, longest: 5000, grows: 1.1 };
	let looked = 0;
	$effect(() => {
		if (pieces.every(({ version, cardVersion }) => version === cardVersion)) return;
		const after = Math.min(LOOK_AGAIN.longest, LOOK_AGAIN.first * LOOK_AGAIN.grows ** looked);
		const timer = setTimeout(() => void lookAgain(), after);
		return () => clearTimeout(timer);
	});
	async function lookAgain(): Promise<void> {
		looked++;
		const now = data.pieces;
		const answer = await askWorkshop<readonly ListedPiece[]>('/api/pieces');
		if (now !== data.pieces) return;
		pieces = answer.ok ? answer.value : [...pieces];
	}

	const workshop = new WorkshopState();
	let faults: readonly PlanError[] = $state([]);
	let busy = $state(false);
	let removing: { id: string; name: string } | null = $state(null);

	onMount(() => {
		void workshop.load();
		document.documentElement.dataset['ready'] = 'true';
	});

	async function add(text: string, then: string): Promise<void> {
		busy = true;
		faults = [];
		const answer = await askWorkshop<{ id: string }>('/api/pieces', { method: 'POST', type: 'application/json', body: text });
		busy = false;
		if (!answer.ok) return void (faults = answer.faults);
		await goto(`/pieces/${answer.value.id}/${then}`);
	}

	async function take(id: string): Promise<boolean> {
		const answer = await askWorkshop(`/api/pieces/${id}`, { method: 'DELETE' });
		const isGone = answer.ok || answer.status === 404;
		if (!isGone) announce(`It was not taken out. ${answer.faults[0]!.message}`);
		await refreshPage();
		return isGone;
	}

	async function remove(): Promise<void> {
		const { id, name } = removing!;
		removing = null;
		if (await take(id)) announce(`${name} lies in the bin.`, () => void bringBack(id));
	}

	async function bringBack(id: string): Promise<void> {
		const answer = await askWorkshop(`/api/pieces/${id}/back`, { method: 'POST' });
		if (!answer.ok) announce(`It was not brought back. ${answer.faults[0]!.message}`);
		await refreshPage();
	}

	async function copy(id: string, name: string): Promise<void> {
		const answer = await askWorkshop<{ id: string; name: string }>(`/api/pieces/${id}/copy`, { method: 'POST' });
		if (!answer.ok) return announce(`${name} was not copied. ${answer.faults[0]!.message}`);
		const made = answer.value;
		announce(`${made.name} stands beside it.`, () => void take(made.id));
		await refreshPage();
	}

	/** In another window something may have been done meanwhile. */
	function comeBack(): void {
		if (document.visibilityState === 'visible') void refreshPage();
	}
</script>

<svelte:document onvisibilitychange={comeBack} />
<svelte:head><title>Pieces · Ember Ribbon</title></svelte:head>

<header class="paper flex items-baseline gap-4 border-x-0 border-t-0 px-8 py-4">
	<h1 class="text-2xl">Ember Ribbon</h1>
	<p class="text-ink-soft">the workshop's pieces</p>
</header>

<main class="flex items-start gap-8 p-8 max-narrow:flex-col max-narrow:p-4">
	{#if pieces.length > 0}
		<a class="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:px-4 focus:py-2" href="#name"
			>Past the pieces, to a new one</a
		>
	{/if}
	{#if pieces.length === 0}
		<section class="max-w-md self-center">
			<h2>No piece yet</h2>
			<p class="mt-2">
				A piece begins with a tape: its width, its height, and the chain of readings from the top down. Everything after that is worked out.
				Begin one here, or open a project file.
			</p>
		</section>
	{:else}
		<div class="min-w-0 flex-1">
			<ul class="flex flex-wrap items-end gap-x-8 gap-y-6">
				{#each pieces as piece (piece.id)}
					<PieceCard
						{piece}
						scale={PICTURE / tallest}
						oncopy={() => copy(piece.id, piece.name)}
						onremove={() => (removing = { id: piece.id, name: piece.name })}
					/>
				{/each}
			</ul>
			{#if ruler}
				<p class="mt-8 text-sm text-[#3f3a33]">
					<span class="block h-2 border-x border-b border-ink" style:width="{ruler.px}px" aria-hidden="true"></span>
					{ruler.text}, on every piece
				</p>
			{/if}
		</div>
	{/if}

	<div class="ml-auto w-[25rem] shrink-0 space-y-4 max-narrow:mx-auto max-narrow:w-full max-narrow:max-w-[25rem]">
		<BeginPiece {workshop} {busy} {faults} onadd={add} />
		<nav class="paper px-5 py-3 text-sm" aria-label="The workshop">
			<a class="touch block py-1.5 underline hover:text-ember-deep" href="/workshop">Workshop: schools, tins, tapes, air</a>
			<a class="touch inline-block py-1.5 underline hover:text-ember-deep" href="/copies">Copies of the workshop</a>
			<PieceBin bin={data.bin} onbringback={bringBack} />
		</nav>
	</div>
</main>

<Ask
	open={removing !== null}
	title="Take {removing?.name} out of the workshop?"
	says="It lies in the bin, with its steps, for thirty days on which the workshop is open, and can be brought back whole until then."
	onleave={() => (removing = null)}
>
	<div class="mt-4 flex gap-2">
		<button class="button" onclick={remove}>Take it out</button>
		<button class="button" onclick={() => (removing = null)}>Keep it</button>
	</div>
</Ask>
