/// Two drawn figures, moved by the played states of a line.
///
/// [onebeat.desktop.figures.FigureView] draws both fighters at a place between two beats;
/// [onebeat.desktop.figures.Pose] finds where joints are, from turn, weight, height and what each limb is busy with.
@NullMarked
package onebeat.desktop.figures;

import org.jspecify.annotations.NullMarked;
