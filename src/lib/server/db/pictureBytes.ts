import { breathe } from '../breathe';
import type { Database } from './openWorkshop';

/** Bytes of a photograph kept in one row. */
const PART = 1 << 20;
/** How COPY writes rows in binary, before the first and after the last of them. Source: PostgreSQL, COPY, binary format. */
const HEAD = Uint8Array.from([...new TextEncoder().encode('PGCOPY\n'), 0xff, 0x0d, 0x0a, 0x00, 0, 0, 0, 0, 0, 0, 0, 0]);
const END = Uint8Array.from([0xff, 0xff]);

/** So that a name may stand in a command: COPY takes no parameters. */
function checked(picture: string): string {
	if (!/^[0-9a-f]{64}$/.test(picture)) throw new Error(`Not the name of a picture: ${picture}`);
	return picture;
}

/** One row: how many fields, and each with its length before it. */
function rowOf(fields: readonly Uint8Array[]): Uint8Array<ArrayBuffer>[] {
	const count = new Uint8Array(2);
	new DataView(count.buffer).setInt16(0, fields.length);
	return [
		count,
		...fields.flatMap((field) => {
			const length = new Uint8Array(4);
			new DataView(length.buffer).setInt32(0, field.length);
			return [length, field as Uint8Array<ArrayBuffer>];
		})
	];
}

function bytesOfInt(value: number): Uint8Array {
	const bytes = new Uint8Array(4);
	new DataView(bytes.buffer).setInt32(0, value);
	return bytes;
}

/**
 * Writes the bytes of a picture, a MiB a row, each row by itself, so that others are answered in between. Bytes never pass as parameters:
 * through the blob device they come in as they are. What an attempt before left half is taken out first.
 */
export async function writePictureBytes(db: Database, picture: string, bytes: Uint8Array): Promise<void> {
	const name = checked(picture);
	await db.$client.query('DELETE FROM picture_parts WHERE picture = $1', [name]);
	for (let part = 0; part * PART < bytes.length; part++) {
		await breathe();
		const row = rowOf([new TextEncoder().encode(name), bytesOfInt(part), bytes.subarray(part * PART, (part + 1) * PART)]);
		const blob = new Blob([HEAD, ...row, END]);
		await db.$client.query("COPY picture_parts (picture, part, bytes) FROM '/dev/blob' WITH (FORMAT binary)", [], { blob });
	}
	await breathe();
}

/** The bytes of a picture, part by part, as they are asked for. */
export async function* readPictureBytes(db: Database, picture: string, size: number): AsyncGenerator<Uint8Array> {
	const name = checked(picture);
	for (let part = 0; part * PART < size; part++) {
		const query = `COPY (SELECT bytes FROM picture_parts WHERE picture = '${name}' AND part = ${part}) TO '/dev/blob' WITH (FORMAT binary)`;
		await breathe();
		const { blob } = await db.$client.query(query);
		const row = new Uint8Array(await blob!.arrayBuffer());
		const at = HEAD.length + 2;
		if (row.length < at + 4) throw new Error(`Part ${part} of picture ${name} is missing.`);
		const length = new DataView(row.buffer).getInt32(at);
		yield row.subarray(at + 4, at + 4 + length);
	}
}
