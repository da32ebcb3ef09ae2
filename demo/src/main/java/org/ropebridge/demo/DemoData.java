package org.ropebridge.demo;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Generates the trust's data. The same size always gives the same rows.
 *
 * <p>Traps are there on purpose: codes instead of words, columns that are empty for old years, a
 * hut and a valley of one name, a hut that closed, refunds as negative lines, members without
 * stays, a current month that is not over, a festival that fills Ossel every August and a storm
 * that closed Brannick in May 2026.
 */
public final class DemoData {
  /** "Today" in the demo's model; no row is newer. */
  public static final LocalDate TODAY = LocalDate.of(2026, 10, 18);

  private static final LocalDate FIRST_DAY = LocalDate.of(2021, 1, 1);
  private static final LocalDate STORM_FIRST = LocalDate.of(2026, 5, 11);
  private static final LocalDate STORM_LAST = LocalDate.of(2026, 5, 24);
  private static final long SEED = 20261018L;
  private static final int OSSEL = 0;
  private static final int BRANNICK = 1;
  private static final int CLOSED_HUT = 33;
  private static final LocalDate CLOSED_ON = LocalDate.of(2024, 9, 30);
  private static final int BRIDGES = 74;

  private final Size size;
  private final RowSink sink;
  private final SplittableRandom random = new SplittableRandom(SEED);
  private int stays;
  private int charges;

  /** How much is generated. */
  public enum Size {
    /** About 250,000 stays and 700,000 charges. */
    FULL(40_000, 1.7, 8_000, 1),
    /** A few thousand stays, for tests. */
    SMALL(600, 0.32, 400, 9);

    private final int members;
    private final double staysPerHutAndDay;
    private final int callouts;
    private final int everyNthDay;

    Size(int members, double staysPerHutAndDay, int callouts, int everyNthDay) {
      this.members = members;
      this.staysPerHutAndDay = staysPerHutAndDay;
      this.callouts = callouts;
      this.everyNthDay = everyNthDay;
    }
  }

  private record Hut(int id, int valley, int beds, double pull) {}

  private record Charge(
      int id, int stay, String item, String category, BigDecimal amount, boolean refunded) {}

  private DemoData(Size size, RowSink sink) {
    this.size = size;
    this.sink = sink;
  }

  /** Hands all rows of all tables to the sink, parents before children. */
  public static void generate(Size size, RowSink sink) {
    DemoData data = new DemoData(size, sink);
    data.valleys();
    List<Hut> huts = data.huts();
    data.capacity(huts);
    data.members();
    List<Charge> charges = data.stays(huts);
    data.charges(charges);
    data.supplies(huts);
    data.bridges(huts);
    data.inspections();
    data.callouts(huts);
  }

  private void valleys() {
    sink.table("hut.valley", List.of("valley_id", "name", "outline"));
    for (int i = 0; i < Names.VALLEYS.size(); i++) {
      double west = 7 + i * 0.3;
      String outline =
          String.format(
              java.util.Locale.ROOT,
              "{\"type\":\"Polygon\",\"coordinates\":[[[%.2f,46.00],[%.2f,46.00],[%.2f,46.40],[%.2f,46.45],[%.2f,46.00]]]}",
              west,
              west + 0.28,
              west + 0.25,
              west + 0.05,
              west);
      sink.row(i + 1, Names.VALLEYS.get(i), outline);
    }
  }

