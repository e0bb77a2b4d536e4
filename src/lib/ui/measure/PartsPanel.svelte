<script lang="ts">
	import { freeId } from '$core/layers';
	import { PART_ROLES, type PlacedPart, type SetOff } from '$core/piece';
	import { formatLength } from '$core/units';
	import { Help, Pick } from '$lib/ui/controls';
	import NameField from '$lib/ui/name-field/NameField.svelte';
	import { usePiece } from '$lib/ui/piece-state';
	import { takenIds } from './chainEdits';
	import OutlineFields from './OutlineFields.svelte';
	import ReadingField from './ReadingField.svelte';
	import SetOffFields from './SetOffFields.svelte';
	import { readingOf } from './targets';

	const piece = usePiece();
	const face = $derived(piece.faceInput);
	const measured = $derived(piece.face);
	const inches = $derived(piece.project.units === 'in');
	const at = $derived(face.parts.findIndex(({ id }) => id === piece.view.part));
	const part = $derived(at >= 0 ? face.parts[at] : undefined);
	const worked = $derived(measured.parts.find(({ id }) => id === part?.id));
	/** A link of the chain that is picked on the drawing: a drawer or a door may stand otherwise than the rest. */
	const picked = $derived(measured.parts.find(({ id }) => id === piece.view.part));
	const link = $derived.by(() => {
		if (part || (picked?.role !== 'drawer' && picked?.role !== 'door') || face.parts.some(({ id }) => id === picked.id)) return null;
		return readingOf(face as never, picked.id);
	});
	const hosts = $derived([
		{ id: measured.id, name: 'the face' },
		...measured.parts.filter(({ id, role }) => id !== part?.id && role !== 'rail' && role !== 'open').map(({ id, name }) => ({ id, name }))
	]);
	const hasFronts = $derived(measured.parts.some(({ role }) => role === 'drawer' || role === 'door'));
	const write = (mm: number) => formatLength(mm, piece.project.units).text;
	const error = (field: string) => piece.errorAt(`parts[${at}].${field}`);

	function add(): void {
		const on =
			picked && hosts.some(({ id }) => id === picked.id)
				? picked.id
				: (measured.parts.find(({ role }) => role === 'door')?.id ?? measured.id);
		const margin = inches ? '2' : '50';
		const id = freeId('panel', takenIds(piece));
		const count = face.parts.filter(({ role }) => role === 'panel').length + 1;
		piece.changeFace(
			(draft) =>
				void draft.parts.push({
					id,
					name: `Panel ${count}`,
					role: 'panel',
					on,
					place: { rule: 'inset', left: margin, top: margin, right: margin, bottom: margin },
					outline: { shape: 'rectangle' },
					setOff: { way: 'recessed', by: inches ? '1/4' : '6' }
				})
		);
		piece.view.part = id;
	}
	function set(recipe: (draft: PlacedPart) => void, together = ''): void {
		const id = part!.id;
		piece.editFace((draft) => recipe(draft.parts.find((other) => other.id === id)! as PlacedPart), together && `${together} ${id}`);
	}
	function setRule(rule: 'inset' | 'box'): void {
		const host = measured.parts.find(({ id }) => id === worked?.on) ?? measured.whole;
		if (!worked) return;
		const f = (mm: number) => write(Math.max(0, mm)).replace(/ (mm|in)$/, '');
		const [left, top] = [f(worked.x - host.x), f(worked.y - host.y)];
		set((draft) => {
			draft.place =
				rule === 'box'
					? { rule, left, top, width: f(worked.width), height: f(worked.height) }
					: {
							rule,
							left,
							top,
							right: f(host.width - (worked.x - host.x) - worked.width),
							bottom: f(host.height - (worked.y - host.y) - worked.height)
						};
		});
	}
	/** The others of its kind take its figures: one setting for all panels, each still free to differ. */
	function spread(): void {
		const model = part!;
		piece.editFace((draft) => {
			for (const other of draft.parts)
				if (other.role === model.role && other.id !== model.id)
					Object.assign(other, {
						place: structuredClone($state.snapshot(model.place)),
						outline: structuredClone($state.snapshot(model.outline)),
						setOff: { ...model.setOff }
					});
		});
	}
	function remove(): void {
		const id = part!.id;
		piece.changeFace((draft) => void (draft.parts = draft.parts.filter((other) => other.id !== id)));
		piece.view.part = null;
	}
	function setLinkOff(setOff: SetOff | null): void {
		const id = picked!.id;
		piece.editFace((draft) => {
			const entry = readingOf(draft, id);
			if (setOff === null) delete entry.setOff;
			else entry.setOff = setOff;
		}, `off ${id}`);
	}
	const FIGURES = { inset: ['left', 'top', 'right', 'bottom'], box: ['left', 'top', 'width', 'height'] } as const;
	const ROLES: Readonly<Record<string, string>> = { panel: 'panel', board: 'applied board' };
