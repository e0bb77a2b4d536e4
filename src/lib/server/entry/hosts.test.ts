import { describe, expect, it } from 'vitest';
import { hostsOf, isKnownHost, isOwnOrigin } from './hosts';

describe('who may call the workshop', () => {
	it.each([
		['127.0.0.1:4173', true],
		['localhost:4173', true],
		['LOCALHOST', true],
		['[::1]:80', true],
		['localhost.elsewhere.example:4173', false],
		['elsewhere.example', false],
		['127.0.0.1.elsewhere.example', false],
		['bench.local:4173', false],
		[null, false]
	])('%s: %s', (host, known) => expect(isKnownHost(host, hostsOf(undefined))).toBe(known));

	it('by a name that its owner allows', () => {
		expect(isKnownHost('Bench.local:80', hostsOf(' bench.local , 10.0.0.4'))).toBe(true);
		expect(isKnownHost('', hostsOf(','))).toBe(false);
	});

	it.each([
		['http://localhost:4173', 'localhost:4173', true],
		['http://127.0.0.1:4173', '127.0.0.1:4173', true],
		[null, 'localhost:4173', true],
		['http://localhost:5000', 'localhost:4173', false],
		['http://elsewhere.example', 'localhost:4173', false],
		['null', 'localhost:4173', false]
	])('a change from %s at %s: %s', (origin, host, own) => expect(isOwnOrigin(origin, host)).toBe(own));
});