  private List<Hut> huts() {
    sink.table(
        "hut.hut",
        List.of(
            "hut_id",
            "name",
            "valley_id",
            "altitude_m",
            "beds",
            "opened_on",
            "closed_on",
            "kind",
            "warden",
            "fuel",
            "latitude",
            "longitude"));
    List<Hut> huts = new java.util.ArrayList<>();
    for (int i = 0; i < Names.HUTS.size(); i++) {
      int valley = i == 2 ? 3 : (i * 7 + i / 5) % Names.VALLEYS.size();
      int beds = 12 + random.nextInt(60);
      String kind = beds > 40 ? "staffed" : beds > 20 ? "self-service" : "bivouac";
      LocalDate opened =
          LocalDate.of(1905 + random.nextInt(110), 1 + random.nextInt(12), 1 + random.nextInt(28));
      if (i >= Names.HUTS.size() - 2) {
        opened = LocalDate.of(2023 + i % 2, 6, 1);
      }
      sink.row(
          i + 1,
          Names.HUTS.get(i),
          valley + 1,
          900 + random.nextInt(2200),
          beds,
          opened,
          i == CLOSED_HUT ? CLOSED_ON : null,
          kind,
          kind.equals("bivouac") ? null : Names.WARDENS.get(random.nextInt(Names.WARDENS.size())),
          kind.equals("bivouac") ? null : Names.FUELS.get(random.nextInt(Names.FUELS.size())),
          decimal(46.02 + random.nextDouble() * 0.35, 5),
          decimal(7.05 + valley * 0.3 + random.nextDouble() * 0.2, 5));
      huts.add(new Hut(i + 1, valley, beds, 0.55 + random.nextDouble() * 0.9));
    }
    return huts;
  }

  private static boolean open(Hut hut, LocalDate day) {
    if (hut.id() == CLOSED_HUT + 1 && day.isAfter(CLOSED_ON)) {
      return false;
    }
    int newest = Names.HUTS.size() - 2;
    if (hut.id() > newest && day.isBefore(LocalDate.of(2023 + (hut.id() - 1) % 2, 6, 1))) {
      return false;
    }
    return !storm(hut, day);
  }

  private static boolean storm(Hut hut, LocalDate day) {
    return hut.valley() == BRANNICK && !day.isBefore(STORM_FIRST) && !day.isAfter(STORM_LAST);
  }

  private static boolean lanternWeek(LocalDate day) {
    return day.getMonthValue() == 8 && day.getDayOfMonth() >= 14 && day.getDayOfMonth() <= 21;
  }

  private void capacity(List<Hut> huts) {
    sink.table("hut.capacity", List.of("capacity_id", "hut_id", "day", "beds"));
    long id = 0;
    for (LocalDate day = FIRST_DAY; !day.isAfter(TODAY); day = day.plusDays(1)) {
      for (Hut hut : huts) {
        if (open(hut, day)) {
          boolean winter = day.getMonthValue() <= 3 || day.getMonthValue() == 12;
          sink.row(++id, hut.id(), day, winter ? Math.max(8, hut.beds() / 2) : hut.beds());
        }
      }
    }
  }

  private void members() {
    sink.table(
        "member.member",
        List.of(
            "member_id",
            "name",
            "joined",
            "home_region",
            "born",
            "type",
            "email",
            "phone",
            "sponsor_id"));
    for (int id = 1; id <= size.members; id++) {
      String first = pick(Names.FIRST);
      String last = pick(Names.LAST);
      LocalDate joined =
          LocalDate.of(1990, 1, 1).plusDays((long) (Math.sqrt(random.nextDouble()) * 13_439));
      boolean old = joined.getYear() < 2005;
      String mail =
          java.text.Normalizer.normalize(first + "." + last, java.text.Normalizer.Form.NFD)
              .replaceAll("[^A-Za-z.]", "")
              .toLowerCase(java.util.Locale.ROOT);
      sink.row(
          id,
          first + " " + last,
          joined,
          random.nextInt(40) == 0 ? null : pick(Names.REGIONS),
          random.nextInt(12) == 0 ? null : joined.minusDays(6_000L + random.nextInt(16_000)),
          "AAAAAYYFFS".substring(id % 10, id % 10 + 1),
          old ? null : mail + id + "@members.example",
          random.nextInt(3) == 0 ? null : String.format("+00 555 %06d", id),
          id > 50 && random.nextInt(5) == 0 ? 1 + random.nextInt(id - 1) : null);
    }
  }

  private List<Charge> stays(List<Hut> huts) {
    sink.table(
        "hut.stay",
        List.of(
            "stay_id",
            "hut_id",
            "member_id",
            "booked_on",
            "arrival",
            "departure",
            "party_size",
            "channel",
            "status",
            "guest_kind",
            "warden_note"));
    List<Charge> lines = new java.util.ArrayList<>();
    for (LocalDate day = FIRST_DAY; !day.isAfter(TODAY); day = day.plusDays(1)) {
      boolean skipped = day.toEpochDay() % size.everyNthDay != 0;
      if (skipped) {
        continue;
      }
      for (Hut hut : huts) {
        int count = open(hut, day) ? poisson(size.staysPerHutAndDay * demand(hut, day)) : 0;
        for (int i = 0; i < count; i++) {
          stay(hut, day, lines);
        }
      }
    }
    return lines;
  }

