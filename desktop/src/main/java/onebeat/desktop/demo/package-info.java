/// The demo camp: the house scenario, all invented.
///
/// Eight weeks before a kickboxing bout the harbour-town gym Saltlight prepares the featherweight Ilka
/// Brandvold for the tall southpaw Noor Castellan. The data lies in CSV files beside the program;
/// [onebeat.desktop.demo.DemoCamp] puts it into a camp file.
@NullMarked
package onebeat.desktop.demo;

import org.jspecify.annotations.NullMarked;
