<script lang="ts">
	import { changesOfWorkshop, giveOwn, giveUpOwn, markOwn, setOwn, takeWorkshop, type SharedField } from '$core/project';
	import { Fold, Pop } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { onMount } from 'svelte';
	import { useWorkshop } from './store';
	import { WorkshopState } from './WorkshopState.svelte';
	import SchoolPicks from './SchoolPicks.svelte';
	import WorkshopFields from './WorkshopFields.svelte';
	import { FIELD_NAMES, wordShared } from './wordShared';

	/** What holds where this piece is painted: its copy of the workshop, and where the two differ. */
	const piece = usePiece();
	const workshop = useWorkshop() ?? new WorkshopState();
	onMount(() => {
		const look = () => document.visibilityState === 'visible' && void workshop.load();
		void workshop.load();
		document.addEventListener('visibilitychange', look);
		return () => document.removeEventListener('visibilitychange', look);
	});
	const now = $derived(workshop.settings);
	const changed = $derived(now === null ? [] : changesOfWorkshop(piece.project, now));
	const own = $derived(piece.project.workshop.own ?? []);
	const names = (fields: readonly SharedField[]) => fields.map((field) => FIELD_NAMES[field]).join(', ');

	/** What this piece has of its own is what the workshop has from now on. */
	async function giveToWorkshop(): Promise<void> {
		if (now === null) return;
		await workshop.change(giveOwn(piece.project, now));
		if (workshop.faults.length === 0) piece.replace(giveUpOwn(piece.project, now));
	}
</script>

<Pop
	label={changed.length > 0 ? 'Conditions changed' : 'Conditions'}
	look="button button-quiet text-sm {changed.length > 0 ? 'font-bold' : ''}"
>
	<div class="max-h-[75vh] w-72 space-y-2 overflow-y-auto">
		{#if changed.length > 0 && now !== null}
			<div class="border-b border-rule pb-2">
				<p class="text-sm">The workshop is not as this piece has it: {changed.map((field) => wordShared(field, now)).join(', ')}.</p>
				<div class="mt-1 flex flex-wrap gap-2">
					<button class="button text-sm" onclick={() => piece.replace(takeWorkshop(piece.project, now))}>Take that for this piece</button>
					<button class="button button-quiet text-sm" onclick={() => piece.replace(markOwn(piece.project, changed))}
						>Keep it as it is</button
					>
				</div>
			</div>
		{/if}
		<WorkshopFields
			value={piece.project.workshop}
			onchange={({ units: _units, materials: _materials, ...change }, together = '') =>
				piece.replace(setOwn(piece.project, change), together)}
		/>
		<Fold label="Schools, for this piece">
			<div class="mt-1 space-y-2">
				<SchoolPicks
					value={piece.project.workshop.schools ?? {}}
					onchange={(schools) => piece.replace(setOwn(piece.project, { schools }))}
				/>
			</div>
		</Fold>
		{#each piece.plan.hints.filter(({ path }) => path.startsWith('workshop')) as hint (hint.code)}<p class="fault">{hint.message}</p>{/each}
		<p class="note">Cold and damp slow drying; every wait follows. What is changed here holds for this piece.</p>
		{#if own.length > 0}
			<div class="border-t border-rule pt-2">
				<p class="text-sm">This piece has its own: {names(own)}.</p>
				<div class="mt-1 flex flex-wrap gap-2">
					{#if now !== null}<button class="button text-sm" onclick={() => piece.replace(giveUpOwn(piece.project, now))}
							>As the workshop has it</button
						>{/if}
					<button class="button button-quiet text-sm" onclick={giveToWorkshop}>Let it hold for the workshop</button>
				</div>
			</div>
		{/if}
		{#each workshop.faults as fault (fault.code)}<p class="fault" role="alert">{fault.message}</p>{/each}
	</div>
</Pop>