</script>

<h2>Parts on {measured.name.toLowerCase()}</h2>
{#if hasFronts}
	<div class="mt-2">
		<SetOffFields
			label="Drawers and doors stand"
			value={face.fronts}
			error={piece.errorAt('fronts.by')}
			onchange={(fronts) => piece.editFace((draft) => void (draft.fronts = fronts), 'fronts')}
		/>
	</div>
{/if}
<ul class="mt-2">
	{#each measured.parts as one (one.id)}
		<li class="border-t border-rule">
			<button
				class="flex w-full items-baseline justify-between gap-3 py-1 text-left text-sm hover:text-ember-deep {piece.view.part === one.id
					? 'font-bold text-ember-deep'
					: ''}"
				aria-pressed={piece.view.part === one.id}
				onclick={() => (piece.view.part = piece.view.part === one.id ? null : one.id)}
			>
				<span class={one.on ? 'pl-4' : ''}>{one.name}{one.setOff === 0 ? '' : one.setOff > 0 ? ', proud' : ', recessed'}</span>
				<span class="text-ink-soft">{write(one.width)} × {write(one.height)}</span>
			</button>
		</li>
	{/each}
</ul>
<button class="button mt-2" onclick={add}>Lay a part on {picked && picked.role !== 'rail' ? picked.name : 'it'}</button>
<p class="note mt-1">Panels, mouldings, grooves, carving: what lies on a front, a side or another part.</p>

{#if link && picked}
	<section class="mt-4 border border-rule-strong bg-white p-3" aria-label={picked.name}>
		<h3>{picked.name}</h3>
		<SetOffFields label="It stands" value={link.setOff ?? face.fronts} error={undefined} onchange={(setOff) => setLinkOff(setOff)} />
		{#if link.setOff}<button class="button button-quiet text-sm underline" onclick={() => setLinkOff(null)}>as the others do</button>{/if}
	</section>
{/if}
{#if part}
	<section class="mt-4 border border-rule-strong bg-white p-3" aria-label={part.name}>
		<div class="grid grid-cols-2 gap-2">
			<div>
				<NameField label="Name" value={part.name} onchange={(name) => set((draft) => void (draft.name = name), 'name')} />
			</div>
			<div>
				<Pick
					label="It is a"
					value={part.role}
					options={PART_ROLES.map((role) => ({ value: role, text: ROLES[role] ?? role }))}
					onchange={(role) => set((draft) => void (draft.role = role))}
				/>
			</div>
			<div>
				<Pick
					label="It lies on"
					value={part.on}
					options={hosts.map(({ id, name }) => ({ value: id, text: name }))}
					onchange={(on) => set((draft) => void (draft.on = on))}
				/>
			</div>
			<div>
				<Pick
					label="Measured by"
					value={part.place.rule}
					options={[
						{ value: 'inset', text: 'its margins' },
						{ value: 'box', text: 'its place and size' }
					]}
					onchange={setRule}
				/>
			</div>
		</div>
		<div class="mt-2 grid grid-cols-4 gap-2">
			{#each FIGURES[part.place.rule] as figure (figure)}
				{#if !(part.outline.shape === 'circle' && figure === 'height')}
					<ReadingField
						wide
						label={figure}
						value={(part.place as unknown as Record<string, string | number>)[figure]!}
						error={error(`place.${figure}`)}
						onchange={(text) => set((draft) => void ((draft.place as Record<string, unknown>)[figure] = text), figure)}
					/>
				{/if}
			{/each}
		</div>
		{#if error('place')}<p class="fault mt-1">{error('place')!.message}</p>{/if}
		{#if error('on')}<p class="fault mt-1">{error('on')!.message}</p>{/if}
		<OutlineFields
			outline={part.outline}
			path="parts[{at}].outline"
			{...worked ? { worked: worked.outline, size: worked } : {}}
			onchange={(outline, together) => set((draft) => void (draft.outline = outline), together)}
		/>
		<div class="mt-2">
			<SetOffFields
				label="It stands"
				value={part.setOff}
				error={error('setOff.by')}
				onchange={(setOff) => set((draft) => void (draft.setOff = setOff), 'off')}
			/>
		</div>
		<div class="mt-2 flex flex-wrap gap-2">
			{#if face.parts.filter(({ role }) => role === part.role).length > 1}<button class="button text-sm" onclick={spread}
					>Every {ROLES[part.role] ?? part.role} like this one</button
				>
				<Help word="same for all" />{/if}
			<button class="button text-sm" onclick={remove}>Take it out</button>
		</div>
	</section>
{/if}
