package org.ropebridge.language;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** English names of tables and columns. */
final class EnglishIdentifiers implements Identifiers {
  private static final Map<String, String> ABBREVIATIONS =
      Map.ofEntries(
          Map.entry("acct", "account"),
          Map.entry("addr", "address"),
          Map.entry("amt", "amount"),
          Map.entry("avg", "average"),
          Map.entry("bal", "balance"),
          Map.entry("cat", "category"),
          Map.entry("cd", "code"),
          Map.entry("cnt", "count"),
          Map.entry("cntry", "country"),
          Map.entry("cust", "customer"),
          Map.entry("del", "delivery"),
          Map.entry("dept", "department"),
          Map.entry("desc", "description"),
          Map.entry("descr", "description"),
          Map.entry("dob", "birth date"),
          Map.entry("dt", "date"),
          Map.entry("emp", "employee"),
          Map.entry("hrs", "hours"),
          Map.entry("inv", "invoice"),
          Map.entry("loc", "location"),
          Map.entry("mgr", "manager"),
          Map.entry("mins", "minutes"),
          Map.entry("mth", "month"),
          Map.entry("nbr", "number"),
          Map.entry("nm", "name"),
          Map.entry("no", "number"),
          Map.entry("nr", "number"),
          Map.entry("num", "number"),
          Map.entry("ord", "order"),
          Map.entry("org", "organisation"),
          Map.entry("pct", "percent"),
          Map.entry("prc", "price"),
          Map.entry("prod", "product"),
          Map.entry("qty", "quantity"),
          Map.entry("ref", "reference"),
          Map.entry("reg", "region"),
          Map.entry("rev", "revenue"),
          Map.entry("stat", "status"),
          Map.entry("supp", "supplier"),
          Map.entry("tel", "telephone"),
          Map.entry("tot", "total"),
          Map.entry("trx", "transaction"),
          Map.entry("txn", "transaction"),
          Map.entry("typ", "type"),
          Map.entry("val", "value"),
          Map.entry("wh", "warehouse"),
          Map.entry("yr", "year"));

  private static final Map<String, String> UNITS =
      Map.ofEntries(
          Map.entry("m", "m"),
          Map.entry("mm", "mm"),
          Map.entry("cm", "cm"),
          Map.entry("km", "km"),
          Map.entry("m2", "m²"),
          Map.entry("m3", "m³"),
          Map.entry("kg", "kg"),
          Map.entry("g", "g"),
          Map.entry("t", "t"),
          Map.entry("l", "l"),
          Map.entry("kwh", "kWh"),
          Map.entry("eur", "EUR"),
          Map.entry("usd", "USD"),
          Map.entry("chf", "CHF"),
          Map.entry("gbp", "GBP"),
          Map.entry("percent", "percent"),
          Map.entry("min", "minutes"),
          Map.entry("minutes", "minutes"),
          Map.entry("hours", "hours"),
          Map.entry("days", "days"),
          Map.entry("nights", "nights"),
          Map.entry("seconds", "seconds"),
          Map.entry("ms", "ms"));

  /** Units that are also the whole name of what is measured: "running minutes". */
  private static final Set<String> SPOKEN_UNITS =
      Set.of("minutes", "hours", "days", "nights", "seconds", "percent");

  /** What is measured in a unit. */
  private static final Map<String, String> MEASURED =
      Map.ofEntries(
          Map.entry("m3", "volume"),
          Map.entry("l", "volume"),
          Map.entry("m2", "area"),
          Map.entry("m", "length"),
          Map.entry("km", "distance"),
          Map.entry("kg", "weight"),
          Map.entry("g", "weight"),
          Map.entry("t", "weight"),
          Map.entry("kwh", "energy"),
          Map.entry("eur", "amount"),
          Map.entry("usd", "amount"),
          Map.entry("chf", "amount"),
          Map.entry("gbp", "amount"));

  /** Marks of what a table is for in a warehouse, not of what it holds. */
  private static final Set<String> TABLE_MARKS =
      Set.of("tbl", "dim", "fact", "fct", "stg", "vw", "raw", "dwh");

