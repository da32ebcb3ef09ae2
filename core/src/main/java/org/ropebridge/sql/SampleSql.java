package org.ropebridge.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.jooq.DSLContext;
import org.jooq.Param;
import org.jooq.SQLDialect;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.jooq.impl.ParserException;
import org.ropebridge.model.Model;
import org.ropebridge.model.SampleQuestion;
import org.ropebridge.model.file.Fault;
import org.ropebridge.model.file.Places;

/** The SQL of sample questions that authors write themselves, with named slots for values. */
public final class SampleSql {
  private static final DSLContext PARSER = DSL.using(SQLDialect.POSTGRES);

  private static final Pattern EVERY_COLUMN =
      Pattern.compile("(select|,)\\s+(\\w+\\s*\\.\\s*)?\\*", Pattern.CASE_INSENSITIVE);

  private SampleSql() {}

  /** Names of the result's columns, in order. */
  public static List<String> columns(SampleQuestion sample) {
    return parsed(sample.sql().orElseThrow()).getSelect().stream().map(f -> f.getName()).toList();
  }

  /**
   * The names of the slots that the SQL uses.
   *
   * @throws IllegalArgumentException if it is not one SELECT, saying why
   */
  public static Set<String> slots(String sql) {
    Set<String> names = new TreeSet<>();
    try {
      for (Map.Entry<String, Param<?>> param : parsed(sql).getParams().entrySet()) {
        if (!param.getKey().matches("\\d+")) {
          names.add(param.getKey());
        }
      }
    } catch (ParserException e) {
      throw new IllegalArgumentException(e.getMessage().lines().findFirst().orElse(""), e);
    }
    return names;
  }

  /** The faults of the SQL of a model's sample questions. */
  public static List<Fault> faults(Model model, Places places) {
    List<Fault> faults = new ArrayList<>();
    for (int i = 0; i < model.questions().size(); i++) {
      SampleQuestion question = model.questions().get(i);
      String path = "questions-file/questions/" + i;
      question.sql().ifPresent(sql -> faults(sql, question.slots().keySet(), path, places, faults));
    }
    return faults;
  }

  private static void faults(
      String sql, Set<String> declared, String path, Places places, List<Fault> faults) {
    Set<String> used;
    try {
      used = slots(sql);
    } catch (IllegalArgumentException e) {
      faults.add(
          Fault.error(
              places.ofValue(path + "/sql"),
              "the SQL is not one SELECT: " + e.getMessage(),
              "write one SELECT statement"));
      return;
    }
    if (EVERY_COLUMN.matcher(sql).find()) {
      faults.add(
          Fault.error(
              places.ofValue(path + "/sql"),
              "the SQL shows every column, and so may show what is hidden later",
              "name the columns"));
    }
    for (String slot : used) {
      if (!declared.contains(slot)) {
        faults.add(
            Fault.error(
                places.ofValue(path + "/sql"),
                "the slot :" + slot + " is not declared",
                "add it to slots: with the column that its values come from"));
      }
    }
    for (String slot : declared) {
      if (!used.contains(slot)) {
        faults.add(
            Fault.error(
                places.of(path + "/slots/" + slot),
                "the SQL does not use the slot \"" + slot + "\"",
                "write :" + slot + " in the SQL, or remove the slot"));
      }
    }
  }

  private static Select<?> parsed(String sql) {
    return PARSER.parser().parseSelect(sql);
  }

  /**
   * The statement with its slots filled.
   *
   * @param values for each slot, a stored value
   */
  public static SqlQuery write(SampleQuestion sample, Map<String, String> values, Model model) {
    Select<?> select = parsed(sample.sql().orElseThrow());
    values.forEach(select::bind);
    DSLContext render = Rendering.of(new PostgresDialect());
    List<Object> parameters = new ArrayList<>(render.extractBindValues(select));
    return new SqlQuery(
        render.render(select),
        parameters,
        render.renderInlined(select),
        List.of(),
        model.preferences().rowsShown());
  }

  /** The source that the statement's tables are in: that of the first one it names. */
  public static String source(SampleQuestion sample, Model model) {
    String sql = sample.sql().orElseThrow();
    return model.tables().stream()
        .filter(t -> !t.from().isEmpty() && sql.contains(t.from()))
        .map(t -> t.source())
        .findFirst()
        .orElseGet(() -> model.sources().keySet().iterator().next());
  }
}
