import { LEAVING, readLeaving } from '$lib/leaving';
import { answerOrRefuse, jsonWith, LARGEST, readBody, refuse, refuseFaults, refuseTooLarge, refuseWith } from '$lib/server/answer';
import { findDocumentAfter, findSteps, removePiece, savePiece } from '$lib/server/services/pieces';
import { cardMaker, database, keep, pool } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const GONE = ['piece.gone', 'This piece is no longer in the workshop. Keep yours as a piece of its own.'] as const;

/** A piece as it is now, once a save is there that was begun as its page was left. */
export const GET: RequestHandler = async ({ params, cookies }) => {
	const db = await database();
	const stored = await findDocumentAfter(db, params.id, readLeaving(cookies.get(LEAVING), params.id));
	if (!stored) return refuseWith(404, ...GONE);
	return answerOrRefuse(async () => {
		const { document, ...known } = stored;
		const read = await pool().run('open', document, { isQuick: true });
		return read.ok ? jsonWith({ ...known, steps: await findSteps(db, stored.id) }, { document: read.document }) : refuseFaults(read.faults);
	});
};

/** Saves over the version that was edited; 409 where it has moved on. */
export const PUT: RequestHandler = async ({ params, request }) => {
	const body = await readBody(request, LARGEST.save);
	if (body === null) return refuseTooLarge(LARGEST.save);
	return answerOrRefuse(async () => {
		const read = await pool().run('readSave', body, { isQuick: true });
		if (read === null) return refuseWith(400, 'save.shape', 'A save needs a version and a document. Reload the page.');
		if (!read.ok) return refuse(422, read.issues);
		const outcome = await keep(body.length, (db) => savePiece(db, params.id, read.save));
		switch (outcome.kind) {
			case 'saved':
				cardMaker().wantLater(params.id);
				return json({ version: outcome.version, updatedAt: outcome.updatedAt });
			case 'stale':
				return json({ version: outcome.version, updatedAt: outcome.updatedAt, place: outcome.place }, { status: 409 });
			case 'gone':
				return refuseWith(404, ...GONE);
		}
	});
};

/** Puts it into the bin. */
export const DELETE: RequestHandler = async ({ params }) =>
	(await keep(0, (db) => removePiece(db, params.id))) ? new Response(null, { status: 204 }) : refuseWith(404, ...GONE);
