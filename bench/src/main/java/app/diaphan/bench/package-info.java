/**
 * Measures quality and speed on the real program: {@link app.diaphan.bench.Bench} runs all of it or
 * the lines whose names begin with what is asked for. Nothing here is a test; docs/measured.md has
 * the figures.
 */
package app.diaphan.bench;
