package onebeat.core.review;

import java.util.List;

/// One thing to look for in a way.
interface Rule {

    List<RuleHit> check(RuleInput input);
}