  private static final List<List<String>> SCALES =
      List.of(
          List.of(
              "very low", "low", "middle", "medium", "moderate", "high", "very high", "critical"),
          List.of("negligible", "minor", "moderate", "major", "severe", "critical"),
          List.of("tiny", "small", "medium", "large", "huge"),
          List.of("bronze", "silver", "gold", "platinum"),
          List.of("monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"));

  private static final Set<String> NAMES = Set.of("name", "title", "label");
  private static final Set<String> TECHNICAL =
      Set.of(
          "etl",
          "batch",
          "hash",
          "checksum",
          "rowversion",
          "loaded",
          "inserted",
          "synced",
          "modified",
          "updated",
          "ingested",
          "uuid",
          "guid",
          "deleted",
          "lsn",
          "sys");
  private static final Set<String> PERSONAL =
      Set.of(
          "email",
          "mail",
          "phone",
          "telephone",
          "mobile",
          "fax",
          "passport",
          "iban",
          "ssn",
          "birth",
          "born",
          "birthday",
          "surname",
          "street",
          "address",
          "salary",
          "password");
  private static final Set<String> IDENTIFIERS =
      Set.of("id", "key", "number", "code", "uuid", "guid", "reference", "pk", "sk");
  private static final Set<String> CODES =
      Set.of("code", "type", "status", "state", "class", "kind", "flag", "category", "group");
  private static final Set<String> MONEY =
      Set.of(
          "amount",
          "cost",
          "costs",
          "revenue",
          "sales",
          "pay",
          "wage",
          "budget",
          "income",
          "expense",
          "expenses",
          "refund",
          "discount",
          "tax",
          "fee",
          "fees",
          "profit",
          "turnover",
          "spend",
          "payment",
          "paid",
          "charge",
          "donation",
          "premium");
  private static final Set<String> QUANTITIES =
      Set.of(
          "quantity",
          "count",
          "total",
          "units",
          "pieces",
          "hours",
          "minutes",
          "nights",
          "guests",
          "visitors",
          "visits",
          "seats",
          "party",
          "persons",
          "people",
          "weight",
          "volume",
          "sold",
          "used",
          "lost",
          "produced",
          "consumed",
          "delivered",
          "ordered",
          "returned",
          "clicks",
          "calls",
          "tickets",
          "passengers",
          "households",
          "inhabitants",
          "population",
          "beds",
          "attendance",
          "distance",
          "energy",
          "length",
          "area");
  private static final Set<String> STOCKS =
      Set.of("stock", "stored", "balance", "level", "inventory", "headcount", "backlog", "onhand");
  private static final Set<String> MEASURES =
      Set.of(
          "rate",
          "ratio",
          "percent",
          "share",
          "price",
          "score",
          "rating",
          "stars",
          "grade",
          "rank",
          "age",
          "altitude",
          "height",
          "elevation",
          "width",
          "depth",
          "diameter",
          "span",
          "speed",
          "temperature",
          "average",
          "mean",
          "median",
          "index",
          "factor",
          "result",
          "density",
          "pressure",
          "voltage",
          "margin",
          "duration",
          "running");
  private static final Set<String> POSITIONS =
      Set.of(
          "year",
          "month",
          "week",
          "quarter",
          "day",
          "line",
          "position",
          "sequence",
          "seq",
          "version",
          "sort",
          "ordinal",
          "hour");
  private static final Set<String> STARTS =
      Set.of(
          "arrival",
          "arrived",
          "start",
          "starts",
          "started",
          "begin",
          "begins",
          "began",
          "happened",
          "occurred",
          "from",
          "event",
          "performed",
          "sold",
          "ordered",
          "order",
          "reported",
          "inspected",
          "taken",
          "visited",
          "issued",
          "invoiced",
          "delivered",
          "flown",
          "published",
          "joined",
          "opened",
          "built",
          "founded",
          "hired",
          "connected",
          "premiere",
          "laid",
          "day",
          "month",
          "date");
  private static final Set<String> RECORDS =
      Set.of(
          "booked",
          "booking",
          "created",
          "entered",
          "recorded",
          "registered",
          "requested",
          "agreed",
          "signed",
          "logged",
          "received");
  private static final Set<String> ENDS =
      Set.of(
          "departure",
          "departed",
          "end",
          "ends",
          "ended",
          "until",
          "closed",
          "cleared",
          "finished",
          "completed",
          "due",
          "paid",
          "repaired",
          "resolved",
          "expires",
          "expiry",
          "left",
          "cancelled",
          "to",
          "returned",
          "shipped");
  private static final Set<String> BIRTHS = Set.of("born", "birth", "birthday");
  private static final Set<String> PROSE =
      Set.of(
          "note",
          "notes",
          "comment",
          "comments",
          "description",
          "remark",
          "remarks",
          "body",
          "text",
          "message",
          "feedback",
          "summary",
          "details",
          "review",
          "story");
  private static final Set<String> UPKEEP =
      Set.of("flyway", "migration", "migrations", "liquibase", "databasechangelog", "alembic");
  private static final Set<String> WITHIN =
      Set.of(
          "parent",
          "sponsor",
          "manager",
          "boss",
          "supervisor",
          "referred",
          "referrer",
          "predecessor",
          "successor",
          "reports",
          "mentor",
          "leader",
          "superior",
          "introduced");

