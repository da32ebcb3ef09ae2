package org.ropebridge.reference;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Model;
import org.ropebridge.plan.Listing;
import org.ropebridge.plan.MeasureTables;
import org.ropebridge.plan.Plan;

/** Lists rows of a table. */
record ReferenceListing(Model model, MemoryWarehouse warehouse, Reach reach, Holding holding) {

  List<List<Object>> shown(Plan plan) {
    List<List<Object>> shown = new ArrayList<>();
    for (Row row : rows(plan)) {
      List<Object> cells = new ArrayList<>();
      plan.listing().orElseThrow().columns().forEach(c -> cells.add(reach.value(row, c)));
      shown.add(cells);
    }
    return shown;
  }

  List<Row> rows(Plan plan) {
    Listing listing = plan.listing().orElseThrow();
    Optional<ColumnRef> date = MeasureTables.date(listing.table(), Optional.empty(), model);
    List<Row> rows =
        warehouse.rows(listing.table()).stream()
            .filter(r -> holding.all(plan.filters(), r, date, Moment.NOW))
            .toList();
    if (listing.count().isEmpty()) {
      return rows;
    }
    Listing.Order order = listing.order().orElseThrow();
    Comparator<Row> better = Comparator.comparing(r -> reach.value(r, order.by()), Values::compare);
    Comparator<Row> inOrder =
        (order.descending() ? better.reversed() : better)
            .thenComparing(r -> r.get(model.table(r.table()).key()), Values::compare);
    List<Row> ordered =
        rows.stream().filter(r -> reach.value(r, order.by()) != null).sorted(inOrder).toList();
    return listing
        .per()
        .map(per -> firstOfEach(ordered, per, order, listing.count().get()))
        .orElseGet(() -> ordered.subList(0, Math.min(ordered.size(), listing.count().get())));
  }

  /**
   * Those with fewer than so many before them; ties are kept, and rows that belong to none left
   * out.
   */
  private List<Row> firstOfEach(List<Row> rows, ColumnRef per, Listing.Order order, int count) {
    return rows.stream()
        .filter(r -> whose(r, per) != null)
        .filter(
            r ->
                rows.stream()
                        .filter(o -> Objects.equals(whose(o, per), whose(r, per)))
                        .filter(
                            o -> {
                              int side =
                                  Values.compare(
                                      reach.value(o, order.by()), reach.value(r, order.by()));
                              return order.descending() ? side > 0 : side < 0;
                            })
                        .count()
                    < count)
        .toList();
  }

  private Object whose(Row row, ColumnRef per) {
    String key = model.table(per.table()).key();
    return reach.value(
        row, model.namesItsTable(per) ? new ColumnRef(per.table(), key, per.role()) : per);
  }
}
