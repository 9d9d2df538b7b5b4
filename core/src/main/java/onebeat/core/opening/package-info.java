/// Openings: why a strike is there, and what it costs to throw it.
///
/// The partner is a spread of odds over [onebeat.core.opening.Posture]s. Each action of the athlete moves
/// it by the reaction table, what the line tells the partner to do settles it, and it drifts back to guard by the
/// beat. Each posture covers the [onebeat.core.opening.Zone]s more or less; what is left uncovered where a
/// strike lands is its opening. The credit of an earlier action is what the opening loses when the whole is
/// computed again without it, and the words that say why are written from the credits. Exposure is the same
/// question the other way round. All numbers lie in the tables of [onebeat.core.opening.PartnerModel];
/// rankings count, not decimals. Open [onebeat.core.opening.Openings] first. It stands after `timing` and
/// before `review`.
@NullMarked
package onebeat.core.opening;

import org.jspecify.annotations.NullMarked;
