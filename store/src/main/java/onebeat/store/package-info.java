/// The camp file: one SQLite file holds one camp.
///
/// [onebeat.store.CampFile#open] opens a file or says in one sentence why not; nothing is ever written into a file that
/// is no camp, is spoilt, or comes from a newer version. [onebeat.store.CampFile#save] writes an edit and its effect in
/// one transaction before it returns, into the file that stands at its path, so that the screen never says done too
/// early;
/// undo and redo work across restarts from the same history. Every value that is read is held against its
/// limit ([onebeat.store.Limit]) and rows that pass none lie aside. [onebeat.store.Copies] keeps camps from before. The
/// schema is made by the migrations in the resources. It uses `core` and is used by `cli` and `desktop`. Open
/// [onebeat.store.CampFile] first.
@NullMarked
package onebeat.store;

import org.jspecify.annotations.NullMarked;
