/// The bench: a line is typed, drawn, judged and mended.
///
/// [onebeat.desktop.bench.Bench] is the station; [onebeat.desktop.bench.Corner] shows the findings with their mends.
@NullMarked
package onebeat.desktop.bench;

import org.jspecify.annotations.NullMarked;
