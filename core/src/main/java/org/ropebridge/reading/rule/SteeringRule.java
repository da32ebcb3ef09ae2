package org.ropebridge.reading.rule;

import java.util.function.Consumer;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Part;
import org.ropebridge.lexicon.Role;
import org.ropebridge.reading.rule.Contribution.Steer;

/** "the other way round", "start again" [steering word] -> what to do with the conversation */
final class SteeringRule extends Rule {
  SteeringRule() {
    super(
        Slot.word(
            Role.OTHER_WAY,
            Role.START_OVER,
            Role.UNDO,
            Role.WHY,
            Role.OTHER_PICTURE,
            Role.NOT_MEANT,
            Role.TAKE_ALONG,
            Role.STATEMENT,
            Role.IN_WORDS,
            Role.NO_SUCH_PICTURE));
  }

  @Override
  public double bonus() {
    return 0.4;
  }

  @Override
  public void apply(Match match, Scope scope, Consumer<Part> out) {
    out.accept(
        new Contribution.Steering(
            switch (match.get(0, Meaning.FunctionWord.class).role()) {
              case OTHER_WAY -> Steer.OTHER_WAY;
              case START_OVER -> Steer.START_OVER;
              case UNDO -> Steer.UNDO;
              case OTHER_PICTURE -> Steer.OTHER_PICTURE;
              case NOT_MEANT -> Steer.NOT_MEANT;
              case TAKE_ALONG -> Steer.TAKE_ALONG;
              case STATEMENT -> Steer.STATEMENT;
              case IN_WORDS -> Steer.IN_WORDS;
              case NO_SUCH_PICTURE -> Steer.NO_SUCH_PICTURE;
              default -> Steer.WHY;
            }));
  }
}
