package org.ropebridge.plan;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import org.ropebridge.model.Column;
import org.ropebridge.model.ColumnRef;
import org.ropebridge.model.Condition;
import org.ropebridge.model.Link;
import org.ropebridge.model.Metric;
import org.ropebridge.model.Model;
import org.ropebridge.model.Table;

/**
 * The one phrase by which each item of a model is called in restatements. A label that several
 * items share is told apart by the noun of its table: "bridge material".
 */
public final class Naming {
  private final Model model;
  private final Map<String, Integer> uses = new HashMap<>();

  public Naming(Model model) {
    this.model = model;
    for (Table table : model.tables()) {
      use(table.rowNoun());
      if (!table.rowNounPlural().equals(table.rowNoun())) {
        use(table.rowNounPlural());
      }
      for (Column column : table.columns()) {
        if (!model.isKnownBy(ColumnRef.of(table.name(), column.name()))) {
          use(column.label());
        }
      }
      table.conditions().forEach(c -> use(c.label()));
      for (Link link : table.links()) {
        if (isNamed(link)) {
          use(link.label());
        }
      }
    }
    model.metrics().forEach(m -> use(m.label()));
  }

  private void use(String label) {
    uses.merge(label.toLowerCase(Locale.ROOT), 1, Integer::sum);
  }

  private boolean isUnique(String label) {
    return uses.getOrDefault(label.toLowerCase(Locale.ROOT), 0) <= 1;
  }

  /** Whether a link's role has a name of its own, other than those of the table it points to. */
  public boolean isNamed(Link link) {
    return isNamed(link, model);
  }

  /** The same, without a naming of the whole model. */
  public static boolean isNamed(Link link, Model model) {
    return model.findTable(link.to()).map(t -> !isCalled(t, link, model)).orElse(false);
  }

  /** "rep", of what points once at sales reps, which are also called reps. */
  private static boolean isCalled(Table to, Link link, Model model) {
    return to.rowNoun().equalsIgnoreCase(link.label())
        || to.alsoCalled().stream().anyMatch(link.label()::equalsIgnoreCase)
            && model.tables().stream()
                .filter(t -> t.links().contains(link))
                .allMatch(
                    t -> t.links().stream().filter(l -> l.to().equals(link.to())).count() == 1);
  }

  /** Whether some item of the model goes by the phrase. */
  public boolean isName(String phrase) {
    return uses.containsKey(phrase.toLowerCase(Locale.ROOT));
  }

  /** The column's phrase with the noun of its table in front, whether or not it needs it. */
  String qualified(ColumnRef ref) {
    return model.table(ref.table()).rowNoun() + " " + model.column(ref).label();
  }

  public String metric(String name) {
    Metric metric = model.metric(name);
    return metric.label();
  }

  public String rows(String table) {
    return model.table(table).rowNounPlural();
  }

  public String condition(String table, String name) {
    String label = model.table(table).findCondition(name).map(Condition::label).orElse(name);
    return isUnique(label) ? label : model.table(table).rowNoun() + " " + label;
  }

  /** The column's phrase, with its role in front when it has one. */
  public String column(ColumnRef ref) {
    String role = ref.role().map(this::role).orElse("");
    if (model.isKnownBy(ref)) {
      String noun = model.table(ref.table()).rowNoun();
      boolean roleLeadsThere = ref.role().map(r -> leadsTo(r, ref.table())).orElse(false);
      return role.isEmpty() ? noun : roleLeadsThere ? role : role + " " + noun;
    }
    String label = model.column(ref).label();
    String own = isUnique(label) ? label : model.table(ref.table()).rowNoun() + " " + label;
    if (role.isEmpty()) {
      return own;
    }
    // The island of a vessel's home is no "home island", where something else is called so.
    String phrase = role + " " + own;
    return isName(phrase) ? qualifiedRole(ref.role().get()) + " " + own : phrase;
  }

  private String qualifiedRole(String role) {
    return model.tableOfRole(role).rowNoun() + " " + model.linkOfRole(role).label();
  }

  private boolean leadsTo(String role, String tableName) {
    return model.linkOfRole(role).to().equals(tableName);
  }

  /** The phrase of a role given as {@code table.link}. */
  public String role(String role) {
    Link link = model.linkOfRole(role);
    return isNamed(link) && isUnique(link.label()) ? link.label() : qualifiedRole(role);
  }
}
