package org.ropebridge.language;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.ropebridge.lexicon.AboutFrame;
import org.ropebridge.lexicon.Akin;
import org.ropebridge.lexicon.Contrast;
import org.ropebridge.lexicon.Meaning;
import org.ropebridge.lexicon.Role;
import org.ropebridge.lexicon.Vocabulary;
import org.ropebridge.plan.Filter;
import org.ropebridge.plan.Filter.Comparison;
import org.ropebridge.plan.Measure;
import org.ropebridge.plan.Period;
import org.ropebridge.plan.Plan.Picture;
import org.ropebridge.plan.TimeUnit;

/** The English words that have a task in questions, whatever the model. */
final class EnglishVocabulary implements Vocabulary {
  private static final List<String> KEY_ROWS = List.of("qwertyuiop", "asdfghjkl", "zxcvbnm");

  private static final Set<String> LIFE_WORDS =
      Set.of(
          "born",
          "birth",
          "built",
          "building",
          "construction",
          "constructed",
          "opened",
          "opening",
          "founded",
          "founding",
          "established",
          "manufactured",
          "made",
          "commissioned",
          "installed",
          "installation",
          "launched",
          "laid",
          "planted",
          "premiere",
          "premiered");

  /** Verbs that only say that there is something: "never made a booking". */
  private static final List<String> HAVING_VERBS =
      List.of(
          "had",
          "made",
          "bought",
          "ordered",
          "placed",
          "took",
          "taken",
          "received",
          "got",
          "gotten",
          "used",
          "done",
          "did",
          "attended",
          "owned",
          "held",
          "hosted",
          "seen",
          "requested");

  private static final Set<String> END_WORDS =
      Set.of(
          ("end ended ending finish finished finishing completion completed close closed closing"
                  + " closure return returned resolution resolved clearance cleared clear settled"
                  + " sent sending shipped shipping dispatched departure departed departing leaving left checkout expiry expired discharge"
                  + " discharged dismantled retired solved fixed repaired done stopped delivery"
                  + " delivered")
              .split(" "));

  private static final Set<String> ORIGIN_WORDS =
      Set.of(
          "from",
          "origin",
          "source",
          "start",
          "starting",
          "departure",
          "sender",
          "sending",
          "giver",
          "giving",
          "seller",
          "upper",
          "outgoing",
          "pickup",
          "exporter");

  private static final Set<String> DESTINATION_WORDS =
      Set.of(
          "to",
          "destination",
          "target",
          "end",
          "ending",
          "arrival",
          "receiver",
          "receiving",
          "recipient",
          "taker",
          "buyer",
          "lower",
          "incoming",
          "dropoff",
          "importer");

  private static final Set<String> PERSON_WORDS =
      Set.of(
          "passenger",
          "traveller",
          "rider",
          "crew member",
          "captain",
          "walker",
          "hiker",
          "climber",
          "regular",
          "person",
          "people",
          "member",
          "customer",
          "client",
          "patron",
          "guest",
          "visitor",
          "buyer",
          "employee",
          "worker",
          "staff member",
          "colleague",
          "inspector",
          "warden",
          "director",
          "manager",
          "teacher",
          "student",
          "pupil",
          "driver",
          "doctor",
          "nurse",
          "patient",
          "author",
          "artist",
          "actor",
          "player",
          "owner",
          "agent",
          "seller",
          "salesperson",
          "technician",
          "engineer",
          "collector",
          "keeper",
          "donor",
          "user",
          "subscriber",
          "borrower",
          "reader",
          "sponsor",
          "referrer",
          "tenant",
          "supplier",
          "farmer",
          "volunteer",
          "curator",
          "botanist");

  private final Map<String, List<Meaning>> words = new LinkedHashMap<>();

  EnglishVocabulary() {
    fillers();
    connectors();
    notPlanned();
    figures();
    rows();
    counting();
    comparisons();
    time();
    showing();
    numbers();
  }

  @Override
  public String singular(String word) {
    return EnglishInflection.singular(word);
  }

  @Override
  public boolean isPlural(String word) {
    return EnglishInflection.isPlural(word);
  }

  @Override
  public boolean isParticiple(String word) {
    return EnglishInflection.isParticiple(word);
  }

  @Override
  public Optional<String> notDone(String participle) {
    return isParticiple(participle) ? Optional.of("un" + participle) : Optional.empty();
  }

  @Override
  public Set<String> nounsOf(String participle) {
    return isParticiple(participle) ? EnglishInflection.nounsOf(participle) : Set.of();
  }

  @Override
  public String stem(String word) {
    return EnglishInflection.stem(word);
  }

  @Override
  public Map<String, List<Meaning>> words() {
    return words;
  }

  @Override
  public Map<String, List<Meaning>> followUpWords() {
    return EnglishFollowUps.WORDS;
  }

  @Override
  public List<String> unitNames(String unit) {
    return EnglishUnits.namesOf(unit);
  }

  @Override
  public Map<String, BigDecimal> multiplesOf(String unit) {
    return EnglishUnits.multiplesOf(unit);
  }

  @Override
  public Optional<String> verbOf(String noun) {
    return EnglishInflection.verbOf(noun);
  }

  @Override
  public Optional<String> adjectiveOf(String noun) {
    return EnglishInflection.adjectiveOf(noun);
  }

  @Override
  public Optional<String> superlativeOf(String adjective) {
    return EnglishInflection.superlativeOf(adjective);
  }

  @Override
  public Set<String> dateWords() {
    return Set.of("date", "time", "day");
  }

  @Override
  public Set<String> lifeWords() {
    return LIFE_WORDS;
  }

  @Override
  public Set<String> endWords() {
    return END_WORDS;
  }

  @Override
  public Set<String> originWords() {
    return ORIGIN_WORDS;
  }

  @Override
  public Set<String> destinationWords() {
    return DESTINATION_WORDS;
  }

  @Override
  public Set<String> personWords() {
    return PERSON_WORDS;
  }

  @Override
  public List<AboutFrame> aboutFrames() {
    return EnglishAbout.all();
  }

  @Override
  public boolean isRightWord(String word) {
    return words.containsKey(word) || EnglishDictionary.instance().has(word);
  }

  @Override
  public boolean mayBeForms(String one, String other) {
    Set<String> lemmas = EnglishDictionary.instance().lemmas(one);
    Set<String> others = EnglishDictionary.instance().lemmas(other);
    return lemmas.isEmpty() || others.isEmpty() || !Collections.disjoint(lemmas, others);
  }

