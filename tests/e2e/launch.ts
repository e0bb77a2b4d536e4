/** Debian's Chromium, asking nobody outside. */
export const LAUNCH = {
	executablePath: process.env['EMBER_CHROMIUM'] ?? '/usr/bin/chromium',
	args: [
		'--no-sandbox',
		'--disable-gpu',
		'--disable-quic',
		'--no-first-run',
		'--disable-background-networking',
		'--disable-component-update',
		'--disable-sync'
	]
};
