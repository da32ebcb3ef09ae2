package org.ropebridge.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.ropebridge.model.ColumnRef;

/**
 * The rows of a table, one by one.
 *
 * @param table whose rows are listed
 * @param columns what is shown of each; of the table, or of rows that it points to
 * @param order what they are put in order by; by what names them when empty
 * @param count how many are kept, at least 1; all when empty
 * @param per keeps that many for each row of another table
 */
public record Listing(
    String table,
    List<ColumnRef> columns,
    Optional<Order> order,
    Optional<Integer> count,
    Optional<ColumnRef> per) {

  public Listing {
    columns = List.copyOf(columns);
    if (columns.isEmpty()) {
      throw new IllegalArgumentException("a list shows at least one column");
    }
    if (count.isPresent() && (count.get() < 1 || order.isEmpty())) {
      throw new IllegalArgumentException("only rows in an order can be cut to the first ones");
    }
    if (per.isPresent() && count.isEmpty()) {
      throw new IllegalArgumentException("how many for each is not said");
    }
  }

  /** The same with more columns, each once. */
  public Listing withMore(List<ColumnRef> more) {
    return new Listing(
        table,
        Stream.concat(columns.stream(), more.stream()).distinct().toList(),
        order,
        count,
        per);
  }

  /** The same with other columns in their place. */
  public Listing showing(List<ColumnRef> others) {
    return new Listing(table, others, order, count, per);
  }

  /** All of the rows, however few were wanted. */
  public Listing uncut() {
    return new Listing(table, columns, order, Optional.empty(), per);
  }

  /** The same in another order. */
  public Listing in(Order other) {
    return new Listing(table, columns, Optional.of(other), count, per);
  }

  /** No more than so many of the rows. */
  public Listing first(int rows) {
    return new Listing(table, columns, order, Optional.of(rows), per);
  }

  /** An order of rows; rows without the value come last. */
  public record Order(ColumnRef by, boolean descending) {
    /** The same column from its other end. */
    public Order reversed() {
      return new Order(by, !descending);
    }
  }
}
