package org.ropebridge.reading;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.ropebridge.lexicon.Items;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Mention;
import org.ropebridge.lexicon.Token;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Naming;
import org.ropebridge.reading.Reading.WordUse;
import org.ropebridge.reading.rule.Contribution;

/** Says of every word of a question what became of it. */
final class WordUses {
  private final Model model;
  private final Naming naming;

  WordUses(Model model) {
    this.model = model;
    this.naming = new Naming(model);
  }

  /** What became of the words in a sequence. */
  List<WordUse> of(Sequence sequence, Parser.Parsed parsed) {
    List<Token> tokens = parsed.tokens();
    List<WordUse> uses = new ArrayList<>();
    boolean[] used = new boolean[tokens.size()];
    for (Edge edge : sequence.edges()) {
      for (Mention mention : edge.mentions()) {
        uses.add(use(mention, tokens, isAboutTime(edge)));
        mark(used, mention.from(), mention.to());
      }
    }
    for (Mention mention : sequence.idle()) {
      uses.add(
          new WordUse(
              start(mention, tokens),
              end(mention, tokens),
              text(mention, tokens),
              "filler",
              "",
              ""));
      mark(used, mention.from(), mention.to());
    }
    for (int i : sequence.unread()) {
      Token token = tokens.get(i);
      String found = Parser.isKnown(i, parsed.mentions()) ? WordUse.KNOWN : "";
      uses.add(new WordUse(token.start(), token.end(), token.text(), WordUse.UNREAD, "", found));
      used[i] = true;
    }
    for (int i = 0; i < used.length; i++) {
      if (!used[i]) {
        Token token = tokens.get(i);
        uses.add(new WordUse(token.start(), token.end(), token.text(), "filler", "", ""));
      }
    }
    uses.sort(Comparator.comparingInt(WordUse::start));
    return uses;
  }

  /** The same over several readings; a word that they read differently says all of it. */
  List<WordUse> ofAll(List<Sequence> sequences, Parser.Parsed parsed) {
    List<WordUse> first = of(sequences.get(0), parsed);
    List<List<WordUse>> others =
        sequences.subList(1, sequences.size()).stream().map(s -> of(s, parsed)).toList();
    return first.stream()
        .map(
            use -> {
              Set<String> meanings = new LinkedHashSet<>(List.of(use.means()));
              others.forEach(
                  o ->
                      o.stream()
                          .filter(u -> u.start() == use.start() && u.end() == use.end())
                          .forEach(u -> meanings.add(u.means())));
              meanings.remove("");
              return new WordUse(
                  use.start(),
                  use.end(),
                  use.text(),
                  use.kind(),
                  String.join(" or ", meanings),
                  use.found());
            })
        .toList();
  }

  List<Assumption> spellings(Sequence sequence, List<Token> tokens) {
    return sequence.edges().stream()
        .flatMap(e -> e.mentions().stream())
        .<Assumption>mapMulti(
            (m, put) -> {
              switch (m.found()) {
                case AKIN -> put.accept(new Assumption.Akin(text(m, tokens), means(m)));
                case OWN -> put.accept(new Assumption.OwnMeaning(text(m, tokens), means(m)));
                default -> {}
              }
            })
        .distinct()
        .toList();
  }

  /**
   * The words that a sequence takes for another item than others do, and that item.
   *
   * @param others the others, in any order; the sequence itself may be among them
   */
  Map<String, Meaning> tellingApart(
      Sequence sequence, Collection<Sequence> others, List<Token> tokens) {
    Map<String, Meaning> telling = new LinkedHashMap<>();
    sequence.mentions().stream()
        .filter(m -> Items.nameOf(m.meaning()).isPresent())
        .filter(m -> others.stream().anyMatch(o -> takesForAnother(o, m)))
        .sorted(Comparator.comparingInt(Mention::from))
        .forEach(m -> telling.put(text(m, tokens), m.meaning()));
    return telling;
  }

  private static boolean takesForAnother(Sequence other, Mention mention) {
    List<Mention> same =
        other.mentions().stream()
            .filter(o -> o.from() == mention.from() && o.to() == mention.to())
            .filter(o -> Items.nameOf(o.meaning()).isPresent())
            .toList();
    return !same.isEmpty() && same.stream().noneMatch(o -> o.meaning().equals(mention.meaning()));
  }

