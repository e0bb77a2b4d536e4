export type { OpenedPiece, PieceRecord } from './History.svelte';
export { contextOf, PieceState, providePiece, usePiece } from './PieceState.svelte';
export type { FirstPlan, Waiting } from './Planning.svelte';
export type { SaveState } from './Saver.svelte';
export type { Held, Selection } from './View.svelte';
export { whereToPlan, type CardOfPlan } from './whereToPlan';
export { Drafts, type Unsaved } from './Drafts';