  @Override
  public Set<String> forms(String word) {
    return EnglishDictionary.instance().forms(word);
  }

  @Override
  public List<String> keyRows() {
    return KEY_ROWS;
  }

  @Override
  public List<Akin> akin() {
    return EnglishThesaurus.GROUPS;
  }

  private void put(Meaning meaning, String... phrases) {
    for (String phrase : phrases) {
      words.computeIfAbsent(phrase, p -> new ArrayList<>(1)).add(meaning);
    }
  }

  private void put(Role role, String... phrases) {
    put(new Meaning.FunctionWord(role), phrases);
  }

  private void fillers() {
    put(
        Role.FILLER,
        "the",
        "a",
        "an",
        "of",
        "our",
        "my",
        "your",
        "all",
        "any",
        "some",
        "please",
        "thanks",
        "thank you",
        "hi",
        "hello",
        "hey",
        "ok",
        "okay",
        "so",
        "well",
        "now",
        "find out",
        "calculate",
        "compute",
        "report",
        "could you",
        "can you",
        "would you",
        "will you",
        "could",
        "can",
        "i",
        "me",
        "we",
        "us",
        "you",
        "i would like",
        "i would like to",
        "id like",
        "id like to",
        "i want",
        "i want to",
        "i need",
        "want",
        "need",
        "know",
        "look at",
        "let me",
        "lets",
        "to know",
        "to see",
        "be",
        "been",
        "did",
        "does",
        "got",
        "there",
        "here",
        "it",
        "whats",
        "what",
        "what is",
        "what are",
        "what was",
        "what were",
        "how is",
        "how was",
        "how did",
        "how much",
        "how much is",
        "how much was",
        "how did our",
        "in total",
        "altogether",
        "exactly how",
        "took place",
        "made the",
        "make the",
        "makes the",
        "got the",
        "earned the",
        "take place",
        "happened",
        "live",
        "lives",
        "happen",
        "happens",
        "occur",
        "occurs",
        "occurred",
        "were there",
        "are there",
        "was there",
        "is there",
        "each of",
        "figures",
        "numbers for",
        "value of",
        "stats",
        "carry out",
        "carried out",
        "perform",
        "performed",
        "conducted",
        "conduct",
        "took",
        "take",
        "lasted",
        "lasting",
        "when was",
        "when were",
        "when is",
        "overview of",
        "summary of",
        "data on",
        "respectively",
        "pls",
        "plz",
        "numbers",
        "make",
        "makes",
        "bring",
        "brings",
        "earn",
        "earns",
        "earned",
        "generate",
        "generates",
        "generated",
        "produce",
        "produced",
        "someone",
        "they",
        "them",
        "to us",
        "for us",
        "of ours",
        "do people",
        "come in",
        "came in",
        "came",
        "we have",
        "we had",
        "exist",
        "exists",
        "on file",
        "in all",
        "all told",
        "made",
        "brought in",
        "brought",
        "bring in",
        "brings in",
        "ever",
        "still",
        "already",
        "at all",
        "whatsoever",
        "actually",
        "currently",
        "really",
        "yet",
        "thus far");
    put(Role.HOW, "how", "hows");
    put(
        Role.HOW_WE_DO,
        "how did we do",
        "how are we doing",
        "how have we done",
        "how did it go",
        "how was business",
        "how is business",
        "hows business");
    put(Role.THEIR, "their", "its", "his", "her", "the respective", "their respective");
    put(Role.RECENTLY, "most recently", "last", "latest", "most recent");
    put(Role.DURATION_NOUN, "duration", "durations", "length", "time", "times");
    put(Role.DOING, "do", "doing", "going", "perform", "performing", "do well");
    put(Role.EVERYONE, "everyone", "everybody", "anyone", "anybody", "all people", "people");
    put(
        Role.BE,
        "is",
        "are",
        "was",
        "were",
        "be",
        "been",
        "that is",
        "that are",
        "that were",
        "which were",
        "which are",
        "who were",
        "who are",
        "ended up",
        "ended up being",
        "got");
    put(
        Role.AUXILIARY,
        "did",
        "does",
        "do",
        "is",
        "are",
        "was",
        "were",
        "has",
        "have",
        "had",
        "is there",
        "are there",
        "were there",
        "was there",
        "did we have",
        "do we have",
        "have we had");
    put(
        Role.LIST,
        "show",
        "show me",
        "list",
        "list all",
        "display",
        "see",
        "get",
        "find",
        "give",
        "give me",
        "gimme",
        "tell me",
        "tell",
        "plot",
        "draw",
        "chart",
        "print",
        "return",
        "fetch",
        "who are",
        "who is",
        "list out",
        "show all",
        "which are",
        "enumerate",
        "group",
        "pull up",
        "pull");
    put(Role.COMPARE, "compare", "comparison of", "comparing", "a comparison of", "side by side");
    put(Role.BOTH, "both", "either of", "each of the");
    put(
        Role.HAVE,
        "have",
        "has",
        "had",
        "having",
        "that",
        "who",
        "which",
        "that have",
        "that had",
        "who had",
        "who have",
        "which had",
        "which have",
        "that has",
        "have had",
        "has had",
        "that got",
        "with some",
        "with any",
        "with at least one");
    put(
        Role.TOWARDS,
        "to",
        "ending in",
        "ending at",
        "end in",
        "end at",
        "arriving in",
        "arriving at",
        "going to",
        "leading to",
        "lead to",
        "bound for",
        "headed for");
    put(Role.TIMES, "times", "occasions", "time");
    put(Role.END_OF, "at the end of", "end of", "by the end of", "as of the end of", "at end of");
    put(Role.START_OF, "at the start of", "at the beginning of", "start of");
    put(Role.AGAIN, "again", "also", "too", "as well");
    put(Role.WHICH, "which", "what", "whose");
  }

