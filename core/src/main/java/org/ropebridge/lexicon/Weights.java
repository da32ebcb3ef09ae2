package org.ropebridge.lexicon;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;

/**
 * What counts how much for a reading. The standard weights are in {@code weights.yaml}, which also
 * says what each is for; {@code bench/run tune} looks for better ones.
 *
 * @param bonuses how much better a rule's combination is than its parts, by the rule's name, where
 *     that is other than the rule itself says
 */
public record Weights(
    double content,
    double function,
    double longerName,
    double longerFunction,
    double cut,
    double unread,
    double echoed,
    double idlePreposition,
    double idleAuxiliary,
    double measuresNotJoined,
    double onlyValues,
    double secondTime,
    double nounNotRanked,
    double idleNoun,
    double nounInItsName,
    double noDoer,
    double commandNoun,
    double lateAsking,
    double singularRows,
    double stepOnAWay,
    double guessedRole,
    double throughOthers,
    double guessedBeside,
    double countsOnes,
    double fartherPerson,
    double secondPeriod,
    double countedApart,
    double nearTie,
    double largestUnreadShare,
    double inflected,
    double inflectedValue,
    double sameStem,
    double shortened,
    double apart,
    double doneApart,
    double tied,
    double akin,
    double idleAkin,
    double echo,
    double plainWord,
    double knownPlainWord,
    double bareDigits,
    double metricAsState,
    double notPreferred,
    Map<String, Double> bonuses) {
  public static final Weights STANDARD = standard();
  private static final String BONUSES = "bonuses";

  public Weights {
    bonuses = Map.copyOf(bonuses);
  }

  /** The names of all weights but those of rules, in the order of the file. */
  public static List<String> names() {
    return Arrays.stream(Weights.class.getRecordComponents())
        .map(RecordComponent::getName)
        .filter(n -> !n.equals(BONUSES))
        .toList();
  }

  /**
   * The weight of that name.
   *
   * @throws IllegalArgumentException if there is none
   */
  public double get(String name) {
    Double weight = map().get(name);
    if (weight == null) {
      throw new IllegalArgumentException("no weight \"" + name + "\"; there are " + names());
    }
    return weight;
  }

  /** How much better the combination of a rule is than its parts; by itself, it says so itself. */
  public double bonusOf(String rule, double byItself) {
    return bonuses.isEmpty() ? byItself : bonuses.getOrDefault(rule, byItself);
  }

  /** The same with another value for one weight. */
  public Weights with(String name, double value) {
    get(name);
    Map<String, Double> changed = map();
    changed.put(name, value);
    return of(changed, bonuses);
  }

  /** The same with another bonus of a rule. */
  public Weights withBonus(String rule, double bonus) {
    Map<String, Double> changed = new LinkedHashMap<>(bonuses);
    changed.put(rule, bonus);
    return of(map(), changed);
  }

  private Map<String, Double> map() {
    Map<String, Double> map = new LinkedHashMap<>();
    for (RecordComponent component : Weights.class.getRecordComponents()) {
      if (!component.getName().equals(BONUSES)) {
        try {
          map.put(component.getName(), (Double) component.getAccessor().invoke(this));
        } catch (ReflectiveOperationException e) {
          throw new IllegalStateException(e);
        }
      }
    }
    return map;
  }

  private static Weights of(Map<String, Double> weights, Map<String, Double> bonuses) {
    RecordComponent[] components = Weights.class.getRecordComponents();
    Object[] values = new Object[components.length];
    Class<?>[] types = new Class<?>[components.length];
    for (int i = 0; i < components.length; i++) {
      String name = components[i].getName();
      types[i] = components[i].getType();
      values[i] = name.equals(BONUSES) ? bonuses : weights.get(name);
      if (values[i] == null) {
        throw new IllegalStateException("weights.yaml: \"" + name + "\" is missing");
      }
    }
    try {
      return Weights.class.getDeclaredConstructor(types).newInstance(values);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Weights standard() {
    Map<String, Double> weights = new LinkedHashMap<>();
    Map<String, Double> bonuses = new LinkedHashMap<>();
    try (InputStream in = Weights.class.getResourceAsStream("weights.yaml")) {
      Map<?, ?> written =
          (Map<?, ?>)
              new Load(LoadSettings.builder().setLabel("weights.yaml").build())
                  .loadFromInputStream(in);
      written.forEach(
          (name, value) -> {
            if (name.equals(BONUSES)) {
              ((Map<?, ?>) value).forEach((rule, bonus) -> bonuses.put("" + rule, number(bonus)));
            } else {
              weights.put("" + name, number(value));
            }
          });
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return of(weights, bonuses);
  }

  private static double number(Object value) {
    return ((Number) value).doubleValue();
  }
}
