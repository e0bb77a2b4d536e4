import { PGlite } from '@electric-sql/pglite';
import { NodeFS } from '@electric-sql/pglite/nodefs';
import { closeSync, fdatasyncSync, fsyncSync, openSync } from 'node:fs';

/** What of the file system that PGlite is compiled with is used here. */
interface Stream {
	readonly node: object;
	readonly nfd?: number | null;
}
interface NodeFiles {
	readonly stream_ops: { fsync?: (stream: Stream) => number };
	realPath(node: object): string;
}

/** Told of each file or folder that has been brought to the disk, by its path. */
export type Synced = (path: string) => void;

/** A folder is opened by no number there. */
function syncFolderNow(path: string): void {
	const folder = openSync(path, 'r');
	try {
		fsyncSync(folder);
	} finally {
		closeSync(folder);
	}
}

/** EIO, as the program that PGlite is compiled to counts them: nothing may be thrown through it. */
const BROKEN = 29;

/** Files of a folder, brought to the disk itself when the database asks for it: PGlite's own leave that out. */
class SyncedFiles extends NodeFS {
	constructor(
		directory: string,
		private readonly synced: Synced
	) {
		super(directory);
	}

	override async init(...given: Parameters<NodeFS['init']>): ReturnType<NodeFS['init']> {
		const { emscriptenOpts, ...rest } = await super.init(...given);
		const hook = (module: object) => {
			const { NODEFS: files } = module as { readonly NODEFS: NodeFiles };
			files.stream_ops.fsync = ({ node, nfd }) => {
				const path = files.realPath(node);
				try {
					if (typeof nfd === 'number') fdatasyncSync(nfd);
					else syncFolderNow(path);
				} catch (error) {
					console.error(`The disk did not take ${path}:`, error instanceof Error ? error.message : error);
					return BROKEN;
				}
				this.synced(path);
				return 0;
			};
		};
		return { ...rest, emscriptenOpts: { ...emscriptenOpts, preRun: [...(emscriptenOpts.preRun ?? []), hook] } };
	}
}

/** `-F`: bring nothing to the disk. */
const START = PGlite.defaultStartParams.filter((word) => word !== '-F');
/** The other way, by which PGlite's files cannot be brought there. */
const BY_FSYNC = 'wal_sync_method = fsync';

/** Opens a database in a folder. What it answers for is on the disk itself, and so is what a checkpoint takes for written: it comes back whole after a power cut. */
export function openSynced(directory: string, settings: readonly string[], synced: Synced = () => {}): Promise<PGlite> {
	return PGlite.create({ fs: new SyncedFiles(directory, synced), startParams: START, postgresqlconf: [...settings, BY_FSYNC] });
}