  @Override
  public List<String> words(String identifier) {
    String spaced =
        identifier
            .replaceAll("([a-z0-9])([A-Z])", "$1 $2")
            .replaceAll("([A-Z]+)([A-Z][a-z])", "$1 $2")
            .replaceAll("[^\\p{L}\\p{N}]+", " ")
            .strip()
            .toLowerCase(Locale.ROOT);
    List<String> words = new ArrayList<>();
    for (String word : spaced.split(" ")) {
      words.addAll(List.of(ABBREVIATIONS.getOrDefault(word, word).split(" ")));
    }
    while (words.size() > 1 && TABLE_MARKS.contains(words.get(0))) {
      words.remove(0);
    }
    return words;
  }

  @Override
  public String singular(String phrase) {
    int space = phrase.lastIndexOf(' ');
    return phrase.substring(0, space + 1) + EnglishInflection.singular(phrase.substring(space + 1));
  }

  @Override
  public String plural(String phrase) {
    return EnglishInflection.plural(phrase);
  }

  @Override
  public Optional<String> unit(List<String> words) {
    String last = words.get(words.size() - 1);
    if (words.size() > 1 && UNITS.containsKey(last) || SPOKEN_UNITS.contains(last)) {
      return Optional.of(UNITS.get(last));
    }
    // "seats" are counted in seats.
    boolean counted = amount(last) == Amount.QUANTITY || amount(last) == Amount.MEASURE;
    return counted && EnglishInflection.isPlural(last) ? Optional.of(last) : Optional.empty();
  }

  @Override
  public List<String> spoken(List<String> words) {
    String last = words.get(words.size() - 1);
    boolean written = words.size() > 1 && UNITS.containsKey(last) && !SPOKEN_UNITS.contains(last);
    if (!written) {
      return words;
    }
    List<String> said = new ArrayList<>(words.subList(0, words.size() - 1));
    // "used" and "lost" are nothing by themselves; what was used is told by its unit.
    if (EnglishInflection.isParticiple(said.get(said.size() - 1)) && MEASURED.containsKey(last)) {
      said.add(MEASURED.get(last));
    }
    return said;
  }

  @Override
  public boolean namesThings(List<String> words) {
    return NAMES.contains(words.get(words.size() - 1));
  }

  @Override
  public boolean isTechnical(List<String> words) {
    return words.stream().anyMatch(TECHNICAL::contains);
  }

  @Override
  public boolean isPersonal(List<String> words) {
    return words.stream().anyMatch(PERSONAL::contains);
  }

