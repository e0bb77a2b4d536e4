import type { Project } from '$core/project';

/** A project under trial while something is dragged. */
export class Drag {
	/** Shown and planned, not kept. */
	trial: Project | null = $state.raw(null);
	/** As the drag would leave it, for the picture alone: the plan is worked out when it is let go. */
	sketch: Project | null = $state.raw(null);

	end(): void {
		this.trial = null;
		this.sketch = null;
	}
}
