import type { Coat } from '$core/layers';
import type { Component } from 'svelte';
import BaseFields from './BaseFields.svelte';
import BlendFields from './BlendFields.svelte';
import CastFields from './CastFields.svelte';
import GildingWaxFields from './GildingWaxFields.svelte';
import GlazeFields from './GlazeFields.svelte';
import PasteFields from './PasteFields.svelte';
import SandFields from './SandFields.svelte';
import ScuffFields from './ScuffFields.svelte';
import StencilFields from './StencilFields.svelte';
import StripeFields from './StripeFields.svelte';

/** Kinds whose panel is more than a list of fields (`asks.ts`). A new one is a component and a line here. */
export const KIND_FIELDS: { readonly [Kind in Coat['kind']]?: Component<{ coat: Extract<Coat, { kind: Kind }> }> } = {
	sand: SandFields,
	scuff: ScuffFields,
	base: BaseFields,
	blend: BlendFields,
	stencil: StencilFields,
	paste: PasteFields,
	cast: CastFields,
	stripe: StripeFields,
	glaze: GlazeFields,
	'gilding-wax': GildingWaxFields
};
