/**
 * Flags of V8 for a server that lives for the length of a test: the database is WebAssembly, and compiling all of it well takes longer
 * than what a test asks of it. Nothing else is changed by them.
 */
export const SHORT_LIVED = ['--liftoff-only', '--wasm-lazy-compilation'] as const;
