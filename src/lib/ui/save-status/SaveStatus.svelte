<script lang="ts">
	import { usePiece, type PieceRecord } from '$lib/ui/piece-state';
	import { AlertDialog } from 'bits-ui';

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
		const response = await fetch(`/api/pieces/${piece.id}`).catch(() => null);
		if (response?.ok) piece.takeSaved((await response.json()) as PieceRecord);
		else trouble = 'The workshop does not answer. Try again in a moment.';
	}
	async function keepAsCopy(): Promise<void> {
		const copy = { ...piece.project, piece: { ...piece.project.piece, name: `${piece.project.piece.name} (mine)`.slice(0, 80) } };
		const response = await fetch('/api/pieces', {
			method: 'POST',
			headers: { 'content-type': 'application/json' },
			body: JSON.stringify(copy)
		}).catch(() => null);
		if (!response?.ok) {
			trouble = 'The copy could not be saved. Try again in a moment.';
			return;
		}
		const { id } = (await response.json()) as { id: string };
		piece.saver.abandon();
		location.assign(`/pieces/${id}/layout`);
	}
</script>

<span
	class="text-sm {saving.kind === 'waiting' || saving.kind === 'stale' || saving.kind === 'gone' ? 'font-bold text-must' : 'text-ink-soft'}"
	role="status"
	data-save={saving.kind}
	title={saving.kind === 'waiting' ? saving.why : undefined}
>
	{words}
</span>
{#if saving.kind === 'waiting'}<span class="sr-only" role="alert">{saving.why}</span>{/if}

<AlertDialog.Root open={saving.kind === 'stale' || saving.kind === 'gone'}>
	<AlertDialog.Portal>
		<AlertDialog.Overlay class="bg-black/40 fixed inset-0 z-40" />
		<AlertDialog.Content
			class="paper fixed top-1/2 left-1/2 z-50 w-[34rem] max-w-[92vw] -translate-x-1/2 -translate-y-1/2 p-6 shadow-xl"
			escapeKeydownBehavior="ignore"
		>
			<AlertDialog.Title class="font-head text-xl font-semibold"
				>{saving.kind === 'gone'
					? 'This piece was taken out of the workshop'
					: 'This piece was changed in another window'}</AlertDialog.Title
			>
			<AlertDialog.Description class="mt-2">
				{#if saving.kind === 'stale'}The other window saved it at {clock(saving.at)}. What you did here is not lost: choose which of the two
					goes on.{:else}What you did here can be kept as a piece of its own.{/if}
			</AlertDialog.Description>
			<div class="mt-4 flex flex-col items-start gap-2">
				{#if saving.kind === 'stale'}
					<button class="button" onclick={takeTheirs}>Go on with the other one</button>
					<button class="button" onclick={() => piece.saver.overwrite()}>Put mine in its place</button>
				{/if}
				<button class="button" onclick={keepAsCopy}>Keep mine as a piece of its own</button>
			</div>
			{#if trouble}<p class="fault mt-3" role="alert">{trouble}</p>{/if}
		</AlertDialog.Content>
	</AlertDialog.Portal>
</AlertDialog.Root>
