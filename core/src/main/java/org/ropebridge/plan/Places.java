package org.ropebridge.plan;

import java.util.List;
import java.util.Optional;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;

/**
 * Where the rows of an answer lie on a map.
 *
 * @param column index of the answer's column that names the places
 * @param places lists the places: their names, and their outline, or their latitude and longitude
 * @param outlined whether they have outlines
 * @param around lists areas that they lie in, by name and outline
 */
public record Places(int column, Plan places, boolean outlined, Optional<Plan> around) {
  /**
   * The places of a plan's rows; empty when its rows are no places, or are told apart by something
   * else as well.
   *
   * @param model as far as the person who asks may see it
   */
  public static Optional<Places> of(Plan plan, Model model) {
    if (plan.listing().isPresent()) {
      Listing listing = plan.listing().get();
      Optional<ColumnRef> name = model.namingColumn(listing.table());
      int column = name.map(listing.columns()::indexOf).orElse(-1);
      return column < 0 ? Optional.empty() : of(listing.table(), column, model);
    }
    boolean byPlace =
        plan.groupings().size() == 1
            && plan.groupings().get(0) instanceof Grouping.ByColumn by
            && model.namesItsTable(by.column());
    return byPlace && !plan.measures().isEmpty()
        ? of(((Grouping.ByColumn) plan.groupings().get(0)).column().table(), 0, model)
        : Optional.empty();
  }

  private static Optional<Places> of(String name, int column, Model model) {
    Table table = model.table(name);
    Optional<Plan> outlines = outlines(table, model);
    if (outlines.isPresent()) {
      return Optional.of(new Places(column, outlines.get(), true, Optional.empty()));
    }
    Optional<ColumnRef> latitude = only(table, Column.Holds.LATITUDE);
    Optional<ColumnRef> longitude = only(table, Column.Holds.LONGITUDE);
    Optional<ColumnRef> label = model.namingColumn(name);
    if (latitude.isEmpty() || longitude.isEmpty() || label.isEmpty()) {
      return Optional.empty();
    }
    Optional<Plan> around =
        table.links().stream()
            .flatMap(l -> model.findTable(l.to()).stream())
            .flatMap(t -> outlines(t, model).stream())
            .findFirst();
    Plan points = list(table, List.of(label.get(), latitude.get(), longitude.get()));
    return Optional.of(new Places(column, points, false, around));
  }

  private static Optional<Plan> outlines(Table table, Model model) {
    Optional<ColumnRef> outline = only(table, Column.Holds.OUTLINE);
    return model
        .namingColumn(table.name())
        .flatMap(n -> outline.map(o -> list(table, List.of(n, o))));
  }

  private static Plan list(Table table, List<ColumnRef> columns) {
    return Plan.of(
        new Listing(table.name(), columns, Optional.empty(), Optional.empty(), Optional.empty()),
        List.of());
  }

  private static Optional<ColumnRef> only(Table table, Column.Holds kind) {
    List<ColumnRef> columns =
        table.columns().stream()
            .filter(c -> c.holds() == kind)
            .map(c -> ColumnRef.of(table.name(), c.name()))
            .toList();
    return columns.size() == 1 ? Optional.of(columns.get(0)) : Optional.empty();
  }
}