  private void connectors() {
    put(Role.AND, "and", "but", "as well as", "plus", "along with", "together with", "&", "also");
    put(Role.OR, "or");
    put(Role.COMMA, ",", ";", "/");
    put(
        Role.PREPOSITION,
        "in",
        "at",
        "on",
        "for",
        "from",
        "with",
        "within",
        "inside",
        "during",
        "by means of",
        "through",
        "via",
        "that are",
        "which are",
        "that were",
        "which were",
        "who are",
        "who were",
        "whose",
        "coming from",
        "live in",
        "lives in",
        "living in",
        "live on",
        "lives on",
        "living on",
        "reside in",
        "comes from",
        "come from",
        "came from",
        "is from",
        "goes to",
        "taken by",
        "held in",
        "held at",
        "located in",
        "based in",
        "due to",
        "because of",
        "owing to",
        "thanks to",
        "belonging to",
        "comes from",
        "come from",
        "came from",
        "is from",
        "fell on",
        "falls on",
        "in the",
        "over the");
    put(Role.MADE_BY, "made by", "done by", "bought by", "ordered by", "placed by", "used by");
    put(
        Role.FROM,
        "from",
        "from the",
        "starting in",
        "starting from",
        "starting at",
        "start in",
        "start from",
        "start at",
        "leaving from",
        "leaving",
        "departing from",
        "departing");
    put(
        Role.BY,
        "by",
        "for each",
        "for every",
        "each",
        "every",
        "in each",
        "to each",
        "at each",
        "of each",
        "from each",
        "in every",
        "split by",
        "broken down by",
        "breakdown by",
        "grouped by",
        "group by",
        "across",
        "across all",
        "according to",
        "of each",
        "of every",
        "for all the different",
        "at each",
        "by each",
        "divided by",
        "separated by",
        "for the different",
        "from each",
        "depending on");
    put(
        Role.EXCLUDING,
        "excluding",
        "exclude",
        "except",
        "except for",
        "excepting",
        "without",
        "not",
        "not in",
        "not from",
        "not for",
        "other than",
        "but not",
        "but not in",
        "apart from",
        "leaving out",
        "not counting",
        "everything but",
        "all but",
        "anything but",
        "outside",
        "outside of",
        "non",
        "not by",
        "minus those in",
        "not on",
        "not at",
        "not during",
        "aside from");
    put(
        Role.ONLY,
        "only",
        "just",
        "solely",
        "but only",
        "only for",
        "only in",
        "restricted to",
        "limited to");
    put(Role.PER, "per", "per each");
    put(Role.VIA, "via", "by way of");
  }

  /**
   * Words that ask for what no plan says. They are known, so that a question is declined for them
   * and never answered without them.
   */
  private void notPlanned() {
    put(
        Role.NOT_PLANNED,
        "forecast",
        "predict",
        "prediction",
        "expected",
        "why",
        "neither",
        "nor",
        "unless",
        "former",
        "if",
        "will",
        "should",
        "would",
        "might");
  }

