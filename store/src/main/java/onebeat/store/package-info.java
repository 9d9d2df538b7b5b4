/// The camp file: one SQLite file holds one camp.
///
/// [onebeat.store.CampFile#open] opens a file or says in one sentence why not; nothing is ever written into a file that
/// is no camp, is spoilt, or comes from a newer version. [onebeat.store.CampFile#save] writes an edit and its effect in
/// one transaction before it returns, so that the screen never says done too early; undo and redo work across restarts
/// from the same history. The schema is made by the migrations in the resources. It uses `core` and is used by
/// `desktop`. Open [onebeat.store.CampFile] first.
@NullMarked
package onebeat.store;

import org.jspecify.annotations.NullMarked;
