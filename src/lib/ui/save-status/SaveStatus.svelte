<script lang="ts">
	import { shortenName } from '$core/units';
	import { usePiece, type PieceRecord } from '$lib/ui/piece-state';
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import { Tip } from '$lib/ui/controls';

	const piece = usePiece();
	const saving = $derived(piece.saver.state);
	const clock = (at: Date) => at.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
	const words = $derived.by(() => {
		switch (saving.kind) {
			case 'saved':
				return saving.at ? `saved ${clock(saving.at)}` : 'saved';
			case 'saving':
				return 'saving';
			case 'waiting':
				return 'not saved yet';
			case 'stale':
			case 'gone':
				return 'not saved';
		}
	});
	let trouble: string | null = $state(null);

	async function takeTheirs(): Promise<void> {
		const answer = await askWorkshop<PieceRecord>(`/api/pieces/${piece.id}`);
		if (answer.ok) piece.takeSaved(answer.value);
		else trouble = answer.faults[0]!.message;
	}
	async function keepAsCopy(): Promise<void> {
		const copy = { ...piece.project, piece: { ...piece.project.piece, name: shortenName(`${piece.project.piece.name} (mine)`) } };
		const answer = await askWorkshop<{ id: string }>('/api/pieces', { method: 'POST', json: copy });
		if (!answer.ok) {
			trouble = `The copy could not be saved. ${answer.faults[0]!.message}`;
			return;
		}
		piece.saver.abandon();
		location.assign(`/pieces/${answer.value.id}/layout`);
	}
</script>

{#snippet status(props: Record<string, unknown>)}
	<span
		{...props}
		class="text-sm {saving.kind === 'waiting' || saving.kind === 'stale' || saving.kind === 'gone'
			? 'font-bold text-must'
			: 'text-ink-soft'}"
		role="status"
		data-save={saving.kind}>{words}</span
	>
{/snippet}
{#if saving.kind === 'waiting'}
	<Tip text={saving.why}>{#snippet children({ props })}{@render status(props)}{/snippet}</Tip>
	<span class="sr-only" role="alert">{saving.why}</span>
{:else}{@render status({})}{/if}

{#if saving.kind === 'stale' || saving.kind === 'gone'}
	{#await import('$lib/ui/controls/Ask.svelte') then { default: Ask }}
		<Ask
			open
			title={saving.kind === 'gone' ? 'This piece was taken out of the workshop' : 'This piece was changed in another window'}
			says={saving.kind === 'stale'
				? `The other window saved it at ${clock(saving.at)}. What you did here is not lost: choose which of the two goes on.`
				: 'What you did here can be kept as a piece of its own.'}
		>
			<div class="mt-4 flex flex-col items-start gap-2">
				{#if saving.kind === 'stale'}
					<button class="button" onclick={takeTheirs}>Go on with the other one</button>
					<button class="button" onclick={() => piece.saver.overwrite()}>Put mine in its place</button>
				{/if}
				<button class="button" onclick={keepAsCopy}>Keep mine as a piece of its own</button>
			</div>
			{#if trouble}<p class="fault mt-3" role="alert">{trouble}</p>{/if}
		</Ask>
	{/await}
{/if}
