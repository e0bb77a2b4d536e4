/** What a file begins with says what it is; nothing else is given to a decoder. Sources: JPEG (ITU-T T.81), PNG (ISO 15948), WebP (RFC 9649). */
export function kindOfPicture(bytes: Uint8Array): 'jpeg' | 'png' | 'webp' | null {
	const at = (place: number, text: string) => [...text].every((letter, i) => bytes[place + i] === letter.charCodeAt(0));
	if (at(0, '\xff\xd8\xff')) return 'jpeg';
	if (at(0, '\x89PNG\r\n\x1a\n')) return 'png';
	return at(0, 'RIFF') && at(8, 'WEBP') ? 'webp' : null;
}
