package onebeat.core.plan;

import java.util.Set;

/// Rules that no plan keeps together.
///
/// @param rules as few as can be
/// @param loosen those of them of which one alone, loosened, lets a plan be
public record RuleConflict(Set<HardRule> rules, Set<HardRule> loosen) {

    public RuleConflict {
        rules = Set.copyOf(rules);
        loosen = Set.copyOf(loosen);
    }
}
