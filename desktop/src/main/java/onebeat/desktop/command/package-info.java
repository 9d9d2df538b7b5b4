/// What can be done, as data: every command with its keys, its words, when it can be done and what it sets off.
///
/// From the tables come key handling, the action bar, the menus, the search behind `?`, the sheet on F1, tooltips, the
/// page of keys in the docs and the coach's own keys. Open [onebeat.desktop.command.Command] first.
@NullMarked
package onebeat.desktop.command;

import org.jspecify.annotations.NullMarked;
