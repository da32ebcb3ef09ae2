package org.ropebridge.answer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ropebridge.model.Metric;
import org.ropebridge.plan.Plan;
import org.ropebridge.sql.OutputColumn;

/**
 * Chooses how rows are drawn, as a Vega-Lite specification (https://vega.github.io/vega-lite/), or
 * a Vega one for what Vega-Lite does not have ({@link Nested}). The specification names its data
 * {@code rows}; whoever draws it supplies them, with columns {@code c0, c1, ...}: numbers as
 * numbers, times as ISO dates, everything else as the text to show.
 */
public final class Charts {
  private static final int MOST_BARS = 60;
  private static final int MOST_SERIES = 12;

  /** Colours that people can tell apart. */
  private static final int MOST_COLOURS = 7;

  private static final Map<String, Object> LEGEND_OF_MEASURES =
      Map.of("orient", "top", "labelLimit", 400);

  private static final int MOST_FIELDS = 4_000;
  private static final int MOST_PIECES = 300;
  private static final int MOST_MULTIPLES = 24;
  private static final int MULTIPLES_ACROSS = 3;
  private static final int MULTIPLE_HEIGHT = 130;

  private Charts() {}

  /**
   * What the rows are like.
   *
   * @param rows how many there are
   * @param different how many different values each column has
   * @param hasNegative whether some number is below zero
   */
  public record Shape(int rows, List<Integer> different, boolean hasNegative) {
    public Shape {
      different = List.copyOf(different);
    }

    /** The shape of rows with so many columns. */
    public static Shape of(List<? extends List<?>> rows, int columns) {
      List<Integer> different = new ArrayList<>();
      for (int i = 0; i < columns; i++) {
        int column = i;
        different.add((int) rows.stream().map(r -> r.get(column)).distinct().count());
      }
      boolean negative =
          rows.stream()
              .flatMap(List::stream)
              .anyMatch(v -> v instanceof Number n && n.doubleValue() < 0);
      return new Shape(rows.size(), different, negative);
    }
  }

  /**
   * The chart of an answer; empty when a number or a table says it better.
   *
   * @param wanted the picture that was asked for, if one was; another is drawn where the rows do
   *     not go with it
   */
  public static Optional<Map<String, Object>> of(
      List<OutputColumn> columns, Shape shape, Optional<Plan.Picture> wanted) {
    return picture(columns, shape, wanted)
        .map(
            picture -> {
              Map<String, Object> chart = new LinkedHashMap<>();
              if (picture == Plan.Picture.TREE_MAP || picture == Plan.Picture.SUNBURST) {
                chart.put("$schema", "https://vega.github.io/schema/vega/v6.json");
                chart.putAll(Nested.drawn(columns, picture, tooltip(columns)));
                return chart;
              }
              chart.put("$schema", "https://vega.github.io/schema/vega-lite/v6.json");
              chart.put("data", Map.of("name", "rows"));
              chart.putAll(drawn(columns, picture));
              return chart;
            });
  }

  /** What is drawn; empty for a table or a number. */
  static Optional<Plan.Picture> picture(
      List<OutputColumn> columns, Shape shape, Optional<Plan.Picture> wanted) {
    int groups = groups(columns);
    int measures = columns.size() - groups;
    boolean drawable = groups >= 1 && groups <= 3 && measures >= 1 && shape.rows() > 1;
    boolean isTable =
        wanted.filter(p -> p == Plan.Picture.TABLE || p == Plan.Picture.CROSS_TABLE).isPresent();
    if (!drawable || isTable) {
      return Optional.empty();
    }
    Optional<Plan.Picture> asked =
        wanted.filter(p -> fits(p, columns)).filter(p -> !isTooMuch(p, columns, shape));
    return asked.or(() -> usual(columns, shape).filter(p -> !isTooMuch(p, columns, shape)));
  }

  private static boolean isTooMuch(Plan.Picture picture, List<OutputColumn> columns, Shape shape) {
    return switch (picture) {
      case BAR, STACKED, BARS_WITH_LINE ->
          shape.rows() > MOST_BARS * (groups(columns) == 2 ? MOST_SERIES : 1);
      case HEAT_MAP -> shape.rows() > MOST_FIELDS;
      case TREE_MAP, SUNBURST -> shape.hasNegative() || shape.rows() > MOST_PIECES;
      case SMALL_MULTIPLES -> shape.different().get(multiple(columns)) > MOST_MULTIPLES;
      default -> false;
    };
  }

