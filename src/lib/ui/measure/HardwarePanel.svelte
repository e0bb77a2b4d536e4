<script lang="ts">
	import { freeId } from '$core/layers';
	import { doesMove, HARDWARE, type Hardware } from '$core/piece';
	import { formatFigure } from '$core/units';
	import { Fold, Pick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import HardwareFields from './HardwareFields.svelte';

	const piece = usePiece();
	const face = $derived(piece.faceInput);
	const fronts = $derived(piece.face.parts.filter(doesMove));
	let chosen = $state('every');
	const forFront = $derived(fronts.some(({ id }) => id === chosen) ? chosen : 'every');
	const own = $derived(forFront !== 'every' && face.exceptions[forFront] !== undefined);
	const hardware = $derived(forFront === 'every' ? face.hardware : (face.exceptions[forFront] ?? face.hardware));
	/** The face itself too: a lock in the front of a box. */
	const places = $derived([...piece.face.parts.filter(({ role }) => role !== 'open'), piece.face.whole]);
	const every = $derived(
		new Set(fronts.map(({ role }) => role)).size > 1 ? 'every drawer and door' : fronts[0]?.role === 'door' ? 'every door' : 'every drawer'
	);

	function set(next: Hardware): void {
		piece.editHardware((draft) => {
			if (forFront === 'every') draft.hardware = next;
			else draft.exceptions[forFront] = next;
		}, `hardware ${forFront}`);
	}
	function addFitting(): void {
		const id = freeId('fitting', face.fittings);
		justAdded = id;
		const tape = (mm: number) => formatFigure(mm, piece.project.units).text;
		const on = fronts.length > 0 ? ('fronts' as const) : [places[0]!.id];
		piece.editHardware(
			(draft) =>
				void draft.fittings.push({
					id,
					on,
					hardware: {
						kind: 'keyhole',
						across: { rule: 'middle' },
						down: { rule: 'top', distance: tape(30) },
						holes: { old: 'keep' },
						room: 'clear',
						width: tape(8),
						height: tape(20)
					}
				})
		);
	}
	let justAdded: string | null = $state(null);
	function wordFitting({ on, hardware }: (typeof face.fittings)[0]): string {
		const what = hardware.kind === 'none' ? 'nothing' : HARDWARE[hardware.kind].plural;
		const where =
			typeof on === 'string'
				? on === 'fronts'
					? every
					: `every ${on.slice(0, -1)}`
				: on.map((id) => places.find((part) => part.id === id)?.name ?? id).join(', ');
		return `${what[0]!.toUpperCase()}${what.slice(1)} on ${where}`;
	}
	function onOptions(on: (typeof face.fittings)[0]['on']): { value: string; text: string }[] {
		const has = (role: string) => fronts.some((front) => front.role === role);
		return [
			...(fronts.length > 0 ? [{ value: 'fronts', text: every }] : []),
			...(has('drawer') ? [{ value: 'drawers', text: 'drawers' }] : []),
			...(has('door') ? [{ value: 'doors', text: 'doors' }] : []),
			...places.map((part) => ({ value: part.id, text: part.role === 'face' ? `${part.name}, itself` : `${part.name} only` })),
			...(onValue(on) === 'some' ? [{ value: 'some', text: `${on.length} parts` }] : [])
		];
	}
	const onValue = (on: (typeof face.fittings)[0]['on']) => (typeof on === 'string' ? on : on.length === 1 ? on[0]! : 'some');
</script>

{#if fronts.length > 0}
	<div class="space-y-2">
		<Pick
			label="On"
			value={forFront}
			options={[
				{ value: 'every', text: every },
				...fronts.map((front) => ({ value: front.id, text: `${front.name} only${face.exceptions[front.id] ? ' (differs)' : ''}` }))
			]}
			onchange={(front) => (chosen = front)}
		/>
		{#if own}<button
				class="button button-quiet text-sm underline"
				onclick={() => piece.editHardware((draft) => void delete draft.exceptions[forFront])}>as on {every}</button
			>{/if}
		<HardwareFields
			{hardware}
			path={own ? `exceptions.${forFront}` : 'hardware'}
			kinds={['knob', 'pull', 'plate', 'none']}
			onchange={set}
		/>
	</div>
{:else}
	<p class="note">No drawer and no door on this face.</p>
{/if}

<h3 class="mt-5">What stands on it besides</h3>
<p class="note">Keyholes, plates, hinges: measured from the edges of the part they are on.</p>
{#each face.fittings as fitting, i (fitting.id)}
	<div class="mt-2 border border-rule-strong bg-white px-3 py-1">
		<Fold
			label={wordFitting(fitting)}
			open={justAdded === fitting.id ||
				piece.plan.errors.some(({ path }) => path.startsWith(`piece.faces[${piece.faceAt}].fittings[${i}]`))}
		>
			<div class="mt-2 mb-2 flex items-end gap-2">
				<div class="min-w-0 flex-1">
					<Pick
						label="On"
						value={onValue(fitting.on)}
						options={onOptions(fitting.on)}
						onchange={(value) =>
							piece.editHardware(
								(draft) => void (draft.fittings[i]!.on = value === 'drawers' || value === 'doors' || value === 'fronts' ? value : [value])
							)}
					/>
				</div>
				<button
					class="button text-sm"
					onclick={() => piece.editHardware((draft) => void (draft.fittings = draft.fittings.filter(({ id }) => id !== fitting.id)))}
					>Take it out</button
				>
			</div>
			<HardwareFields
				hardware={fitting.hardware}
				path="fittings[{i}].hardware"
				kinds={['keyhole', 'plate', 'hinge', 'knob', 'pull']}
				onchange={(hardware) => piece.editHardware((draft) => void (draft.fittings[i]!.hardware = hardware), `fitting ${fitting.id}`)}
			/>
		</Fold>
	</div>
{/each}
<button class="button mt-2" onclick={addFitting}>Add a fitting</button>
