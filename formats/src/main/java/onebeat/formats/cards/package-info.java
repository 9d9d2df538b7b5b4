/// Printed cards: what lies on the floor beside the pads.
///
/// A [onebeat.formats.cards.Sheet] is one page in words, with a drawing where there is one;
/// [onebeat.formats.cards.Cards] makes the partner's card, the athlete's card and the session's sheet, and
/// [onebeat.formats.cards.SheetPdf] writes a sheet as a PDF of one page with its typefaces inside. The
/// cautions stand at the foot of each.
@NullMarked
package onebeat.formats.cards;

import org.jspecify.annotations.NullMarked;
