import { arc } from './arc';
import { ellipse } from './ellipse';
import { line } from './line';
import type { Edge, EdgeKind } from './types';

/** Every kind of edge. A new one is a new file and a line here. */
const KINDS: { readonly [Kind in Edge['kind']]: EdgeKind<Extract<Edge, { kind: Kind }>> } = { line, arc, ellipse };

export function kindOf(edge: Edge): EdgeKind<Edge> {
	return KINDS[edge.kind] as unknown as EdgeKind<Edge>;
}
