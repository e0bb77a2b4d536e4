<script lang="ts">
	import { isRest, READING_ROLES, type MeasuredChain, type Reading, type ReadingRole, type SizeRule } from '$core/piece';
	import { formatFigure, formatFine } from '$core/units';
	import { Help, NumberField, Pick, Tip } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';
	import { changeChain, insertLink, removeLink } from './chainEdits';
	import ChainCheckNote from './ChainCheckNote.svelte';
	import ChainFields from './ChainFields.svelte';
	import ReadingField from './ReadingField.svelte';
	import { gradedIds, nameOf, readingOf } from './targets';

	interface Props {
		/** The link that it divides; null: the face. */
		of: string | null;
		chain: readonly Reading[];
		sizes: SizeRule;
		/** Links can be put in, taken out and called something else. */
		changing: boolean;
		next: string | null;
	}
	let { of, chain, sizes, changing, next }: Props = $props();
	const piece = usePiece();
	const unit = $derived(piece.project.units);
	const face = $derived(piece.face);
	const measured: MeasuredChain | undefined = $derived(face.chains.find((one) => one.of === of));
	const graded = $derived(gradedIds(piece.faceInput));
	const errorOf = (path: string) => piece.plan.errors.find((error) => error.path === path);
	const path = $derived(measured?.path ?? '');
	const hasFronts = $derived(chain.filter(({ role }) => role === 'drawer' || role === 'door').length > 1);
	const inches = $derived(unit === 'in');
	const taperOf = (i: number) => piece.plan.hints.find(({ code, path: at }) => code === 'gap.tapers' && at === `${path}[${i}].far`);

	const RULES: readonly { readonly value: SizeRule['rule']; readonly text: string }[] = [
		{ value: 'readings', text: 'each as read' },
		{ value: 'equal', text: 'all equal' },
		{ value: 'arithmetic', text: 'first given, growing evenly' },
		{ value: 'difference', text: 'each larger by' },
		{ value: 'geometric', text: 'each so many times the last' }
	];
	const ROLE_WORDS: Readonly<Partial<Record<ReadingRole, string>>> = { open: 'opening' };

	/** The last that is open of a chain that is else read: it need not be measured. */
	function mayBeRest(entry: Reading): boolean {
		const open = chain.filter(({ id, reading }) => reading === '' && !graded.has(id));
		return (
			(measured?.overall ?? null) !== null && chain.length > 1 && open.length === 1 && open[0]!.id === entry.id && sizes.rule === 'readings'
		);
	}
	function noteOf(i: number): string | undefined {
		const reading = measured?.readings[i];
		if (isRest(chain[i]!.reading) && reading && !reading.estimated) return `is ${formatFigure(reading.mm, unit, 0.1).text}`;
		const share = measured?.check?.shares[i] ?? 0;
		return Math.abs(share) >= 0.05
			? `${share > 0 ? '+' : '−'}${unit === 'in' ? formatFine(Math.abs(share), unit).text : `${Math.abs(share).toFixed(1)} mm`}`
			: undefined;
	}
	function worked(i: number): string | undefined {
		const reading = measured?.readings[i];
		return reading && graded.has(reading.id) ? formatFigure(reading.mm, unit, 0.1).text : undefined;
	}
	function setRule(rule: SizeRule['rule']): void {
		const figures: SizeRule =
			rule === 'arithmetic'
				? { rule, first: inches ? '5' : '120' }
				: rule === 'difference'
					? { rule, step: inches ? '3/4' : '20' }
					: rule === 'geometric'
						? { rule, ratio: 1.15 }
						: { rule };
		setSizes(figures);
	}
	function setSizes(next: SizeRule): void {
		piece.editFace((draft) => {
			if (of === null) draft.sizes = next;
			else readingOf(draft, of).split!.sizes = next;
		}, `sizes ${of}`);
	}
	function setFar(id: string, text: string): void {
		piece.editFace((draft) => {
			const entry = readingOf(draft, id);
			if (text.trim() === '') delete entry.far;
			else entry.far = text;
		}, `far ${id}`);
	}
</script>