  private static boolean isAboutTime(Edge edge) {
    return edge.part() instanceof Contribution.Narrowing narrowing
        && (narrowing.filter() instanceof Filter.InPeriod
            || narrowing.filter() instanceof Filter.Recurring);
  }

  private WordUse use(Mention mention, List<Token> tokens, boolean aboutTime) {
    String kind = kind(mention);
    return new WordUse(
        start(mention, tokens),
        end(mention, tokens),
        text(mention, tokens),
        aboutTime && kind.equals("number") ? "time" : kind,
        means(mention),
        mention.found().name().toLowerCase(Locale.ROOT));
  }

  private static void mark(boolean[] used, int from, int to) {
    for (int i = from; i < to; i++) {
      used[i] = true;
    }
  }

  private static int start(Mention mention, List<Token> tokens) {
    return tokens.get(mention.from()).start();
  }

  private static int end(Mention mention, List<Token> tokens) {
    return tokens.get(mention.to() - 1).end();
  }

  String text(Mention mention, List<Token> tokens) {
    return text(mention.from(), mention.to(), tokens);
  }

  String text(int from, int to, List<Token> tokens) {
    return String.join(" ", tokens.subList(from, to).stream().map(Token::text).toList());
  }

  /** What kind of thing the mention is bound to. */
  String kind(Mention mention) {
    Meaning meaning = mention.meaning();
    if (meaning instanceof Meaning.MetricName) {
      return "metric";
    } else if (meaning instanceof Meaning.RowNoun) {
      return "table";
    } else if (meaning instanceof Meaning.CostOf cost) {
      return cost.item() instanceof Meaning.MetricName ? "metric" : "column";
    } else if (meaning instanceof Meaning.ColumnName || meaning instanceof Meaning.DoneSo) {
      return "column";
    } else if (meaning instanceof Meaning.RoleName) {
      return "link";
    } else if (meaning instanceof Meaning.ValueName) {
      return "value";
    } else if (meaning instanceof Meaning.ConditionName) {
      return "condition";
    } else if (meaning instanceof Meaning.NumberWord
        || meaning instanceof Meaning.UnitMultiple
        || meaning instanceof Meaning.UnitName) {
      return "number";
    } else if (meaning instanceof Meaning.StatisticWord
        || meaning instanceof Meaning.SuperlativeWord) {
      return "statistic";
    } else if (meaning instanceof Meaning.FunctionWord word) {
      return switch (word.role()) {
        case THIS,
            LAST,
            SINCE,
            BEFORE,
            UNTIL,
            AFTER,
            TO,
            TO_DATE,
            YEAR_TO_DATE,
            HALF,
            OVER_TIME,
            CHANGED_OVER_TIME,
            WEEKEND,
            WORKDAYS,
            NEXT,
            WHEN,
            NEW,
            OLDER,
            YOUNGER,
            YOUNGEST,
            ELDEST,
            NEWEST,
            OLDEST,
            TIME_TO,
            ANY_YEAR,
            EVERY,
            DECADE,
            BEFORE_NOON,
            AFTER_NOON,
            O_CLOCK,
            TODAY,
            YESTERDAY,
            TOMORROW,
            JUST_GONE ->
            "time";
        case COUNT, DIFFERENT, PERCENTILE -> "statistic";
        case ADD,
            DROP,
            SWAP,
            INSTEAD_OF,
            REPLACE,
            OTHER_WAY,
            UNDO,
            START_OVER,
            WHY,
            FILTERS,
            BREAKDOWN,
            ORDERING,
            PERIOD_PART ->
            "change";
        case THOSE, EACH_OF_THOSE, THAT -> "answer before";
        case ALL, ALL_TIME, WHOLE -> "limit";
        case EXCLUDING,
            ONLY,
            NONE,
            HAVING,
            NOT_HAVING,
            AMONG,
            NOT_AMONG,
            KEEPING,
            MISSING,
            KNOWN,
            ABSENT,
            NAMED,
            UNEQUAL,
            NOT_HAVE,
            IF,
            LEAVE_OUT,
            OUT,
            REGARDLESS ->
            "limit";
        case BY,
            PER,
            WITHIN_EACH,
            OVER_EACH,
            IN_STEPS,
            IN_BANDS,
            BREAKDOWN_OF,
            ACCOUNT_FOR,
            EACH_OF ->
            "breakdown";
        case SHARE,
            PORTION,
            RATIO,
            CUMULATIVE,
            MOVING,
            RANK_OF,
            DIFFERENCE,
            CORRELATION,
            VERSUS,
            AS_SHARE_OF,
            IN_SHARES,
            AFFECT,
            RATIO_NOUN,
            CUMULATED,
            SUM_UP,
            ADDED_TOGETHER,
            SUBTRACT,
            VARY,
            RELATED ->
            "figure";
        case RANKED_BY, WHO, WHICH_OF, THAN_ANY -> "ranking";
        case SORTED, BY_NAME, ALPHABETICALLY -> "order";
        default -> "word";
      };
    } else if (meaning instanceof Meaning.ComparisonWord
        || meaning instanceof Meaning.ComparativeWord
        || meaning instanceof Meaning.ComparativeToWord) {
      return "comparison";
    } else if (meaning instanceof Meaning.HowWord) {
      return "statistic";
    } else if (meaning instanceof Meaning.OftenWord
        || meaning instanceof Meaning.MostQualityWord
        || meaning instanceof Meaning.CommonWord
        || meaning instanceof Meaning.QualityWord) {
      return "ranking";
    } else if (meaning instanceof Meaning.CountedWord) {
      return "metric";
    } else if (meaning instanceof Meaning.RankWord || meaning instanceof Meaning.JudgementWord) {
      return "ranking";
    } else if (meaning instanceof Meaning.DirectionWord) {
      return "order";
    } else if (meaning instanceof Meaning.PictureWord) {
      return "picture";
    } else if (meaning instanceof Meaning.QuotedText || meaning instanceof Meaning.PlainWord) {
      return "text";
    } else if (meaning instanceof Meaning.Enclosed) {
      return "brackets";
    } else if (meaning instanceof Meaning.OperatorWord
        || meaning instanceof Meaning.MoveWord
        || meaning instanceof Meaning.DriftWord
        || meaning instanceof Meaning.LevelWord) {
      return "figure";
    } else if (meaning instanceof Meaning.WhereWord
        || meaning instanceof Meaning.DoneNoun
        || meaning instanceof Meaning.NotDone) {
      return "limit";
    }
    return "time";
  }

