/// The book as CSV and JSON.
@NullMarked
package onebeat.formats.book;

import org.jspecify.annotations.NullMarked;