  /** Words that set numbers side by side, or measure them against others. */
  private void figures() {
    put(
        Role.SHARE,
        "how much of",
        "how big a part of",
        "how large a part of",
        "share of",
        "share",
        "shares of",
        "percentage of",
        "percentage",
        "percent of",
        "% of",
        "what percent of",
        "what percentage of",
        "proportion of",
        "proportion",
        "part of",
        "fraction of",
        "what share of",
        "what proportion of",
        "what fraction of",
        "percent share",
        "contribution of",
        "split of",
        "what part of",
        "how large a share of",
        "how big a share of",
        "share in",
        "share of total",
        "share of the total",
        "percentage of total",
        "percentage of the total",
        "percent of total",
        "percent of the total",
        "% of total",
        "contribution to",
        "% share of",
        "percentage share of");
    put(Role.PORTION, "portion of");
    put(
        Role.AS_SHARE_OF,
        "as a percentage of",
        "as percentage of",
        "as a percent of",
        "as percent of",
        "as a % of",
        "as % of",
        "as a share of",
        "as share of",
        "as a proportion of",
        "as a fraction of",
        "as a part of",
        "in percent of",
        "in % of",
        "in relation to");
    put(
        Role.IN_SHARES,
        "as a percentage",
        "as percentages",
        "in percent",
        "in %",
        "as a share",
        "as shares",
        "as a percentage of the total",
        "as a percentage of total",
        "as percentage of total",
        "as % of total",
        "as a share of the total",
        "as a share of total",
        "in percentages",
        "percentagewise",
        "as a percentage of all",
        "as a percentage of the whole");
    put(
        Role.AFFECT,
        "affect",
        "affects",
        "influence",
        "influences",
        "depend on",
        "depends on",
        "have an effect on",
        "has an effect on",
        "have an influence on",
        "has an influence on",
        "impact",
        "impacts",
        "correlate with",
        "correlates with",
        "correlated with",
        "related to",
        "go with",
        "goes with",
        "go along with",
        "go together with",
        "goes together with",
        "linked to");
    put(
        new Meaning.ComparativeWord(Contrast.MORE),
        "more",
        "busier",
        "higher",
        "up",
        "bigger",
        "larger",
        "greater",
        "increased",
        "increasing",
        "grown",
        "growing",
        "gone up",
        "going up",
        "go up",
        "went up",
        "risen",
        "rising",
        "rise",
        "grow",
        "increase");
    put(
        new Meaning.ComparativeWord(Contrast.LESS),
        "fewer",
        "quieter",
        "less",
        "lower",
        "down",
        "smaller",
        "decreased",
        "decreasing",
        "gone down",
        "going down",
        "go down",
        "went down",
        "fallen",
        "falling",
        "dropped",
        "dropping",
        "fall",
        "drop",
        "decrease",
        "shrunk",
        "declined",
        "declining");
    put(
        new Meaning.ComparativeToWord(true),
        "up on",
        "up from",
        "up against",
        "up over",
        "up compared with",
        "up compared to",
        "up versus",
        "up vs");
    put(
        new Meaning.ComparativeToWord(false),
        "down on",
        "down from",
        "down against",
        "down compared with",
        "down compared to",
        "down versus",
        "down vs");
    put(new Meaning.ComparativeWord(Contrast.BETTER), "better", "improved", "improving", "improve");
    put(new Meaning.ComparativeWord(Contrast.WORSE), "worse", "worsened", "got worse");
    drift(
        Contrast.MORE,
        "grew grow grown growing rose rise risen rising increased increase increasing gained gain"
            + " climbed jumped jump went_up gone_up going_up");
    drift(
        Contrast.LESS,
        "fell fall fallen falling dropped drop dropping declined decline declining decreased"
            + " decrease decreasing shrank shrunk shrinking lost loss dipped slumped went_down"
            + " gone_down going_down");
    drift(Contrast.BETTER, "improved improve improving improvement got_better");
    drift(Contrast.WORSE, "worsened worsen worsening deteriorated deterioration got_worse");
    put(Role.RATIO_NOUN, "ratio", "quotient");
    put(Role.RATIO, "ratio of", "ratio between", "quotient of");
    put(
        Role.CUMULATIVE,
        "cumulative",
        "cumulated",
        "running total of",
        "running total",
        "accumulated",
        "running sum of",
        "cumulatively",
        "running");
    put(
        Role.MOVING,
        "moving average of",
        "rolling average of",
        "moving average",
        "rolling average",
        "moving mean of",
        "rolling mean of",
        "moving average for",
        "rolling average for");
    put(Role.SPAN, "period", "periods", "point", "span");
    put(Role.RANK_OF, "rank of", "rank", "ranking of", "ranked", "position of", "ranking by");
    put(
        Role.DIFFERENCE,
        "difference of",
        "difference between",
        "difference",
        "gap between",
        "distance of",
        "gap of",
        "how far is",
        "how far are",
        "by how much is",
        "by how much are",
        "difference in",
        "how much is",
        "deviation of");
    put(
        Role.CORRELATION,
        "correlation of",
        "correlation between",
        "correlation",
        "relation between",
        "relationship between",
        "relation of",
        "how is",
        "connection between",
        "link between",
        "association between");
    put(Role.OVER_EACH, "over each");
    put(
        Role.WITHIN_EACH,
        "within each",
        "inside each",
        "within every",
        "within",
        "within a",
        "within the",
        "within its",
        "within their");
    put(Role.HAVING, "having");
    put(Role.NOT_HAVING, "not having");
    put(Role.AMONG, "among");
    put(Role.NOT_AMONG, "not among");
    put(Role.KEEPING, "keeping");
    put(Role.WHETHER, "whether");
    for (String never :
        List.of(
            "never",
            "have never",
            "has never",
            "who never",
            "that never",
            "have not",
            "has not",
            "did not",
            "havent",
            "hasnt",
            "didnt")) {
      for (String done : HAVING_VERBS) {
        put(Role.NONE, never + " " + done, never + " " + done + " any");
      }
    }
    put(
        Role.NONE,
        "no",
        "nobody",
        "no one",
        "that nobody",
        "which nobody",
        "never",
        "without",
        "without any",
        "with no",
        "that had no",
        "that have no",
        "who never",
        "that never",
        "which never",
        "had no",
        "have no",
        "has no",
        "having no",
        "did not have",
        "didnt have",
        "who have never",
        "who had no",
        "did not",
        "didnt",
        "do not have",
        "dont have",
        "not had",
        "have not had",
        "havent had",
        "without a",
        "who did not",
        "who didnt",
        "that did not",
        "that didnt",
        "lacking",
        "with zero",
        "have never",
        "has never",
        "had never",
        "where no",
        "with not a single",
        "not a single",
        "who have not",
        "who havent",
        "that have not had any",
        "not have",
        "not have any",
        "none",
        "with none",
        "never had",
        "that never had",
        "that have never had",
        "have never had",
        "never had a",
        "but never",
        "but no",
        "and never",
        "but had no",
        "but have no",
        "that did not have",
        "that have not had",
        "that didnt have",
        "which had no",
        "which have no",
        "who have no",
        "did not have any",
        "had not",
        "hadnt",
        "had 0",
        "have not",
        "havent");
    put(
        Role.VERSUS,
        "vs",
        "versus",
        "against",
        "compared with",
        "compared to",
        "relative to",
        "in comparison with",
        "in comparison to",
        "as compared with",
        "as compared to",
        "as against",
        "compared against",
        "than in",
        "than",
        "over");
    put(
        new Meaning.OperatorWord(Measure.Operator.MINUS),
        "minus",
        "less",
        "net of",
        "after deducting",
        "-",
        "after subtracting",
        "subtracting");
    put(new Meaning.OperatorWord(Measure.Operator.PLUS), "added to", "plus", "+");
    put(new Meaning.OperatorWord(Measure.Operator.TIMES), "times", "multiplied by", "*");
    put(new Meaning.OperatorWord(Measure.Operator.DIVIDED_BY), "divided by", "over");
    put(
        new Meaning.MoveWord(Measure.Move.CHANGE),
        "change in",
        "change of",
        "change",
        "changes in",
        "increase in",
        "decrease in",
        "rise in",
        "fall in",
        "drop in",
        "increase of",
        "movement in",
        "absolute change in",
        "absolute change of",
        "difference in",
        "increase",
        "decrease",
        "drop",
        "rise");
    put(
        new Meaning.MoveWord(Measure.Move.GROWTH),
        "growth of",
        "growth in",
        "growth",
        "growth rate of",
        "growth rate",
        "percent change in",
        "percentage change in",
        "percentage growth of",
        "percent growth in",
        "relative change in",
        "% change in",
        "percentage change of",
        "percent change of",
        "% growth of",
        "percentage growth in",
        "% change",
        "percent change",
        "percentage change",
        "relative growth of",
        "percent growth");
    put(
        new Meaning.LevelWord(Measure.Level.AVERAGE),
        "the average",
        "average",
        "the mean",
        "the overall average",
        "overall average",
        "the average of all",
        "its average");
    put(
        new Meaning.LevelWord(Measure.Level.HIGHEST),
        "the best",
        "the highest",
        "the top",
        "the maximum",
        "the leader");
    put(new Meaning.LevelWord(Measure.Level.LOWEST), "the worst", "the lowest", "the minimum");
    put(
        Role.ABOVE,
        "above",
        "more than",
        "over",
        "higher than",
        "greater than",
        "better than",
        "exceeding",
        "beating",
        "are above",
        "is above");
    put(Role.BELOW, "below", "less than", "under", "lower than", "fewer than", "worse than");
    put(
        Role.DISTRIBUTION,
        "distribution of",
        "histogram of",
        "spread of",
        "distribution",
        "frequency of",
        "breakdown of",
        "how are",
        "composition of",
        "mix of",
        "make up of");
    earlier(
        new Measure.UnitBefore(Period.Unit.YEAR),
        "the year before",
        "a year before",
        "a year earlier",
        "the previous year",
        "the same period last year",
        "same period last year",
        "the same month last year",
        "same month last year",
        "the same quarter last year",
        "same quarter last year",
        "the same week last year",
        "the same time last year",
        "same time last year",
        "last ytd",
        "ytd last year",
        "last years ytd",
        "last year ytd",
        "last year to date",
        "the same period of the previous year",
        "the same period in the previous year",
        "this time last year",
        "the prior year",
        "prior year",
        "previous year",
        "one year earlier",
        "a year ago",
        "one year ago",
        "the preceding year",
        "same period the year before",
        "the same period the year before",
        "the same period of last year",
        "the same day last year",
        "the same period a year ago",
        "the same period a year earlier",
        "the corresponding period last year",
        "the same months last year");
    earlier(
        new Measure.UnitBefore(Period.Unit.BUSINESS_YEAR),
        "the business year before",
        "the previous business year",
        "the previous financial year",
        "the previous fiscal year");
    earlier(
        new Measure.UnitBefore(Period.Unit.HALF), "the half year before", "the previous half year");
    earlier(
        new Measure.UnitBefore(Period.Unit.QUARTER),
        "the quarter before",
        "the previous quarter",
        "previous quarter",
        "prior quarter",
        "the prior quarter",
        "a quarter earlier");
    earlier(
        new Measure.UnitBefore(Period.Unit.MONTH),
        "the month before",
        "the previous month",
        "previous month",
        "prior month",
        "the prior month",
        "a month earlier",
        "one month earlier",
        "the preceding month");
    earlier(
        new Measure.UnitBefore(Period.Unit.WEEK),
        "the week before",
        "the previous week",
        "previous week",
        "a week earlier");
    earlier(
        new Measure.UnitBefore(Period.Unit.DAY),
        "the day before",
        "the previous day",
        "previous day");
    earlier(
        new Measure.SpanBefore(),
        "the period before",
        "the previous period",
        "previous period",
        "the prior period",
        "the preceding period",
        "period over period",
        "the one before",
        "prior period",
        "preceding period");
    everySpan(Period.Unit.YEAR, "year over year", "year on year", "yoy", "y o y", "year to year");
    everySpan(
        Period.Unit.QUARTER,
        "quarter over quarter",
        "quarter on quarter",
        "qoq",
        "quarter to quarter");
    everySpan(Period.Unit.MONTH, "month over month", "month on month", "mom", "month to month");
    everySpan(Period.Unit.WEEK, "week over week", "week on week", "wow", "week to week");
    everySpan(Period.Unit.DAY, "day over day", "day on day", "day to day");
    put(Role.EARLIER_TIME, "the earlier time");
  }

