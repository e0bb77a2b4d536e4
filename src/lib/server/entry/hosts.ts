/** By these names this machine calls itself; a page under another name may be one that was led here. */
const OWN: readonly string[] = ['127.0.0.1', 'localhost', '[::1]'];

/** The names by which the workshop may be called: those of this machine, and what its owner allows (`EMBER_HOSTS`, parted by commas). */
export function hostsOf(allowed: string | undefined): readonly string[] {
	return [
		...OWN,
		...(allowed ?? '')
			.split(',')
			.map((name) => name.trim().toLowerCase())
			.filter((name) => name !== '')
	];
}

/** Whether a request may be answered at all: it calls the workshop by a name of its own. */
export function isKnownHost(host: string | null, hosts: readonly string[]): boolean {
	return host !== null && hosts.includes(host.toLowerCase().replace(/:\d+$/, ''));
}

/** Whether what sends a change is a page of this workshop, or a program (which names no origin). */
export function isOwnOrigin(origin: string | null, host: string | null): boolean {
	return origin === null || (host !== null && [`http://${host}`, `https://${host}`].includes(origin.toLowerCase()));
}