  private static double demand(Hut hut, LocalDate day) {
    double[] months = {0.45, 0.55, 0.6, 0.55, 0.8, 1.25, 1.75, 1.9, 1.45, 0.95, 0.5, 0.6};
    double demand = months[day.getMonthValue() - 1] * hut.pull();
    demand *= hut.beds() / 42.0;
    demand *= 0.8 + 0.07 * (day.getYear() - 2021);
    if (day.getDayOfWeek() == DayOfWeek.FRIDAY || day.getDayOfWeek() == DayOfWeek.SATURDAY) {
      demand *= 1.5;
    }
    if (hut.valley() == OSSEL && lanternWeek(day)) {
      demand *= 2.4;
    }
    return demand;
  }

  private void stay(Hut hut, LocalDate arrival, List<Charge> lines) {
    int id = ++stays;
    int party = 1 + poisson(1.7);
    int nights = 1 + poisson(0.65);
    boolean member = random.nextInt(100) < 55;
    int firstMembers = size.members * 6 / 10;
    Integer memberId =
        member ? 1 + (int) (firstMembers * random.nextDouble() * random.nextDouble()) : null;
    int dice = random.nextInt(100);
    String channel = dice < 52 ? "W" : dice < 75 ? "P" : dice < 88 ? "A" : "D";
    int cancelOdds = channel.equals("A") ? 17 : channel.equals("D") ? 0 : 9;
    int fate = random.nextInt(100);
    String status = fate < cancelOdds ? "X" : fate < cancelOdds + 2 ? "N" : "D";
    int lead = channel.equals("D") ? 0 : poisson(channel.equals("A") ? 45 : 18);
    String kind = member ? "M" : party >= 9 ? "S" : "G";
    sink.row(
        id,
        hut.id(),
        memberId,
        arrival.minusDays(lead),
        arrival,
        arrival.plusDays(nights),
        party,
        arrival.getYear() == 2021 ? null : channel,
        status,
        arrival.isBefore(LocalDate.of(2022, 3, 1)) ? null : kind,
        random.nextInt(25) == 0 ? pick(NOTES) : null);
    bill(id, status, party, nights, member, lines);
  }

  private static final List<String> NOTES =
      List.of(
          "left a rope behind",
          "asked for a late arrival",
          "helped to carry wood",
          "stayed on because of the storm",
          "forgot a jacket, sent on",
          "praised the soup");

  private void bill(
      int stay, String status, int party, int nights, boolean member, List<Charge> lines) {
    BigDecimal bunk = money(party * nights * (member ? 19.5 : 31));
    if (status.equals("N")) {
      line(lines, stay, "no-show fee", "fees", money(15));
      return;
    }
    line(lines, stay, member ? "member bunk" : "guest bunk", "bunk", bunk);
    if (status.equals("X")) {
      boolean partly = random.nextInt(4) == 0;
      BigDecimal back = partly ? money(bunk.doubleValue() * 0.8) : bunk;
      lines.add(new Charge(++charges, stay, "refund", "bunk", back.negate(), true));
      return;
    }
    if (random.nextInt(100) < 72) {
      line(lines, stay, "half board", "meals", money(party * nights * 27));
    }
    if (random.nextInt(100) < 45) {
      line(lines, stay, "hot drinks", "meals", money(party * (2 + random.nextInt(5))));
    }
    if (random.nextInt(100) < 35) {
      line(lines, stay, "firewood", "firewood", money(6 + random.nextInt(10)));
    }
    if (random.nextInt(100) < 20) {
      line(lines, stay, "shower", "fees", money(party * 3.5));
    }
  }

  private void line(List<Charge> lines, int stay, String item, String category, BigDecimal amount) {
    lines.add(new Charge(++charges, stay, item, category, amount, false));
  }

  private void charges(List<Charge> lines) {
    sink.table(
        "hut.charge", List.of("charge_id", "stay_id", "item", "category", "amount", "refunded"));
    for (Charge c : lines) {
      sink.row(c.id(), c.stay(), c.item(), c.category(), c.amount(), c.refunded());
    }
  }

