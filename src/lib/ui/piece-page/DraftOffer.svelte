<script lang="ts">
	import { PROJECT_VERSION } from '$core/project';
	import { shortenName } from '$core/units';
	import { askWorkshop } from '$lib/ui/api/askWorkshop';
	import { Ask } from '$lib/ui/controls';
	import { usePiece, type Unsaved, type Drafts } from '$lib/ui/piece-state';

	/** Edits that a window of this browser had not saved when it went: beside what the workshop has, and never over it by itself. */
	let { drafts, key, draft, savedAt, ondone }: { drafts: Drafts; key: string; draft: Unsaved; savedAt: Date; ondone: () => void } =
		$props();
	const piece = usePiece();
	const when = (at: Date) => at.toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' });
	/** Of another version of the program it is read by the workshop first. */
	const isOfNow = $derived(draft.document.version === PROJECT_VERSION);
	let trouble: string | null = $state(null);

	async function takeUp(): Promise<void> {
		piece.takeUp(draft);
		await letGo();
	}
	async function keepAsOther(): Promise<void> {
		const named = { ...draft.document, piece: { ...draft.document.piece, name: shortenName(`${draft.document.piece.name} (not saved)`) } };
		const answer = await askWorkshop('/api/pieces', { method: 'POST', json: named });
		if (answer.ok) await letGo();
		else trouble = `It could not be kept. ${answer.faults[0]!.message}`;
	}
	async function letGo(): Promise<void> {
		await drafts.drop(key);
		ondone();
	}
</script>

<Ask
	open
	title="Not all of it was saved"
	says="On {when(
		new Date(draft.at)
	)} a window of this browser was closed before the workshop had saved what was done in it. The workshop has this piece as it was saved on {when(
		savedAt
	)}, and shows it now."
>
	<div class="mt-4 flex flex-col items-start gap-2">
		{#if isOfNow}<button class="button" onclick={takeUp}>Go on with what was not saved (undo brings this back)</button>{/if}
		<button class="button" onclick={keepAsOther}>Keep what was not saved as a piece of its own</button>
		<button class="button" onclick={letGo}>Let it go, and stay with this</button>
	</div>
	{#if trouble}<p class="fault mt-3" role="alert">{trouble}</p>{/if}
</Ask>
