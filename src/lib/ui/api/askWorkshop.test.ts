import { askWorkshop } from './askWorkshop';
import { afterEach, describe, expect, it, vi } from 'vitest';

const answer = (status: number, body: BodyInit | null) =>
	vi.stubGlobal(
		'fetch',
		vi.fn(() => Promise.resolve(new Response(body, { status })))
	);
afterEach(() => vi.unstubAllGlobals());

describe('the workshop is asked', () => {
	it('and what it gives is handed on', async () => {
		answer(201, '{"id":"a"}');
		expect(await askWorkshop('/api/pieces', { method: 'POST', json: { b: 1 } })).toEqual({ ok: true, status: 201, value: { id: 'a' } });
		expect(fetch).toHaveBeenCalledWith('/api/pieces', {
			method: 'POST',
			body: '{"b":1}',
			headers: { 'content-type': 'application/json' },
			keepalive: false,
			cache: 'no-store'
		});
	});

	it.each<[string, number, string, RegExp]>([
		['a refusal keeps its own words', 422, '{"errors":[{"code":"x","path":"a.b","message":"Too wide."}]}', /^Too wide\.$/],
		['too large', 413, 'no json', /Make it smaller/],
		['from another page', 403, '{}', /address that Ember Ribbon printed/],
		['gone', 404, '', /not in the workshop any more/],
		['broken inside, whatever it says', 500, '{"errors":[{"code":"x","path":"","message":"stack"}]}', /could not do it \(500\)/],
		['busy', 503, '', /is busy/],
		['under a name of another site', 421, '', /name in the address/],
		[
			'without room, in its own words',
			507,
			'{"errors":[{"code":"disk.full","path":"","message":"The disk is full (9 MB left)."}]}',
			/9 MB left/
		],
		['an answer that breaks off', 200, '{"id":', /does not answer/]
	])('%s', async (_, status, body, words) => {
		answer(status, body);
		const said = await askWorkshop('/api/x');
		expect(said.ok).toBe(false);
		expect(said.ok ? '' : said.faults[0]!.message).toMatch(words);
	});

	it('is asked again by itself while it is busy, and no more than twice', async () => {
		vi.useFakeTimers();
		const say = (status: number) => new Response('{"a":1}', { status });
		const asked = vi.fn<() => Promise<Response>>();
		vi.stubGlobal('fetch', asked);
		asked.mockImplementation(async () => say(asked.mock.calls.length < 2 ? 503 : 200));
		const second = askWorkshop('/api/x');
		await vi.advanceTimersByTimeAsync(400);
		expect([await second, asked.mock.calls.length]).toEqual([{ ok: true, status: 200, value: { a: 1 } }, 2]);
		asked.mockClear();
		asked.mockImplementation(async () => say(503));
		const never = askWorkshop('/api/x');
		await vi.advanceTimersByTimeAsync(5000);
		expect([(await never).status, asked.mock.calls.length]).toEqual([503, 3]);
		vi.useRealTimers();
	});

	it('and does not answer at all', async () => {
		vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no')));
		expect(await askWorkshop('/api/x')).toMatchObject({
			ok: false,
			status: null,
			faults: [{ message: expect.stringMatching(/does not answer/) }]
		});
	});

	it('an empty answer to a removal is one', async () => {
		answer(204, null);
		expect(await askWorkshop('/api/x', { method: 'DELETE' })).toMatchObject({ ok: true });
	});
});