  private void earlier(Measure.Earlier earlier, String... phrases) {
    put(new Meaning.EarlierWord(earlier, false), phrases);
  }

  private void everySpan(Period.Unit unit, String... phrases) {
    put(new Meaning.EarlierWord(new Measure.UnitBefore(unit), true), phrases);
  }

  /** Words of lists of rows and of what stands in them. */
  private void rows() {
    put(Role.LIST_OF, "list of");
    put(
        Role.SHOWING,
        "showing",
        "with columns",
        "including",
        "incl",
        "together with",
        "along with",
        "with its",
        "with their",
        "with the",
        "and their",
        "and its",
        "with his",
        "with her",
        "plus their",
        "plus its",
        "along with their",
        "as well as their",
        "including their");
    put(Role.WITH, "with");
    put(Role.FIRST, "first", "the first");
    put(Role.NEWEST, "latest", "most recent", "newest", "last", "freshest");
    put(Role.OLDEST, "earliest", "first");
    put(Role.YOUNGEST, "youngest");
    put(Role.ELDEST, "oldest", "longest standing", "most ancient");
    put(
        Role.NAMED,
        "named",
        "called",
        "by the name of",
        "with the name",
        "whose name is",
        "who is called",
        "with name",
        "that is called");
    put(Role.OLDER, "older than", "aged over", "over the age of");
    put(Role.YOUNGER, "younger than", "aged under", "under the age of", "newer than");
    put(Role.RANKED_BY, "ranked by", "ranked according to", "in a ranking by");
    put(Role.DECADE, "s");
    put(
        new Meaning.OftenWord(true),
        "most often",
        "most frequently",
        "the most often",
        "most times",
        "the most times");
    put(new Meaning.OftenWord(false), "least often", "least frequently", "the least often");
    put(
        new Meaning.HowWord(List.of("time", "length")),
        "how long are",
        "how long is",
        "how long do",
        "how long does",
        "how long did",
        "how long were",
        "how long was");
    put(
        new Meaning.HowWord(List.of("length")),
        "how high are",
        "how high is",
        "how tall are",
        "how wide are",
        "how deep are");
    put(new Meaning.HowWord(List.of("weight")), "how heavy are", "how heavy is");
    put(new Meaning.HowWord(List.of("money")), "how expensive are", "how expensive is");
    put(Role.WHO, "who");
    put(Role.NEW, "new", "newly");
    put(Role.WHERE, "where");
    put(
        Role.TIME_TO,
        "time to",
        "time to be",
        "time until",
        "time till",
        "days to",
        "days until",
        "hours to",
        "hours until",
        "how long to",
        "how long until",
        "how long does it take to",
        "how long did it take to",
        "how long do we take to",
        "how long it takes to",
        "how long does it take until",
        "how long are",
        "how long till",
        "time it takes to",
        "time it took to",
        "days it takes to",
        "time needed to",
        "time we need to");
    put(Role.WHEN, "when", "what time of year");
    put(Role.ABSENT, "missing", "empty", "blank", "unknown", "null", "unrecorded");
    put(
        Role.MISSING,
        "missing",
        "with missing",
        "empty",
        "blank",
        "unknown",
        "no recorded",
        "lacking",
        "with empty",
        "without",
        "with no",
        "no",
        "without a",
        "without any",
        "null",
        "that have no",
        "that has no",
        "where there is no",
        "having no",
        "unrecorded",
        "with blank",
        "with unknown",
        "that lack",
        "lack",
        "without an",
        "without known",
        "with no known",
        "that have no recorded",
        "with no recorded");
    put(
        Role.KNOWN,
        "known",
        "with known",
        "recorded",
        "with any",
        "with recorded",
        "with a known",
        "that have a",
        "with a recorded");
    put(
        Role.NOT,
        "not",
        "does not",
        "do not",
        "dont",
        "doesnt",
        "that do not",
        "that does not",
        "did not",
        "didnt");
    put(
        new Meaning.WhereWord(Filter.Where.ANYWHERE),
        "mentioning",
        "mentions",
        "mention",
        "containing",
        "contains",
        "contain",
        "that mention",
        "that mentions",
        "which mention",
        "with the word",
        "with the words",
        "including the word",
        "about",
        "saying",
        "that say",
        "mentioned",
        "that contain",
        "that contains",
        "has the word",
        "have the word",
        "talk about",
        "talking about",
        "referring to",
        "says",
        "say",
        "that mentioned");
    put(
        new Meaning.WhereWord(Filter.Where.AT_START),
        "starting with",
        "starts with",
        "start with",
        "beginning with",
        "begins with",
        "begin with",
        "that start with",
        "that starts with",
        "that begin with",
        "that begins with",
        "whose name starts with",
        "named with");
    put(
        new Meaning.WhereWord(Filter.Where.AT_END),
        "ending with",
        "ends with",
        "end with",
        "ending in",
        "ends in",
        "that end with",
        "that end in",
        "finishing with",
        "that ends in");
    put(
        Role.IN_STEPS,
        "in steps of",
        "in groups of",
        "in buckets of",
        "in bands of",
        "in bins of",
        "in ranges of",
        "grouped in",
        "in intervals of",
        "steps of",
        "every",
        "in classes of",
        "rounded to",
        "in blocks of");
    put(
        Role.IN_BANDS,
        "in bands from",
        "in bands",
        "bands",
        "in ranges",
        "grouped",
        "grouped as",
        "grouped into",
        "in groups",
        "bands from",
        "ranges",
        "groups",
        "brackets",
        "in brackets");
    put(Role.WORDS, "the words", "words", "mention of", "mentions of");
    put(
        Role.DAYS_FROM,
        "days from",
        "hours from",
        "days between",
        "hours between",
        "time between",
        "time from",
        "number of days between",
        "number of days from",
        "how many days between",
        "how many days from",
        "days elapsed between",
        "gap between",
        "how long between",
        "how long from",
        "how long is it from",
        "interval between",
        "duration between",
        "duration from",
        "delay between",
        "delay from",
        "number of hours between",
        "how many hours between",
        "how many hours from",
        "how much time between",
        "how many days pass between",
        "how long does it take from",
        "time it takes from",
        "how many days lie between",
        "lag between",
        "days passing between",
        "how long passes between");
  }

