/// The words of the trade: who stands there and what can be thrown, met or stepped.
///
/// An *exchange* is one passage between two fighters. This package holds its vocabulary and nothing that happens in
/// time: a [onebeat.core.exchange.Fighter] with a [onebeat.core.exchange.Stance], the
/// [onebeat.core.exchange.Technique]s of the [onebeat.core.exchange.Catalogue], and the enumerations that describe
/// them. All sides are told as lead and rear, so that one rule serves both stances. It stands first in the flow; open
/// [onebeat.core.exchange.Catalogue] first. The data is `techniques.csv`: a new technique is a new row there.
@NullMarked
package onebeat.core.exchange;

import org.jspecify.annotations.NullMarked;
