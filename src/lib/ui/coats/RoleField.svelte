<script lang="ts">
	import { whereOf, type Coat } from '$core/layers';
	import { Pick } from '$lib/ui/controls';
	import { usePiece } from '$lib/ui/piece-state';

	/** Which of the things that an arrangement lays a coat goes through; nothing where it lays but one. */
	let { coat }: { coat: Extract<Coat, { role?: string | undefined }> } = $props();
	const piece = usePiece();
	const ALL = '-';
	const roles = $derived([
		...new Set(piece.plan.items.filter(({ arrangement }) => arrangement === whereOf(coat).through).map(({ role }) => role))
	]);
	const words = (role: string) => role.replace('-', ' ');

	function choose(chosen: string): void {
		const next = { ...coat };
		if (chosen === ALL) delete next.role;
		else next.role = chosen;
		piece.setCoat(next);
	}
</script>

{#if roles.length > 1 || coat.role !== undefined}
	<Pick
		label="Goes through"
		value={coat.role ?? ALL}
		options={[
			{ value: ALL, text: 'all of it' },
			...[...new Set([...roles, ...(coat.role === undefined ? [] : [coat.role])])]
				.sort()
				.map((role) => ({ value: role, text: `${words(role)} only` }))
		]}
		onchange={choose}
	/>
{/if}