  /** Whether a picture that was asked for can be drawn of such columns. */
  public static boolean fits(Plan.Picture picture, List<OutputColumn> columns) {
    int groups = groups(columns);
    int measures = columns.size() - groups;
    boolean time = timeColumn(columns) >= 0;
    return switch (picture) {
      case TABLE -> true;
      case BAR, LINE -> groups >= 1 && groups <= 2 && measures >= 1;
      case AREA -> time && groups <= 2 && measures == 1;
      case STACKED, HEAT_MAP -> groups == 2 && measures == 1;
      case CROSS_TABLE -> groups == 2;
      case TREE_MAP -> groups <= 2 && measures == 1 && !time;
      case SUNBURST -> groups == 2 && measures == 1 && !time;
      case SMALL_MULTIPLES -> groups >= 2 && measures == 1 && (groups == 2 || time);
      case BARS_WITH_LINE -> groups == 1 && measures == 2;
      case SCATTER -> groups == 1 && measures >= 2;
      case HISTOGRAM ->
          groups == 1 && measures == 1 && columns.get(0).kind() == OutputColumn.Kind.RANGE;
      case MAP -> false;
    };
  }

  private static Optional<Plan.Picture> usual(List<OutputColumn> columns, Shape shape) {
    int time = timeColumn(columns);
    if (groups(columns) == 3) {
      return Optional.of(Plan.Picture.SMALL_MULTIPLES).filter(p -> fits(p, columns));
    } else if (fits(Plan.Picture.HEAT_MAP, columns)
        && (shape.different().get(series(columns)) > MOST_COLOURS
            || time < 0 && shape.rows() > MOST_BARS)) {
      return Optional.of(Plan.Picture.HEAT_MAP);
    }
    return Optional.of(time >= 0 && shape.rows() > 2 ? Plan.Picture.LINE : Plan.Picture.BAR);
  }

  /** Of two groups, the one that is told apart by colour. */
  private static int series(List<OutputColumn> columns) {
    int time = timeColumn(columns);
    return time >= 0 ? 1 - time : 1;
  }

  /** The group that has a small chart for each of its values: the first that is no time. */
  private static int multiple(List<OutputColumn> columns) {
    return timeColumn(columns) == 0 ? 1 : 0;
  }

  private static int groups(List<OutputColumn> columns) {
    return (int) columns.stream().filter(c -> !c.isNumber()).count();
  }

  private static Map<String, Object> drawn(List<OutputColumn> columns, Plan.Picture picture) {
    int groups = groups(columns);
    if (picture == Plan.Picture.HEAT_MAP) {
      return heatMap(columns);
    } else if (picture == Plan.Picture.SCATTER) {
      return scatter(columns);
    }
    if (picture == Plan.Picture.SMALL_MULTIPLES) {
      return smallMultiples(columns);
    } else if (picture == Plan.Picture.BARS_WITH_LINE) {
      return barsWithLine(columns);
    }
    boolean line = picture == Plan.Picture.LINE || picture == Plan.Picture.AREA;
    int time = timeColumn(columns);
    int across = time >= 0 ? time : 0;
    int series = groups == 2 ? series(columns) : -1;
    if (columns.size() - groups == 1 || series >= 0) {
      Map<String, Object> view = view(columns, across, series, groups, line);
      return stacked(view, picture, series);
    }
    List<Map<String, Object>> views = new ArrayList<>();
    for (List<Integer> alike : alike(columns, groups)) {
      Map<String, Object> view = view(columns, across, -1, alike.get(0), line);
      views.add(alike.size() > 1 ? sideBySide(view, columns, alike, line) : view);
    }
    return views.size() == 1 ? views.get(0) : Map.of("vconcat", views);
  }

