<script lang="ts">
	interface Props {
		label: string;
		/** What the button says. */
		says?: string;
		accept: string;
		disabled?: boolean;
		onfile: (file: File) => void;
	}
	let { label, says = 'Choose a file', accept, disabled = false, onfile }: Props = $props();
	/** A file is held over it. */
	let over = $state(false);

	function take(file: File | undefined): void {
		if (file && !disabled) onfile(file);
	}
	function choose(input: HTMLInputElement): void {
		const file = input.files?.[0];
		/** The same file can be chosen again, mended. */
		input.value = '';
		take(file);
	}
	function drop(event: DragEvent): void {
		event.preventDefault();
		over = false;
		take(event.dataTransfer?.files[0]);
	}
</script>

<div
	class="border border-dashed px-2 py-1.5 {over ? 'border-ember bg-white' : 'border-rule-strong'}"
	role="presentation"
	ondragover={(event) => {
		event.preventDefault();
		over = true;
	}}
	ondragleave={() => (over = false)}
	ondrop={drop}
>
	<label class="block">
		<span class="label">{label}</span>
		<span class="mt-1 flex flex-wrap items-center gap-2">
			<input type="file" class="peer sr-only" {accept} {disabled} onchange={(event) => choose(event.currentTarget)} />
			<span
				class="button text-sm peer-focus-visible:outline-2 peer-focus-visible:outline-offset-2 peer-focus-visible:outline-ember peer-disabled:opacity-50"
				>{says}</span
			>
			<span class="note">or drop it here</span>
		</span>
	</label>
</div>
