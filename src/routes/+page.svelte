<script lang="ts" module>
	/** One picture of each shape, drawn as its first face is before anyone has measured it; worked out once, not for each page. */
	const shapes = STARTERS.map((one) => {
		const { piece } = newProject({ name: one.name, units: 'mm', shape: one.id });
		return { ...one, face: measurePiece(piece, 'mm').faces[0]! };
	});
	const MINI = 42;
</script>

<script lang="ts">
	import { goto, invalidateAll } from '$app/navigation';
	import { newProject } from '$core/project';
	import { measurePiece, STARTERS } from '$core/piece';
	import { heightOnShelf, type PlanError, type Stage } from '$core/plan';
	import { formatLength, type LengthUnit } from '$core/units';
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import { Ask, Fold, NumberField, RadioRow } from '$lib/ui/controls';
	import { RadioGroup } from 'bits-ui';
	import { announce } from '$lib/ui/api/announce';
	import FaceMini from '$lib/ui/drawing/FaceMini.svelte';
	import WorkshopSlip from '$lib/ui/workshop/WorkshopSlip.svelte';
	import { WorkshopState } from '$lib/ui/workshop/WorkshopState.svelte';
	import { onMount } from 'svelte';

	let { data } = $props();

	type Listed = Pick<(typeof data.pieces)[number], 'id' | 'name' | 'version' | 'card' | 'cardVersion'>;
	type SoundCard = Extract<NonNullable<Listed['card']>, { kind: 'sound' }>;
	/** As the page came, then as it was looked at again. */
	let pieces: readonly Listed[] = $derived(data.pieces);
	/** All pictures at one scale: the tallest piece fills its card. */
	const tallest = $derived(Math.max(1, ...pieces.map(({ card }) => (card?.kind === 'sound' ? heightOnShelf(card) : 1))));
	const PICTURE = 230;

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
		const answer = await askWorkshop<readonly Listed[]>('/api/pieces');
		if (now !== data.pieces) return;
		pieces = answer.ok ? answer.value : [...pieces];
	}

	const STAGES: Readonly<Record<Stage, string>> = {
		measuring: 'being measured',
		'laying-out': 'being laid out',
		ordering: 'coats to put in order',
		ready: 'ready for the bench'
	};

	let name = $state('');
	const workshop = new WorkshopState();
	/** As the workshop measures, until another is picked. */
	let picked: LengthUnit | null = $state(null);
	const units = $derived(picked ?? workshop.settings?.units ?? 'mm');
	let shape = $state('chest');
	const starter = $derived(STARTERS.find(({ id }) => id === shape)!);
	let count: number | null = $state(null);
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
		if (answer.ok) await goto(`/pieces/${answer.value.id}/${then}`);
		else faults = answer.faults;
	}

	function begin(event: SubmitEvent): void {
		event.preventDefault();
		void add(
			JSON.stringify(newProject({ name: name.trim() || starter.name, units, count, shape, settings: workshop.settings ?? undefined })),
			'measure'
		);
	}

	async function open(input: HTMLInputElement): Promise<void> {
		const file = input.files?.[0];
		if (file) await add(await file.text(), 'layout');
		input.value = '';
	}

	async function remove(): Promise<void> {
		const { id } = removing!;
		removing = null;
		const answer = await askWorkshop(`/api/pieces/${id}`, { method: 'DELETE' });
		if (!answer.ok && answer.status !== 404) announce(`It was not taken out. ${answer.faults[0]!.message}`);
		await invalidateAll();
	}

	async function bringBack(id: string): Promise<void> {
		const answer = await askWorkshop(`/api/pieces/${id}/back`, { method: 'POST' });
		if (!answer.ok) announce(`It was not brought back. ${answer.faults[0]!.message}`);
		await invalidateAll();
	}
</script>

<svelte:head><title>Pieces · Ember Ribbon</title></svelte:head>

