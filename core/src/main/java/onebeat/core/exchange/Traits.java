package onebeat.core.exchange;

import java.util.List;
import java.util.Optional;

/// What the judgement asks of a technique beyond its motion.
///
/// @param worth what it is worth at its best and landed clean, a full cross to the head being 1; 0 for what is no
///     strike. Source of the lead against the rear straight: Smith, Dyson, Hale and Janaway 2000, Journal of Sports
///     Sciences 18, 441-450, about 0.6 at full power; from memory, the order counts and not the decimals
/// @param stops strikes of the other that it stops in their motion where it arrives first
/// @param evades strikes of the other that its own motion takes the head away from
/// @param fate what becomes of a strike that it meets; [Fate#LANDED] where it meets none
/// @param move how it moves body or feet
/// @param exit whether a line that ends with it leaves
/// @param feintable whether it can be feinted
/// @param twin the code of the same thing from the other side
/// @param around how far it goes round a guard that is raised to the middle, 0 to 1
/// @param loads whether it sets the body anew for the strike after it, as a shuffle does
public record Traits(
        double worth,
        List<Stop> stops,
        List<Target> evades,
        Fate fate,
        Move move,
        boolean exit,
        boolean feintable,
        Optional<String> twin,
        double around,
        boolean loads) {

    /// A strike that can be stopped.
    ///
    /// @param committed whether that takes the stopping strike's full power
    public record Stop(Target target, boolean committed) {

        static Stop parse(String word) {
            boolean committed = word.startsWith("!");
            return new Stop(Target.parse(committed ? word.substring(1) : word), committed);
        }
    }

    public Traits {
        stops = List.copyOf(stops);
        evades = List.copyOf(evades);
    }
}