  private void counting() {
    put(
        Role.COUNT,
        "how many",
        "number of",
        "the number of",
        "count of",
        "count",
        "the count of",
        "total number of",
        "amount of",
        "quantity of",
        "how many of",
        "how often",
        "how many times",
        "no of");
    put(Role.DIFFERENT, "different", "distinct", "unique", "various", "individual");
    put(
        new Meaning.StatisticWord(Measure.Kind.SUM),
        "total",
        "sum",
        "sum of",
        "overall",
        "total of",
        "summed",
        "combined");
    put(
        new Meaning.StatisticWord(Measure.Kind.AVERAGE),
        "average",
        "avg",
        "mean",
        "average of",
        "typical",
        "on average",
        "averaged");
    put(new Meaning.StatisticWord(Measure.Kind.MEDIAN), "median", "median of", "middle");
    put(new Meaning.StatisticWord(Measure.Kind.MINIMUM), "minimum", "min", "minimum of", "minimal");
    put(
        new Meaning.StatisticWord(Measure.Kind.MAXIMUM),
        "maximum",
        "max",
        "maximum of",
        "maximal",
        "peak");
    put(
        new Meaning.StatisticWord(Measure.Kind.STANDARD_DEVIATION),
        "standard deviation",
        "standard deviation of",
        "std dev",
        "stddev",
        "std deviation",
        "spread");
    put(Role.PERCENTILE, "percentile", "percentile of", "centile", "percentile for");
    superlative(true, "", "highest", "largest", "biggest", "greatest");
    superlative(true, "amount", "most", "the most");
    superlative(false, "", "lowest", "smallest");
    superlative(false, "amount", "fewest", "least", "the least", "the fewest");
    superlative(true, "time", "longest");
    superlative(false, "time", "shortest", "briefest");
    superlative(true, "weight", "heaviest");
    superlative(false, "weight", "lightest");
    superlative(
        true,
        "money",
        "most expensive",
        "dearest",
        "priciest",
        "costliest",
        "best paid",
        "highest paid");
    superlative(false, "money", "cheapest", "least expensive", "lowest priced", "lowest paid");
    superlative(true, "temperature", "hottest", "warmest");
    superlative(false, "temperature", "coldest", "coolest");
    superlative(false, "time", "quickest", "fastest");
    superlative(true, "time", "slowest");
    superlative(true, "length", "deepest", "farthest", "furthest");
    superlative(false, "length", "shallowest", "nearest", "closest");
    superlative(true, "length", "longest", "tallest", "widest");
    superlative(false, "length", "shortest", "narrowest");
    put(new Meaning.JudgementWord(true), "best", "best performing", "strongest");
    put(new Meaning.JudgementWord(false), "worst", "worst performing", "weakest", "poorest");
    put(
        new Meaning.CommonWord(true),
        "most common",
        "commonest",
        "most frequent",
        "most usual",
        "most used",
        "most popular",
        "main");
    put(new Meaning.CommonWord(false), "rarest", "least common", "least frequent", "least used");
    put(
        new Meaning.RankWord(true),
        "top",
        "peak",
        "leading",
        "busiest",
        "best selling",
        "bestselling",
        "top selling",
        "most popular",
        "most visited",
        "most common",
        "most frequent",
        "most used",
        "used most",
        "used the most",
        "visited most",
        "visited the most");
    put(
        new Meaning.RankWord(false),
        "bottom",
        "worst selling",
        "quietest",
        "slowest",
        "least busy",
        "least popular",
        "least visited",
        "least common",
        "least frequent",
        "rarest",
        "least used",
        "used least",
        "less busy",
        "calmest");
  }

  private void drift(Contrast way, String words) {
    for (String word : words.split(" ")) {
      put(new Meaning.DriftWord(way), word.replace('_', ' '));
    }
  }

  private void superlative(boolean most, String dimension, String... phrases) {
    put(new Meaning.SuperlativeWord(most, dimension), phrases);
  }

