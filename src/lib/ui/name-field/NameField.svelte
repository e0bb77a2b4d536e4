<script lang="ts">
	let { label, value, onchange }: { label: string; value: string; onchange: (name: string) => void } = $props();
	const id = $props.id();

	/** A name that is being emptied is kept until there is another: nothing goes without one. */
	function type(event: Event & { currentTarget: HTMLInputElement }): void {
		const name = event.currentTarget.value;
		if (name.trim()) onchange(name);
	}
</script>

<label class="label" for={id}>{label}</label>
<input {id} class="field" {value} maxlength="80" oninput={type} />
