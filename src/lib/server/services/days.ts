import { and, lt, sql, type AnyColumn, type SQL } from 'drizzle-orm';
import { daysOpen, type Database } from '../db';

/** Notes that the workshop was open on a day. */
export async function seeDay(db: Database, now: Date): Promise<void> {
	await db
		.insert(daysOpen)
		.values({ day: dayOf(now) })
		.onConflictDoNothing();
}

/** Whether a time is so many days ago, by the clock and by days on which the workshop was open: a clock that is wrong once lets nothing go. */
export function isDaysAgo(time: AnyColumn, days: number, now: Date): SQL {
	const before = new Date(now.getTime() - days * 86_400_000);
	return and(
		lt(time, before),
		sql`(SELECT count(*) FROM ${daysOpen} WHERE ${daysOpen.day} > ${time}::date AND ${daysOpen.day} <= ${dayOf(now)}::date) >= ${days}`
	)!;
}

const dayOf = (now: Date) => now.toISOString().slice(0, 10);
