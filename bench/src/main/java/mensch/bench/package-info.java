/** Benchmarks of core, apart from the tests. */
package mensch.bench;
