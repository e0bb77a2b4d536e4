// A thread on the sources, for work on them and for their tests; beside the built server lies the bundle.
import { register } from 'tsx/esm/api';

register();
await import('./worker.ts');
