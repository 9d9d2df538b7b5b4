/// The first hour: what is shown while no camp is open, how a new camp is made, which camps were open before, and the
/// walk through the demo.
@NullMarked
package onebeat.desktop.welcome;

import org.jspecify.annotations.NullMarked;
