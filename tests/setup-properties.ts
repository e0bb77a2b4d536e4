import fc from 'fast-check';

/**
 * Properties go another way each day, and all day the same; a failure prints its seed, and `EMBER_SEED=N npx vitest run FILE` goes that way
 * again. What is submitted is judged by one seed (`.ci/run`), not by its day.
 */
fc.configureGlobal({ seed: Number(process.env.EMBER_SEED ?? Math.floor(Date.now() / 86_400_000)) });
