import { getContext, setContext } from 'svelte';
import type { WorkshopState } from './WorkshopState.svelte';

const KEY = Symbol('workshop');

/** The workshop of this page, as its server has it. */
export function provideWorkshop(workshop: WorkshopState): WorkshopState {
	return setContext(KEY, workshop);
}

/** Null where a component stands by itself. */
export function useWorkshop(): WorkshopState | null {
	return getContext<WorkshopState | undefined>(KEY) ?? null;
}
