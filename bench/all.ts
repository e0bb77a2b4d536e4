import { benchColour } from './colour';
import { benchFlatWork } from './flatWork';
import { benchLays } from './lays';
import { benchLook } from './look';
import { benchMeasure } from './measure';
import { benchPlan } from './plan';
import { benchRunFit } from './runFit';
import { benchWaits } from './waits';

console.log('Medians, each pair timed in one run. See docs/bench.md for what is asked for.\n');
await benchRunFit();
await benchFlatWork();
await benchLays();
await benchMeasure();
await benchPlan();
await benchColour();
await benchLook();
await benchWaits();
