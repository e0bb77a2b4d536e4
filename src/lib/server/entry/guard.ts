import { hostsOf, isKnownHost, isOwnOrigin } from './hosts';

/** On every answer: it is what it says it is, it is not framed, and nobody is told where a link was followed from. */
export const GUARDS = [
	['x-content-type-options', 'nosniff'],
	['x-frame-options', 'DENY'],
	['referrer-policy', 'same-origin'],
	['cross-origin-resource-policy', 'same-origin']
] as const;

export interface Refusal {
	readonly status: number;
	readonly code: string;
	readonly message: string;
}

const HOSTS = hostsOf(process.env['EMBER_HOSTS']);

/**
 * Why a request is not answered; null where it is. The workshop answers to its own names only: a name of another site that was turned to this machine
 * could read all of it. A page of another site may lead here, and do nothing else: neither change anything nor show anything of it. Programs on this
 * machine send neither an origin nor a site, and are let in. `header` gives one by its name, null where it is not there.
 */
export function refuseRequest(method: string, header: (name: string) => string | null): Refusal | null {
	const host = header('host');
	if (!isKnownHost(host, HOSTS))
		return {
			status: 421,
			code: 'host.unknown',
			message: `This workshop does not answer to the name ${host ?? ''}. Its owner can allow it with EMBER_HOSTS.`
		};
	const changes = method !== 'GET' && method !== 'HEAD';
	if (changes && !isOwnOrigin(header('origin'), host))
		return { status: 403, code: 'origin.other', message: 'Only pages of this workshop may change it.' };
	const opens = method === 'GET' && header('sec-fetch-mode') === 'navigate' && header('sec-fetch-dest') === 'document';
	if (header('sec-fetch-site') === 'cross-site' && !opens)
		return { status: 403, code: 'site.other', message: 'Another site may lead here, and take nothing from here.' };
	return null;
}
