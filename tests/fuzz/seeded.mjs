import fc from '../../node_modules/fast-check/lib/fast-check.js'

/**
 * What the tests know as `fast-check`: drawn from one seed, so that a commit passes or fails the same everywhere.
 * `WHYALON_FUZZ_SEED=random` draws anew each time, a number draws what it drew.
 */
const asked = process.env.WHYALON_FUZZ_SEED ?? '20261202'
if (asked !== 'random') fc.configureGlobal({ seed: Number(asked) })

export default fc