<div class={of === null ? '' : 'mt-1 mb-2 ml-1 border-l-2 border-rule-strong pl-3'}>
	{#if of !== null}<p class="note">
			{nameOf(of, 'row', face, piece.faceInput)}, {measured?.along === 'across' ? 'from the left' : 'from the top'}:
		</p>{/if}
	{#if hasFronts}
		<div class="mb-1 grid grid-cols-[1fr_6.6rem] items-end gap-x-2">
			<Pick label={chain.some(({ role }) => role === 'door') ? 'Doors' : 'Drawers'} value={sizes.rule} options={RULES} onchange={setRule} />
			{#if sizes.rule === 'arithmetic'}<ReadingField
					wide
					label="The first"
					value={sizes.first}
					error={errorOf(`${path.replace(/chain$/, 'sizes')}.first`)}
					onchange={(first) => setSizes({ rule: 'arithmetic', first })}
				/>{:else if sizes.rule === 'difference'}<ReadingField
					wide
					label="Larger by"
					value={sizes.step}
					error={errorOf(`${path.replace(/chain$/, 'sizes')}.step`)}
					onchange={(step) => setSizes({ rule: 'difference', step })}
				/>{:else if sizes.rule === 'geometric'}<NumberField
					label="Times"
					value={sizes.ratio}
					min={0.5}
					max={2}
					onchange={(ratio) => setSizes({ rule: 'geometric', ratio })}
				/>{/if}
		</div>
	{/if}
	<div class="mt-2 space-y-1">
		{#each chain as entry, i (entry.id)}
			{@const name = nameOf(entry.id, entry.role, face, piece.faceInput)}
			<div class="flex items-start gap-2">
				<div class="min-w-0 flex-1">
					<ReadingField
						label={name}
						value={graded.has(entry.id) ? '' : entry.reading}
						error={graded.has(entry.id) ? undefined : errorOf(`${path}[${i}].reading`)}
						note={entry.role === 'gap' ? undefined : noteOf(i)}
						placeholder={worked(i)}
						disabled={graded.has(entry.id)}
						target={entry.id}
						next={next === entry.id}
						onchange={(text) => piece.editFace((draft) => void (readingOf(draft, entry.id).reading = text), `chain ${entry.id}`)}
					/>
				</div>
				{#if mayBeRest(entry)}<span class="flex items-center gap-1"
						><button
							class="button button-quiet !min-h-[32px] !px-1 text-sm whitespace-nowrap underline"
							onclick={() => piece.editFace((draft) => void (readingOf(draft, entry.id).reading = 'rest'))}
							aria-label="{name} is the rest">the rest</button
						><Help word="the rest" /></span
					>{/if}
				{#if entry.role === 'gap' && !changing}
					<div class="w-[6.4rem]">
						<ReadingField
							wide
							aside
							hideLabel
							label="{name}, at its other end"
							value={entry.far ?? ''}
							placeholder="other end"
							error={errorOf(`${path}[${i}].far`)}
							onchange={(text) => setFar(entry.id, text)}
						/>
					</div>
				{/if}
				{#if changing}
					<div class="w-[5.8rem]">
						<Pick
							label="What {name} is"
							hideLabel
							value={entry.role}
							options={READING_ROLES.map((role) => ({ value: role, text: ROLE_WORDS[role] ?? role }))}
							onchange={(role) => changeChain(piece, entry.id, role)}
						/>
					</div>
					<Tip text="One more after it" side="top">
						{#snippet children({ props })}
							<button {...props} class="button !px-2" aria-label="Put one in after {name}" onclick={() => insertLink(piece, entry.id)}
								>+</button
							>
						{/snippet}
					</Tip>
					<Tip text="Take it out" side="top">
						{#snippet children({ props })}
							<button
								{...props}
								class="button !px-2"
								aria-label="Take {name} out"
								disabled={of !== null && chain.length === 1}
								onclick={() => removeLink(piece, entry.id)}>−</button
							>
						{/snippet}
					</Tip>
				{/if}
			</div>
			{#if taperOf(i)}<p class="note border-l-4 border-ember pl-2">{taperOf(i)!.message}</p>{/if}
			{#if entry.split}<ChainFields of={entry.id} chain={entry.split.chain} sizes={entry.split.sizes} {changing} {next} />{/if}
		{/each}
	</div>
	<div class="mt-2" role="status"><ChainCheckNote {of} check={measured?.check ?? null} /></div>
</div>