  /** Areas, and bars on top of each other, are the same views with other marks and offsets. */
  private static Map<String, Object> stacked(
      Map<String, Object> view, Plan.Picture picture, int series) {
    boolean stacks = picture == Plan.Picture.STACKED || picture == Plan.Picture.AREA;
    if (!stacks) {
      return view;
    }
    @SuppressWarnings("unchecked")
    Map<String, Object> encoding = (Map<String, Object>) view.get("encoding");
    for (String axis : List.of("x", "y")) {
      @SuppressWarnings("unchecked")
      Map<String, Object> channel = (Map<String, Object>) encoding.get(axis);
      if (channel.get("type").equals("quantitative") && series >= 0) {
        channel.put("stack", "zero");
      }
      encoding.remove(axis + "Offset");
    }
    if (picture == Plan.Picture.AREA) {
      view.put("mark", Map.of("type", "area", "line", true, "opacity", 0.6));
    }
    return view;
  }

  /** A small chart for each value of a group, all to the same scale. */
  private static Map<String, Object> smallMultiples(List<OutputColumn> columns) {
    int multiple = multiple(columns);
    int time = timeColumn(columns);
    List<Integer> others = new ArrayList<>();
    for (int i = 0; i < groups(columns); i++) {
      if (i != multiple && i != time) {
        others.add(i);
      }
    }
    int across = time >= 0 ? time : others.remove(0);
    int series = others.isEmpty() ? -1 : others.get(0);
    Map<String, Object> small = view(columns, across, series, groups(columns), time >= 0);
    small.remove("width");
    small.put("height", MULTIPLE_HEIGHT);
    Map<String, Object> view = new LinkedHashMap<>();
    Map<String, Object> facet = new LinkedHashMap<>();
    facet.put("field", "c" + multiple);
    facet.put("type", "nominal");
    facet.put("title", null);
    facet.put("sort", null);
    view.put("facet", facet);
    view.put("columns", MULTIPLES_ACROSS);
    view.put("spec", small);
    return view;
  }

  /** The first number as bars, the second as a line with a scale of its own. */
  private static Map<String, Object> barsWithLine(List<OutputColumn> columns) {
    List<Map<String, Object>> layers = new ArrayList<>();
    for (int measure = 1; measure <= 2; measure++) {
      Map<String, Object> layer = view(columns, 0, -1, measure, false);
      layer.remove("width");
      @SuppressWarnings("unchecked")
      Map<String, Object> encoding = (Map<String, Object>) layer.get("encoding");
      upright(encoding);
      Map<String, Object> color = new LinkedHashMap<>();
      color.put("datum", columns.get(measure).name());
      color.put("type", "nominal");
      color.put("title", null);
      color.put("legend", LEGEND_OF_MEASURES);
      encoding.put("color", color);
      layer.put("mark", mark(measure == 2));
      layers.add(layer);
    }
    Map<String, Object> view = new LinkedHashMap<>();
    view.put("width", "container");
    view.put("layer", layers);
    view.put("resolve", Map.of("scale", Map.of("y", "independent")));
    return view;
  }

  /** Turns lying bars into standing ones. */
  private static void upright(Map<String, Object> encoding) {
    @SuppressWarnings("unchecked")
    Map<String, Object> x = (Map<String, Object>) encoding.get("x");
    if (x.get("type").equals("quantitative")) {
      encoding.put("x", encoding.get("y"));
      encoding.put("y", x);
    }
  }

  /** Two groups across and down, the number as the depth of the colour. */
  private static Map<String, Object> heatMap(List<OutputColumn> columns) {
    int time = timeColumn(columns);
    int across = time >= 0 ? time : 1;
    OutputColumn number = columns.get(2);
    Map<String, Object> view = new LinkedHashMap<>();
    view.put("width", "container");
    view.put("mark", Map.of("type", "rect"));
    Map<String, Object> encoding = new LinkedHashMap<>();
    encoding.put("x", field(columns, across));
    encoding.put("y", field(columns, 1 - across));
    Map<String, Object> color = new LinkedHashMap<>();
    color.put("field", "c2");
    color.put("type", "quantitative");
    color.put("title", title(number));
    color.put("scale", Map.of("scheme", "viridis", "reverse", true));
    color.put("legend", Map.of("format", numberFormat(number)));
    encoding.put("color", color);
    encoding.put("tooltip", tooltip(columns));
    view.put("encoding", encoding);
    return view;
  }

  private static Map<String, Object> field(List<OutputColumn> columns, int at) {
    OutputColumn column = columns.get(at);
    Map<String, Object> channel = new LinkedHashMap<>();
    channel.put("field", "c" + at);
    channel.put("title", column.name());
    channel.put("type", "ordinal");
    channel.put("sort", null);
    channel.put("axis", Map.of("labelOverlap", true, "labelLimit", 220));
    return channel;
  }

