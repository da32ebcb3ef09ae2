package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Plan;

/**
 * "keeping revenue among the top 10 %" [measure] [among] [share of a ranking] -> keeps groups at
 * that end
 */
final class KeepTopShareRule extends Rule {
  KeepTopShareRule() {
    super(
        Slot.word(Role.PREPOSITION, Role.KEEPING, Role.BE).maybe(),
        Slot.a(Contribution.Measures.class, m -> m.measures().size() == 1),
        Slot.word(Role.AMONG, Role.AMONG_GROUPS, Role.PREPOSITION),
        Slot.a(Phrase.RankShare.class, s -> !s.direction().isJudged()));
  }

  @Override
  public double bonus() {
    return 0.3;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    Measure of = match.get(1, Contribution.Measures.class).measures().get(0);
    Phrase.RankShare share = match.get(3, Phrase.RankShare.class);
    boolean top = share.direction() == Contribution.Direction.TOP;
    out.accept(
        new Contribution.Keeping(
            new Plan.Keep(of, new Plan.AmongFirst(top, share.percent())),
            match.isWord(0, Role.KEEPING)));
  }
}
