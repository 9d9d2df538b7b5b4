/// Files that go out: written beside their place, moved there when whole, and never over what somebody else wrote.
///
/// Open [onebeat.formats.out.OutFiles] first.
@NullMarked
package onebeat.formats.out;

import org.jspecify.annotations.NullMarked;
