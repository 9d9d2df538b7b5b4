/// Printing: cards and sheets as PDF files beside the camp.
///
/// [onebeat.desktop.print.Print] puts them together and says where they lie; [onebeat.desktop.print.Vectors] takes a
/// drawn picture apart into outlines, so that the rope on paper is the one on the screen.
@NullMarked
package onebeat.desktop.print;

import org.jspecify.annotations.NullMarked;