  private void comparisons() {
    put(
        new Meaning.ComparisonWord(Comparison.MORE_THAN),
        "more than",
        "exceeding",
        "exceeds",
        "exceeded",
        "rose above",
        "went above",
        "went over",
        "over",
        "above",
        "greater than",
        "higher than",
        "longer than",
        "larger than",
        "bigger than",
        "thicker than",
        "heavier than",
        "wider than",
        "deeper than",
        "taller than",
        "warmer than",
        "hotter than",
        "steeper than",
        "slower than",
        "dearer than",
        "more expensive than",
        "exceeding",
        "beyond",
        ">",
        "in excess of",
        "is more than",
        "upwards of");
    put(
        new Meaning.ComparisonWord(Comparison.AT_LEAST),
        "at least",
        "no less than",
        "not less than",
        "no fewer than",
        ">=",
        "a minimum of",
        "minimum of");
    put(
        new Meaning.ComparisonWord(Comparison.LESS_THAN),
        "dropped below",
        "fell below",
        "fallen below",
        "went below",
        "dropped under",
        "fell under",
        "less than",
        "under",
        "below",
        "fewer than",
        "lower than",
        "shorter than",
        "smaller than",
        "thinner than",
        "lighter than",
        "narrower than",
        "shallower than",
        "colder than",
        "cooler than",
        "quicker than",
        "faster than",
        "cheaper than",
        "<");
    put(
        new Meaning.ComparisonWord(Comparison.AT_MOST),
        "at most",
        "up to",
        "no more than",
        "not more than",
        "<=",
        "a maximum of",
        "maximum of");
    put(new Meaning.ComparisonWord(Comparison.EQUAL_TO), "exactly", "equal to", "=", "precisely");
    put(Role.BETWEEN, "between");
    put(
        Role.OR_MORE,
        "or more",
        "or above",
        "or over",
        "or longer",
        "or higher",
        "and more",
        "and above",
        "upwards",
        "+",
        "plus");
    put(Role.OR_LESS, "or less", "or fewer", "or below", "or shorter", "or lower", "and less");
    put(Role.PERCENT, "%", "percent", "per cent");
  }

