import { NEW_WORKSHOP, type WorkshopSettings } from '$core/project';
import { asc, desc, eq, gt, lt, lte, max, min, sql } from 'drizzle-orm';
import { workshopPlace, workshopSteps, type Database } from '../db';

/** What holds in the workshop, as a text of JSON (null: nothing was said yet), and where it stands among its steps; 0 is before the first. */
export interface StoredSettings {
	readonly document: string | null;
	readonly place: number;
	readonly first: number;
	readonly last: number;
}

/** Steps that are kept for undo. */
const KEPT = 100;

export async function findSettings(db: Database): Promise<StoredSettings> {
	const [at] = await db.select().from(workshopPlace);
	const place = at?.place ?? 0;
	const [row] = await db
		.select({ document: sql<string>`${workshopSteps.document}::text` })
		.from(workshopSteps)
		.where(eq(workshopSteps.place, place));
	const [ends] = await db.select({ first: min(workshopSteps.place), last: max(workshopSteps.place) }).from(workshopSteps);
	return { document: row?.document ?? null, place, first: ends?.first ?? 0, last: ends?.last ?? 0 };
}

/** The next step after the place at which it was read; what had been undone is gone. False where another window was quicker: nothing is changed. */
export async function saveSettings(db: Database, place: number, settings: WorkshopSettings): Promise<boolean> {
	return db.transaction(async (tx) => {
		const next = Math.max(1, place) + 1;
		if (!(await moveTo(tx as never, place, next))) return false;
		await tx.delete(workshopSteps).where(gt(workshopSteps.place, place));
		/** Before anything was said it stood as it begins: there the first change is taken back to. */
		if (place === 0) await tx.insert(workshopSteps).values({ place: 1, document: NEW_WORKSHOP });
		await tx.insert(workshopSteps).values({ place: next, document: settings });
		await tx.delete(workshopSteps).where(lte(workshopSteps.place, next - KEPT));
		return true;
	});
}

/** One step back or forth from a place; false where there is none, or another window was quicker. */
export async function stepSettings(db: Database, place: number, way: 'back' | 'forth'): Promise<boolean> {
	return db.transaction(async (tx) => {
		const [next] = await tx
			.select({ place: workshopSteps.place })
			.from(workshopSteps)
			.where(way === 'back' ? lt(workshopSteps.place, place) : gt(workshopSteps.place, place))
			.orderBy(way === 'back' ? desc(workshopSteps.place) : asc(workshopSteps.place))
			.limit(1);
		return next !== undefined && moveTo(tx as never, place, next.place);
	});
}

/** By its handle, from where it was read: false where it stands elsewhere by now. */
async function moveTo(tx: Database, from: number, to: number): Promise<boolean> {
	const [at] = await tx.select().from(workshopPlace);
	if ((at?.place ?? 0) !== from) return false;
	await tx
		.insert(workshopPlace)
		.values({ id: 1, place: to })
		.onConflictDoUpdate({ target: workshopPlace.id, set: { place: to } });
	return true;
}
