import { readJson, refuse, refuseWith } from '$lib/server/answer';
import { findPiece, findSteps, removePiece, savePiece } from '$lib/server/services/pieces';
import { database } from '$lib/server/workshop';
import { json } from '@sveltejs/kit';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const MOST_STEPS = 400;
const StepsSchema = z
	.object({ keep: z.int().min(0), add: z.array(z.unknown()).max(MOST_STEPS), place: z.int().min(1) })
	.refine(({ keep, add, place }) => place <= keep + add.length);
const SaveSchema = z.object({ version: z.int(), document: z.unknown(), steps: StepsSchema.optional() });
const GONE = ['piece.gone', 'This piece is no longer in the workshop. Keep yours as a piece of its own.'] as const;

export const GET: RequestHandler = async ({ params }) => {
	const db = await database();
	const piece = await findPiece(db, params.id);
	return piece ? json({ ...piece, steps: await findSteps(db, piece.id) }) : refuseWith(404, ...GONE);
};

/** Saves over the version that was edited; 409 where it has moved on. */
export const PUT: RequestHandler = async ({ params, request }) => {
	const body = SaveSchema.safeParse(await readJson(request));
	if (!body.success) return refuseWith(400, 'save.shape', 'A save needs a version and a document. Reload the page.');
	const outcome = await savePiece(await database(), params.id, body.data.version, body.data.document, body.data.steps);
	switch (outcome.kind) {
		case 'saved':
			return json({ version: outcome.version, updatedAt: outcome.updatedAt });
		case 'stale':
			return json({ version: outcome.version, updatedAt: outcome.updatedAt, place: outcome.place }, { status: 409 });
		case 'gone':
			return refuseWith(404, ...GONE);
		case 'bad':
			return refuse(422, outcome.issues);
	}
};

export const DELETE: RequestHandler = async ({ params }) =>
	(await removePiece(await database(), params.id)) ? new Response(null, { status: 204 }) : refuseWith(404, ...GONE);