<header class="paper flex items-baseline gap-4 border-x-0 border-t-0 px-8 py-4">
	<h1 class="text-2xl">Ember Ribbon</h1>
	<p class="text-ink-soft">the workshop's pieces</p>
</header>

<main class="flex items-start gap-8 p-8">
	{#if pieces.length === 0}
		<section class="max-w-md self-center">
			<h2>No piece yet</h2>
			<p class="mt-2">
				A piece begins with a tape: its width, its height, and the chain of readings from the top down. Everything after that is worked out.
				Begin one here, or open a project file.
			</p>
		</section>
	{:else}
		<ul class="flex flex-1 flex-wrap items-end gap-x-8 gap-y-6">
			{#each pieces as piece (piece.id)}
				{#if piece.card?.kind === 'faulty'}
					{@render faulty(piece, piece.card.faults)}
				{:else}
					{@render sound(piece, piece.card?.kind === 'sound' ? piece.card : null)}
				{/if}
			{/each}
		</ul>
	{/if}

	<div class="ml-auto w-[25rem] shrink-0 space-y-4">
		<form class="paper p-5" onsubmit={begin}>
			<h2>A new piece</h2>
			<label class="label mt-3" for="name">Its name</label>
			<input id="name" class="field" bind:value={name} maxlength="80" placeholder="the hall chest" autocomplete="off" />
			<div class="mt-3">
				<RadioRow
					label="You measure in"
					value={units}
					options={[
						{ value: 'mm', text: 'millimetres' },
						{ value: 'in', text: 'inches' }
					]}
					onchange={(value) => (picked = value)}
				/>
			</div>
			<fieldset class="mt-3">
				<legend class="label">What it is like</legend>
				<RadioGroup.Root
					value={shape}
					onValueChange={(id) => {
						shape = id;
						count = null;
					}}
					aria-label="What it is like"
					class="mt-1 grid grid-cols-5 gap-x-1 gap-y-1"
				>
					{#each shapes as { id, name: title, face } (id)}
						<RadioGroup.Item value={id} class="group flex flex-col items-center" aria-label={title}>
							<span
								class="flex h-[47px] w-full items-end justify-center border-b-[3px] border-transparent pb-0.5 group-data-[state=checked]:border-ember"
							>
								<FaceMini {face} side={MINI} />
							</span>
							<span class="mt-0.5 text-center text-xs leading-tight group-hover:text-ember-deep group-data-[state=checked]:font-bold"
								>{title}</span
							>
						</RadioGroup.Item>
					{/each}
				</RadioGroup.Root>
				<p class="note mt-1 min-h-[2.4em]">{starter.about}</p>
			</fieldset>
			{#if starter.count}
				<div class="mt-3 w-24">
					<NumberField
						label={starter.count.of === 'drawers' ? 'Drawers' : 'Doors'}
						whole
						eager
						value={count ?? starter.count.start}
						min={starter.count.least}
						max={starter.count.most}
						onchange={(next) => (count = next)}
					/>
				</div>
			{/if}
			<button class="button button-ember mt-4 w-full justify-center" disabled={busy}>{busy ? 'StartSetting' : 'Begin measuring'}</button>
			<div class="mt-5 border-t border-rule pt-3">
				<label class="label" for="file">or open a project file</label>
				<input
					id="file"
					class="mt-1 block w-full text-sm"
					type="file"
					accept=".json,application/json"
					onchange={(event) => open(event.currentTarget)}
				/>
			</div>
			{#if faults.length > 0}
				<div class="mt-3 border-t-2 border-must pt-2" role="alert">
					<p class="fault font-bold">The file was not opened; nothing has changed.</p>
					<ul>
						{#each faults.slice(0, 6) as fault, i (i)}<li class="fault mt-1">
								<b class="break-all">{fault.path ? `${fault.path}: ` : ''}</b>{fault.message}
							</li>{/each}
					</ul>
					{#if faults.length > 6}<p class="fault mt-1">and {faults.length - 6} more.</p>{/if}
				</div>
			{/if}
		</form>
		<nav class="paper px-5 py-3 text-sm" aria-label="The workshop">
			<p class="py-1.5"><WorkshopSlip {workshop} /></p>
			<a class="inline-block py-1.5 underline hover:text-ember-deep" href="/copies">Copies of the workshop</a>
			{#if data.bin.length > 0}
				<Fold label="In the bin" says={data.bin.length.toString()}>
					<ul class="pb-1">
						{#each data.bin as { id, name, removedAt } (id)}
							<li class="flex items-baseline justify-between gap-2 border-t border-rule py-1">
								<span class="min-w-0 truncate">{name}</span>
								<span class="note whitespace-nowrap">{removedAt.toLocaleDateString()}</span>
								<button class="underline hover:text-ember-deep" onclick={() => bringBack(id)} aria-label="Bring back {name}"
									>bring back</button
								>
							</li>
						{/each}
					</ul>
					<p class="note pb-1">What lies here longer than thirty days on which the workshop was open is gone for good.</p>
				</Fold>
			{/if}
		</nav>
	</div>
</main>

{#snippet sound(piece: Listed, card: SoundCard | null)}
	{@const scale = PICTURE / tallest}
	<li class="group">
		<a
			href="/pieces/{piece.id}/{card?.stage === 'measuring' || piece.card?.kind === 'stopped' ? 'measure' : 'layout'}"
			class="block no-underline"
		>
			<span class="flex items-end">
				{#if card}
					<span
						class="block {card.stands ? 'border-b-[3px] border-ink' : ''} {card.isBox
							? 'bg-paper shadow-[0_1px_7px_#0006]'
							: 'drop-shadow-[0_1px_4px_#0006]'}"
						style:width="{card.width * scale}px"
						style:height="{card.height * scale}px"
					>
						<img class="block h-full w-full" src="/api/pieces/{piece.id}/card?of={piece.cardVersion}" alt="Picture of {piece.name}" />
					</span>
				{:else}
					<span
						class="flex h-[120px] w-[170px] items-center justify-center border border-dashed border-ink p-3 text-center text-sm text-[#2f2a24]"
						>{piece.card?.kind === 'stopped' ? 'its picture takes too long to be made' : 'its picture is being made'}</span
					>
				{/if}
			</span>
			<span class="mt-3 block font-head text-lg font-semibold group-hover:text-ember-deep">{piece.name}</span>
			{#if card}
				<span class="block text-sm">{STAGES[card.stage]}</span>
				<span class="block text-sm text-[#3f3a33]"
					>{card.estimated
						? 'not measured yet'
						: `${formatLength(card.width, card.units).text} × ${formatLength(card.height, card.units).text}`}</span
				>
			{/if}
		</a>
		{@render ways(piece)}
	</li>
{/snippet}

{#snippet faulty(piece: Listed, told: readonly { path: string; message: string }[])}
	<li class="paper max-w-[17rem] border-t-2 border-t-must p-3">
		<span class="block font-head text-lg font-semibold">{piece.name}</span>
		<p class="fault mt-1 font-bold">This piece is stored with a fault and cannot be shown.</p>
		<ul>
			{#each told.slice(0, 3) as fault, i (i)}<li class="fault mt-1">
					<b class="break-all">{fault.path ? `${fault.path}: ` : ''}</b>{fault.message}
				</li>{/each}
		</ul>
		<p class="note mt-1">Save its project file, put that right and open it; or take the piece out.</p>
		{@render ways(piece)}
	</li>
{/snippet}

{#snippet ways({ id, name }: Listed)}
	<span class="mt-1 flex gap-3 text-sm">
		<a class="text-[#3f3a33] underline hover:text-ember-deep" href="/pieces/{id}/file" download>project file</a>
		<button class="text-[#3f3a33] underline hover:text-ember-deep" onclick={() => (removing = { id, name })}>take out</button>
	</span>
{/snippet}

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