  /** A point for each group, by two of its numbers; further numbers are told on hover. */
  private static Map<String, Object> scatter(List<OutputColumn> columns) {
    Map<String, Object> view = new LinkedHashMap<>();
    view.put("width", "container");
    view.put("mark", Map.of("type", "point", "filled", true, "size", 60, "opacity", 0.7));
    Map<String, Object> encoding = new LinkedHashMap<>();
    encoding.put("x", quantity(columns, 1));
    encoding.put("y", quantity(columns, 2));
    encoding.put("tooltip", tooltip(columns));
    view.put("encoding", encoding);
    return view;
  }

  private static Map<String, Object> quantity(List<OutputColumn> columns, int at) {
    OutputColumn number = columns.get(at);
    Map<String, Object> channel = new LinkedHashMap<>();
    channel.put("field", "c" + at);
    channel.put("type", "quantitative");
    channel.put("title", title(number));
    channel.put("scale", Map.of("zero", false));
    channel.put("axis", Map.of("format", numberFormat(number)));
    return channel;
  }

  /** The measures by what they are counted in: those of one unit are drawn together. */
  private static List<List<Integer>> alike(List<OutputColumn> columns, int first) {
    Map<String, List<Integer>> byUnit = new LinkedHashMap<>();
    for (int i = first; i < columns.size(); i++) {
      OutputColumn column = columns.get(i);
      String unit = column.unit().map(u -> u + column.shownAs()).orElse("column " + i);
      String key = column.shownAs() == Metric.ShownAs.PERCENT ? "percent" : unit;
      byUnit.computeIfAbsent(key, k -> new ArrayList<>()).add(i);
    }
    return List.copyOf(byUnit.values());
  }

  /** Several measures in one view, told apart by colour. */
  private static Map<String, Object> sideBySide(
      Map<String, Object> one, List<OutputColumn> columns, List<Integer> measures, boolean line) {
    Map<String, Object> view = new LinkedHashMap<>(one);
    StringBuilder names = new StringBuilder();
    for (int i : measures) {
      String name = columns.get(i).name().replace("\\", "\\\\").replace("'", "\\'");
      names.append("datum.measure == 'c" + i + "' ? '" + name + "' : ");
    }
    view.put(
        "transform",
        List.of(
            Map.of(
                "fold", measures.stream().map(i -> "c" + i).toList(),
                "as", List.of("measure", "value")),
            Map.of("calculate", names + "''", "as", "name")));
    @SuppressWarnings("unchecked")
    Map<String, Object> encoding = new LinkedHashMap<>((Map<String, Object>) one.get("encoding"));
    for (String axis : List.of("x", "y")) {
      @SuppressWarnings("unchecked")
      Map<String, Object> channel = new LinkedHashMap<>((Map<String, Object>) encoding.get(axis));
      boolean number = channel.get("type").equals("quantitative");
      if (number) {
        channel.put("field", "value");
        channel.put("title", columns.get(measures.get(0)).unit().orElse(""));
        channel.put("stack", null);
        encoding.put(axis, channel);
      } else if (!line) {
        encoding.put(axis + "Offset", Map.of("field", "name", "sort", nameList(columns, measures)));
      }
    }
    Map<String, Object> color = new LinkedHashMap<>();
    color.put("field", "name");
    color.put("type", "nominal");
    color.put("title", null);
    color.put("sort", nameList(columns, measures));
    color.put("legend", LEGEND_OF_MEASURES);
    encoding.put("color", color);
    view.put("encoding", encoding);
    return view;
  }

  private static List<String> nameList(List<OutputColumn> columns, List<Integer> measures) {
    return measures.stream().map(i -> columns.get(i).name()).toList();
  }

  private static int timeColumn(List<OutputColumn> columns) {
    for (int i = 0; i < columns.size(); i++) {
      if (columns.get(i).kind().isStretchOfTime() && !columns.get(i).isNumber()) {
        return i;
      }
    }
    return -1;
  }

