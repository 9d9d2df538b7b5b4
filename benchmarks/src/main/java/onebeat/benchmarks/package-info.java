/// Benchmarks: how fast a line is read, played and reviewed, told as ratios within one run.
///
/// [onebeat.benchmarks.Main] runs them and prints the ratios. They are no tests: nothing fails for being slow.
package onebeat.benchmarks;
