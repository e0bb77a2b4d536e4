export { contextOf, PieceState, providePiece, usePiece, type PieceRecord, type Selection } from './PieceState.svelte';
export type { SaveState } from './Saver.svelte';