  private static Map<String, Object> view(
      List<OutputColumn> columns, int across, int series, int measure, boolean line) {
    Map<String, Object> view = new LinkedHashMap<>();
    view.put("width", "container");
    OutputColumn category = columns.get(across);
    boolean time = category.kind().isStretchOfTime();
    boolean lying = !line && !time && !inOrder(category);
    view.put("mark", mark(line));
    Map<String, Object> encoding = new LinkedHashMap<>();
    Map<String, Object> categoryAxis = new LinkedHashMap<>();
    categoryAxis.put("field", "c" + across);
    categoryAxis.put("title", category.name());
    if (time && line) {
      categoryAxis.put("type", "temporal");
      categoryAxis.put(
          "axis",
          Map.of(
              "format", timeFormat(category.kind()),
              "tickCount", tickEvery(category.kind()),
              "labelOverlap", true));
    } else {
      categoryAxis.put("type", "ordinal");
      categoryAxis.put("sort", null);
      categoryAxis.put(
          "axis",
          inOrder(category)
              ? Map.of("labelOverlap", true, "labelLimit", 220, "labelAngle", 0)
              : Map.of("labelOverlap", true, "labelLimit", 220));
    }
    OutputColumn number = columns.get(measure);
    Map<String, Object> numberAxis = new LinkedHashMap<>();
    numberAxis.put("field", "c" + measure);
    numberAxis.put("type", "quantitative");
    numberAxis.put("title", title(number));
    numberAxis.put("axis", Map.of("format", numberFormat(number)));
    if (series >= 0 && !line) {
      numberAxis.put("stack", null);
    }
    encoding.put(lying ? "y" : "x", categoryAxis);
    encoding.put(lying ? "x" : "y", numberAxis);
    if (series >= 0) {
      Map<String, Object> color = new LinkedHashMap<>();
      color.put("field", "c" + series);
      color.put("type", "nominal");
      color.put("sort", null);
      color.put("title", columns.get(series).name());
      encoding.put("color", color);
      if (!line) {
        Map<String, Object> beside = new LinkedHashMap<>();
        beside.put("field", "c" + series);
        beside.put("sort", null);
        encoding.put(lying ? "yOffset" : "xOffset", beside);
      }
    }
    encoding.put("tooltip", tooltip(columns));
    view.put("encoding", encoding);
    return view;
  }

  private static boolean inOrder(OutputColumn column) {
    return switch (column.kind()) {
      case MONTH_OF_YEAR, DAY_OF_WEEK, HOUR_OF_DAY, RANGE -> true;
      default -> false;
    };
  }

  private static Map<String, Object> mark(boolean line) {
    Map<String, Object> mark = new LinkedHashMap<>();
    mark.put("type", line ? "line" : "bar");
    if (line) {
      mark.put("point", true);
    }
    return mark;
  }

  static List<Map<String, Object>> tooltip(List<OutputColumn> columns) {
    List<Map<String, Object>> tips = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      OutputColumn column = columns.get(i);
      Map<String, Object> tip = new LinkedHashMap<>();
      tip.put("field", "c" + i);
      tip.put("title", column.name());
      if (column.isNumber()) {
        tip.put("type", "quantitative");
        tip.put("format", column.shownAs() == Metric.ShownAs.PERCENT ? ".1%" : ",.6~r");
      } else {
        tip.put("type", "nominal");
      }
      tips.add(tip);
    }
    return tips;
  }

  static String title(OutputColumn column) {
    return column
        .unit()
        .filter(u -> !column.name().endsWith(u))
        .map(u -> column.name() + " (" + u + ")")
        .orElse(column.name());
  }

  static String numberFormat(OutputColumn column) {
    return column.shownAs() == Metric.ShownAs.PERCENT ? ".1~%" : ",.2~f";
  }

  /** One tick for each span, so that no span is labelled twice. */
  private static Map<String, Object> tickEvery(OutputColumn.Kind kind) {
    return switch (kind) {
      case YEAR, BUSINESS_YEAR -> Map.of("interval", "year", "step", 1);
      case QUARTER -> Map.of("interval", "month", "step", 3);
      case MONTH -> Map.of("interval", "month", "step", 1);
      case WEEK -> Map.of("interval", "week", "step", 1);
      default -> Map.of("interval", "day", "step", 1);
    };
  }

  private static String timeFormat(OutputColumn.Kind kind) {
    return switch (kind) {
      case YEAR, BUSINESS_YEAR -> "%Y";
      case QUARTER, MONTH -> "%b %Y";
      default -> "%d %b %Y";
    };
  }
}
