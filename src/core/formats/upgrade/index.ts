import { upgradeFrom1 } from './from1';
import { upgradeFrom2 } from './from2';
import { upgradeFrom3 } from './from3';
import { upgradeFrom4 } from './from4';
import { upgradeFrom5 } from './from5';
import { upgradeFrom6 } from './from6';
import { upgradeFrom7 } from './from7';

/** From each old version to the next. A new version is a new file and a line here. */
const UPGRADES: Readonly<Record<number, (document: Record<string, unknown>) => Record<string, unknown>>> = {
	1: upgradeFrom1,
	2: upgradeFrom2,
	3: upgradeFrom3,
	4: upgradeFrom4,
	5: upgradeFrom5,
	6: upgradeFrom6,
	7: upgradeFrom7
};

/** Brings a saved document to the version that is read now; one that is not known is given back as it is. */
export function upgradeProject<Document extends { readonly version?: unknown }>(document: Document): Document {
	let now: { readonly version?: unknown } = document;
	for (let upgrade = stepFrom(now.version); upgrade; upgrade = stepFrom(now.version)) now = upgrade(now as Record<string, unknown>);
	return now as Document;
}

function stepFrom(version: unknown) {
	return typeof version === 'number' && Object.hasOwn(UPGRADES, version) ? UPGRADES[version] : undefined;
}
