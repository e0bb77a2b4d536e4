export { default as Choice } from './Choice.svelte';
export { default as Slide } from './Slide.svelte';