  private void supplies(List<Hut> huts) {
    sink.table(
        "hut.supply", List.of("supply_id", "hut_id", "item", "flown_in_on", "weight_kg", "cost"));
    int id = 0;
    for (int year = FIRST_DAY.getYear(); year <= TODAY.getYear(); year++) {
      for (int month = 4; month <= 10; month++) {
        for (Hut hut : huts) {
          LocalDate day = LocalDate.of(year, month, 1 + random.nextInt(28));
          int loads = random.nextInt(4);
          for (int i = 0; i < loads && !day.isAfter(TODAY) && open(hut, day); i++) {
            int weight = 80 + random.nextInt(700);
            sink.row(++id, hut.id(), pick(Names.SUPPLIES), day, weight, money(140 + weight * 1.9));
          }
        }
      }
    }
  }

  private void bridges(List<Hut> huts) {
    sink.table(
        "safety.bridge",
        List.of("bridge_id", "name", "from_hut_id", "to_hut_id", "built", "span_m", "material"));
    for (int id = 1; id <= BRIDGES; id++) {
      Hut from = huts.get((id * 11) % huts.size());
      Hut to = huts.get((id * 11 + 1 + id % 5) % huts.size());
      sink.row(
          id,
          String.format("%s Bridge %d", Names.VALLEYS.get(from.valley()), id),
          from.id(),
          to.id(),
          id % 9 == 0 ? null : LocalDate.of(1950 + random.nextInt(72), 1 + random.nextInt(12), 1),
          8 + random.nextInt(90),
          pick(Names.MATERIALS));
    }
  }

  private void inspections() {
    sink.table(
        "safety.inspection",
        List.of("inspection_id", "bridge_id", "inspected_on", "result", "inspector"));
    int id = 0;
    for (int year = FIRST_DAY.getYear(); year <= TODAY.getYear(); year++) {
      for (int bridge = 1; bridge <= BRIDGES; bridge++) {
        for (int month : new int[] {4, 9}) {
          LocalDate day = LocalDate.of(year, month, 1 + random.nextInt(30));
          int dice = random.nextInt(100);
          String result = dice < 84 ? "pass" : dice < 97 ? "repair" : "close";
          if (!day.isAfter(TODAY)) {
            sink.row(++id, bridge, day, result, pick(Names.INSPECTORS));
          }
        }
      }
    }
  }

  private void callouts(List<Hut> huts) {
    sink.table(
        "safety.callout",
        List.of(
            "callout_id",
            "hut_id",
            "bridge_id",
            "started_at",
            "cleared_at",
            "cause",
            "severity",
            "note"));
    int days = (int) (TODAY.toEpochDay() - FIRST_DAY.toEpochDay());
    for (int id = 1; id <= size.callouts; id++) {
      Hut hut = huts.get((int) (random.nextDouble() * random.nextDouble() * (huts.size() - 3)));
      LocalDateTime start =
          FIRST_DAY.plusDays(random.nextInt(days)).atTime(5 + poisson(8) % 19, random.nextInt(60));
      int dice = random.nextInt(100);
      String cause = pick(Names.CAUSES);
      sink.row(
          id,
          hut.id(),
          random.nextInt(100) < 15 ? 1 + random.nextInt(BRIDGES) : null,
          start,
          random.nextInt(50) == 0 ? null : start.plusMinutes(30L + random.nextInt(600)),
          cause,
          dice < 58 ? "low" : dice < 88 ? "middle" : "high",
          random.nextInt(3) == 0 ? null : "party of " + (1 + random.nextInt(6)) + ", " + cause);
    }
  }

  private String pick(List<String> from) {
    return from.get(random.nextInt(from.size()));
  }

  private int poisson(double mean) {
    double limit = Math.exp(-mean);
    int count = 0;
    for (double p = random.nextDouble(); p > limit; p *= random.nextDouble()) {
      count++;
    }
    return count;
  }

  private static BigDecimal money(double amount) {
    return decimal(amount, 2);
  }

  private static BigDecimal decimal(double number, int places) {
    return BigDecimal.valueOf(number).setScale(places, java.math.RoundingMode.HALF_UP);
  }
}
