/// Hearing: samples in, events out. Onsets of what is struck, said or rung; what kind of sound each is, with the
/// doubt; a recording placed on the schedule of its round; heard hits matched to the contacts that were planned;
/// and what follows for each repetition. No microphone, no file and no clock is known here.
@NullMarked
package onebeat.core.hearing;

import org.jspecify.annotations.NullMarked;