  /** What the mention is bound to, in the words of restatements. */
  String means(Mention mention) {
    Meaning meaning = mention.meaning();
    if (meaning instanceof Meaning.MetricName metric) {
      return naming.metric(metric.metric());
    } else if (meaning instanceof Meaning.DoneNoun done) {
      return means(new Mention(0, 1, done.said(), 1, mention.found()));
    } else if (meaning instanceof Meaning.CountedWord counted) {
      return naming.metric(counted.metric());
    } else if (meaning instanceof Meaning.QualityWord quality) {
      return naming.metric(quality.metric());
    } else if (meaning instanceof Meaning.RowNoun noun) {
      return naming.rows(noun.table());
    } else if (meaning instanceof Meaning.ColumnName column) {
      return naming.column(column.column());
    } else if (meaning instanceof Meaning.NotDone date) {
      return naming.column(date.column());
    } else if (meaning instanceof Meaning.CostOf cost) {
      return cost.item() instanceof Meaning.MetricName metric
          ? naming.metric(metric.metric())
          : naming.column(((Meaning.ColumnName) cost.item()).column());
    } else if (meaning instanceof Meaning.DoneSo done) {
      return naming.column(done.column());
    } else if (meaning instanceof Meaning.RoleName role) {
      return naming.role(role.role());
    } else if (meaning instanceof Meaning.ValueName value) {
      return naming.column(value.column())
          + " "
          + model.column(value.column()).nameOfValue(value.stored());
    } else if (meaning instanceof Meaning.ConditionName condition) {
      return naming.condition(condition.table(), condition.condition());
    } else if (meaning instanceof Meaning.StatisticWord statistic) {
      return statistic.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ');
    } else if (meaning instanceof Meaning.SeasonName season) {
      return season.season();
    } else if (meaning instanceof Meaning.OccasionName occasion) {
      return occasion.occasion();
    } else if (meaning instanceof Meaning.FunctionWord word) {
      boolean plain = kind(mention).equals("word");
      return plain ? "" : word.role().name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
    return "";
  }
}