  private void time() {
    unit(TimeUnit.YEAR, Period.Unit.YEAR, "year", "calendar year");
    unit(
        TimeUnit.BUSINESS_YEAR,
        Period.Unit.BUSINESS_YEAR,
        "business year",
        "financial year",
        "fiscal year",
        "accounting year");
    unit(TimeUnit.QUARTER, Period.Unit.QUARTER, "quarter", "calendar quarter");
    unit(TimeUnit.MONTH, Period.Unit.MONTH, "month", "calendar month");
    unit(TimeUnit.WEEK, Period.Unit.WEEK, "week", "calendar week");
    unit(TimeUnit.DAY, Period.Unit.DAY, "day", "calendar day");
    part(TimeUnit.DAY_OF_WEEK, "day of week", "day of the week", "weekday", "week day");
    part(TimeUnit.HOUR_OF_DAY, "hour of day", "hour of the day", "hour", "time of day");
    part(
        TimeUnit.MONTH_OF_YEAR, "month of year", "month of the year", "calendar month of the year");
    adverb(
        TimeUnit.YEAR,
        "a year",
        "yearly",
        "annually",
        "annual",
        "year by year",
        "over the years",
        "through the years",
        "each and every year");
    adverb(TimeUnit.QUARTER, "a quarter", "quarterly", "quarter by quarter");
    adverb(TimeUnit.MONTH, "a month", "monthly", "month by month");
    adverb(TimeUnit.WEEK, "a week", "weekly", "week by week");
    adverb(TimeUnit.DAY, "a day", "daily", "day by day");
    adverb(TimeUnit.HOUR_OF_DAY, "hourly");
    for (Month month : Month.values()) {
      String name = month.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ROOT);
      put(new Meaning.MonthWord(month), name);
      if (name.length() > 4) {
        put(new Meaning.MonthWord(month), name.substring(0, 3));
      }
    }
    put(new Meaning.MonthWord(Month.SEPTEMBER), "sept");
    for (DayOfWeek day : DayOfWeek.values()) {
      String name = day.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ROOT);
      put(new Meaning.WeekdayWord(day), name);
    }
    put(Role.BEFORE_NOON, "am", "a m", "in the morning");
    put(Role.AFTER_NOON, "pm", "p m", "in the afternoon", "in the evening", "at night");
    put(Role.O_CLOCK, "o'clock", "o clock", "oclock", "hours", "h");
    put(
        Role.ANY_YEAR,
        "of any year",
        "over the years",
        "across years",
        "across the years",
        "across all years",
        "in any year");
    put(Role.EVERY, "every", "each", "any", "in every", "in each", "in any");
    put(new Meaning.HoursWord(22, 6), "at night", "by night", "during the night");
    put(
        new Meaning.HoursWord(6, 12),
        "in the morning",
        "in the mornings",
        "mornings",
        "before noon",
        "before midday");
    put(new Meaning.HoursWord(12, 18), "in the afternoon", "in the afternoons", "afternoons");
    put(new Meaning.HoursWord(18, 22), "in the evening", "in the evenings", "evenings");
    put(new Meaning.HoursWord(12, 24), "after noon", "after midday");
    put(new Meaning.HoursWord(0, 6), "after midnight");
    put(Role.WEEKEND, "weekend", "weekends", "the weekend");
    put(Role.THIS, "this", "current", "the current", "this current");
    put(Role.NEXT, "next", "the next", "coming", "the coming", "upcoming");
    put(
        Role.WORKDAYS,
        "weekdays",
        "on weekdays",
        "working days",
        "on working days",
        "workdays",
        "week days");
    put(Role.LAST, "last", "past", "previous", "the last", "the past", "preceding", "prior");
    put(Role.SINCE, "since", "from", "starting", "starting in", "since the start of", "as of");
    put(Role.BEFORE, "before", "prior to", "earlier than");
    put(
        Role.UNTIL,
        "until",
        "till",
        "up to",
        "up until",
        "through",
        "to the end of",
        "up to and including");
    put(Role.AFTER, "after", "later than");
    put(Role.TO, "to", "until", "till", "through", "and");
    put(Role.TO_DATE, "to date", "so far", "up to now", "until now", "up to today");
    put(Role.YEAR_TO_DATE, "ytd", "year to date");
    put(Role.HALF, "half", "half of");
    put(
        Role.OVER_TIME,
        "over time",
        "trend",
        "through time",
        "trend of",
        "develop",
        "developed",
        "developing",
        "evolved",
        "evolving",
        "evolve",
        "changed over time",
        "development of");
    put(Role.TODAY, "today");
    put(Role.YESTERDAY, "yesterday");
    quarter("q1", 1);
    quarter("q2", 2);
    quarter("q3", 3);
    quarter("q4", 4);
    for (int i = 1; i <= 6; i++) {
      put(
          new Meaning.OrdinalWord(i),
          List.of("first", "second", "third", "fourth", "fifth", "sixth").get(i - 1));
    }
  }

  private void quarter(String word, int number) {
    put(new Meaning.QuarterWord(number), word);
  }

  private void unit(TimeUnit grouping, Period.Unit period, String... phrases) {
    put(new Meaning.TimeUnitWord(grouping, Optional.of(period), false), phrases);
  }

  private void part(TimeUnit grouping, String... phrases) {
    put(new Meaning.TimeUnitWord(grouping, Optional.empty(), false), phrases);
  }

  private void adverb(TimeUnit grouping, String... phrases) {
    put(new Meaning.TimeUnitWord(grouping, Optional.empty(), true), phrases);
  }

  private void showing() {
    put(
        Role.SORTED,
        "sorted by",
        "sort by",
        "ordered by",
        "order by",
        "sorted",
        "in order of",
        "sort",
        "ordered",
        "arranged by");
    put(Role.BY_NAME, "name", "by name", "alphabetically", "in alphabetical order", "a to z");
    put(
        new Meaning.DirectionWord(true),
        "descending",
        "desc",
        "highest first",
        "largest first",
        "from highest to lowest",
        "high to low",
        "newest first",
        "most first",
        "biggest first",
        "from high to low",
        "heaviest first",
        "longest first",
        "most expensive first",
        "most recent first",
        "latest first",
        "highest to lowest",
        "largest to smallest",
        "from largest to smallest",
        "biggest to smallest",
        "in descending order",
        "from most to least");
    put(
        new Meaning.DirectionWord(false),
        "ascending",
        "asc",
        "lowest first",
        "smallest first",
        "from lowest to highest",
        "low to high",
        "oldest first",
        "from low to high",
        "lightest first",
        "shortest first",
        "cheapest first",
        "earliest first",
        "lowest to highest",
        "smallest to largest",
        "from smallest to largest",
        "from oldest to newest",
        "oldest to newest",
        "from oldest to youngest",
        "in ascending order",
        "from least to most");
    put(
        new Meaning.PictureWord(Picture.STACKED),
        "as stacked bars",
        "as a stacked bar chart",
        "stacked",
        "stacked bars",
        "stacked bar chart",
        "as stacked columns",
        "stacked columns");
    put(
        new Meaning.PictureWord(Picture.AREA),
        "as an area chart",
        "area chart",
        "as area",
        "as areas",
        "as an area",
        "area graph");
    put(
        new Meaning.PictureWord(Picture.SCATTER),
        "as a scatter plot",
        "scatter plot",
        "scatter",
        "as a scatter chart",
        "scatterplot",
        "as dots",
        "as a scatter",
        "as a scatterplot",
        "scatter chart",
        "in a scatter plot");
    put(
        new Meaning.PictureWord(Picture.HEAT_MAP),
        "as a heat map",
        "heat map",
        "heatmap",
        "as heatmap",
        "as a heatmap",
        "in a heat map");
    put(
        new Meaning.PictureWord(Picture.TREE_MAP),
        "as a tree map",
        "tree map",
        "treemap",
        "as a treemap",
        "in a tree map");
    put(
        new Meaning.PictureWord(Picture.SUNBURST),
        "as a sunburst",
        "sunburst",
        "sunburst chart",
        "as a sunburst chart",
        "in a sunburst");
    put(
        new Meaning.PictureWord(Picture.SMALL_MULTIPLES),
        "as small multiples",
        "small multiples",
        "in small multiples",
        "as small charts");
    put(
        new Meaning.PictureWord(Picture.BARS_WITH_LINE),
        "as bars with a line",
        "bars with a line",
        "as bars and a line",
        "as bars and line",
        "as columns with a line",
        "as columns and a line",
        "as a line with columns",
        "line with columns",
        "as a combined chart",
        "combo chart",
        "as a combo chart");
    put(
        new Meaning.PictureWord(Picture.CROSS_TABLE),
        "as a cross table",
        "cross table",
        "crosstab",
        "as a crosstab",
        "in a cross table",
        "pivot table",
        "as a pivot table",
        "in a pivot table");
    put(
        new Meaning.PictureWord(Picture.HISTOGRAM),
        "as a histogram",
        "histogram",
        "in a histogram");
    put(
        new Meaning.PictureWord(Picture.MAP),
        "on a map",
        "as a map",
        "on the map",
        "map",
        "in a map");
    put(
        new Meaning.PictureWord(Picture.BAR),
        "as a bar chart",
        "as bar chart",
        "as bars",
        "bar chart",
        "as a bar graph",
        "bar graph",
        "as columns",
        "as a column chart",
        "in a bar chart",
        "bars");
    put(
        new Meaning.PictureWord(Picture.LINE),
        "as a line chart",
        "as line chart",
        "as a line",
        "line chart",
        "as a line graph",
        "line graph",
        "as a curve",
        "in a line chart",
        "line");
    put(
        new Meaning.PictureWord(Picture.TABLE),
        "as a table",
        "as table",
        "in a table",
        "in table form",
        "a table of",
        "table of",
        "table with",
        "table form",
        "as a list");
  }

  private void numbers() {
    List<String> small =
        List.of(
            "zero",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
            "seventeen",
            "eighteen",
            "nineteen",
            "twenty");
    for (int i = 0; i < small.size(); i++) {
      put(new Meaning.NumberWord(BigDecimal.valueOf(i)), small.get(i));
    }
    List<String> tens = List.of("thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");
    for (int i = 0; i < tens.size(); i++) {
      put(new Meaning.NumberWord(BigDecimal.valueOf(30L + 10L * i)), tens.get(i));
    }
    put(new Meaning.NumberWord(BigDecimal.valueOf(100)), "hundred", "a hundred", "one hundred");
    put(new Meaning.NumberWord(BigDecimal.valueOf(1000)), "a thousand", "one thousand");
    put(new Meaning.NumberWord(BigDecimal.valueOf(12)), "a dozen", "dozen");
    put(Role.THOUSAND, "k", "thousand");
    put(Role.MILLION, "m", "mio", "million");
  }
}