  @Override
  public boolean isIdentifier(List<String> words) {
    return IDENTIFIERS.contains(words.get(words.size() - 1));
  }

  @Override
  public boolean isCode(List<String> words) {
    return CODES.contains(words.get(words.size() - 1));
  }

  @Override
  public List<String> inOrder(List<String> values) {
    for (List<String> scale : SCALES) {
      List<String> sorted =
          values.stream()
              .sorted(Comparator.comparing(v -> scale.indexOf(v.toLowerCase(Locale.ROOT))))
              .toList();
      boolean all = values.stream().allMatch(v -> scale.contains(v.toLowerCase(Locale.ROOT)));
      if (all && values.size() > 1) {
        return sorted;
      }
    }
    return List.of();
  }

  @Override
  public Amount amount(List<String> words) {
    String unit = words.get(words.size() - 1);
    if (SPOKEN_UNITS.contains(unit) && words.stream().anyMatch(MEASURES::contains)) {
      return Amount.MEASURE;
    }
    // The last word says what it is; the ones before it say of what.
    for (int i = words.size() - 1; i >= 0; i--) {
      Amount amount = amount(words.get(i));
      if (amount != Amount.UNKNOWN) {
        return amount;
      }
    }
    return Amount.UNKNOWN;
  }

  private static Amount amount(String word) {
    if (MEASURES.contains(word)) {
      return Amount.MEASURE;
    } else if (POSITIONS.contains(word)) {
      return Amount.POSITION;
    } else if (STOCKS.contains(word)) {
      return Amount.STOCK;
    } else if (MONEY.contains(word)) {
      return Amount.MONEY;
    }
    return QUANTITIES.contains(word) ? Amount.QUANTITY : Amount.UNKNOWN;
  }

  @Override
  public Moment moment(List<String> words) {
    if (words.stream().anyMatch(BIRTHS::contains)) {
      return Moment.BIRTH;
    } else if (words.stream().anyMatch(ENDS::contains)) {
      return Moment.END;
    } else if (words.stream().anyMatch(RECORDS::contains)) {
      return Moment.RECORD;
    }
    return words.stream().anyMatch(STARTS::contains) ? Moment.START : Moment.UNKNOWN;
  }

  @Override
  public boolean pointsWithin(List<String> words) {
    return words.stream().anyMatch(WITHIN::contains);
  }

  @Override
  public boolean isProse(List<String> words) {
    return PROSE.contains(words.get(words.size() - 1));
  }

  @Override
  public List<String> ofDate(List<String> words, boolean hasTime) {
    String whole = String.join(" ", words);
    String kind = hasTime ? "time" : "date";
    String last = words.get(words.size() - 1);
    boolean hasParticle = words.size() > 1 && Set.of("on", "at").contains(last);
    boolean saysSo =
        Set.of("date", "time", "day", "month", "year", "week", "quarter").contains(last);
    List<String> said = hasParticle ? words.subList(0, words.size() - 1) : words;
    String plain = String.join(" ", said);
    List<String> names = new ArrayList<>();
    if (saysSo) {
      return List.of(whole);
    } else if (EnglishInflection.isParticiple(said.get(0))) {
      names.addAll(List.of(kind + " " + plain, plain));
    } else if (EnglishInflection.isPlural(plain)) {
      // "starts at" is a start time.
      names.addAll(List.of(EnglishInflection.singular(plain) + " " + kind, plain));
    } else {
      names.addAll(List.of(plain + " " + kind, plain));
    }
    if (hasParticle) {
      names.add(whole);
    }
    return names;
  }

  @Override
  public boolean isUpkeep(List<String> words) {
    return words.stream().anyMatch(UPKEEP::contains);
  }

  @Override
  public boolean isLatitude(List<String> words) {
    return Set.of("latitude", "lat").contains(words.get(words.size() - 1));
  }

  @Override
  public boolean isLongitude(List<String> words) {
    return Set.of("longitude", "lon", "lng", "long").contains(words.get(words.size() - 1));
  }
}
