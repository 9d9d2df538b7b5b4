/// The review of a line as JSON, for batches and for other programs.
@NullMarked
package onebeat.formats.review;

import org.jspecify.annotations.NullMarked;
