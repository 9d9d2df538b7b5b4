/// Film as CSV (RFC 4180): exchanges in and out.
@NullMarked
package onebeat.formats.film;

import org.jspecify.annotations.NullMarked;
