package org.ropebridge.service.drafts;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.eclipse.rdf4j.common.exception.RDF4JException;
import org.eclipse.rdf4j.model.IRI;
import org.eclipse.rdf4j.model.Literal;
import org.eclipse.rdf4j.model.Model;
import org.eclipse.rdf4j.model.Resource;
import org.eclipse.rdf4j.model.Value;
import org.eclipse.rdf4j.model.util.ModelBuilder;
import org.eclipse.rdf4j.model.util.Values;
import org.eclipse.rdf4j.model.vocabulary.RDF;
import org.eclipse.rdf4j.model.vocabulary.SKOS;
import org.eclipse.rdf4j.rio.RDFFormat;
import org.eclipse.rdf4j.rio.Rio;
import org.ropebridge.model.words.WordEntry;
import org.ropebridge.service.problems.Problem;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.MappingIterator;
import tools.jackson.dataformat.csv.CsvMapper;
import tools.jackson.dataformat.csv.CsvReadFeature;
import tools.jackson.dataformat.csv.CsvSchema;

/**
 * Lists of words as files: CSV (RFC 4180), one word a line, and SKOS (W3C) in Turtle or RDF/XML,
 * one concept an item.
 */
@Component
class WordFiles {
  private static final String SCHEME = "urn:ropebridge:";
  private static final List<String> HEADINGS = List.of("item", "called", "also called");
  private static final Pattern SEVERAL = Pattern.compile("\\s*[;|\\n]\\s*");

  private final CsvMapper csv = new CsvMapper();

  // ---- CSV

  /** All words; an item with several synonyms has several lines. */
  String csv(List<WordEntry> entries) {
    CsvSchema.Builder schema = CsvSchema.builder();
    HEADINGS.forEach(schema::addColumn);
    List<List<String>> rows = new ArrayList<>();
    for (WordEntry entry : entries) {
      List<String> words = entry.alsoCalled().isEmpty() ? List.of("") : entry.alsoCalled();
      words.forEach(w -> rows.add(List.of(entry.item(), entry.called(), w)));
    }
    return csv.writer(schema.build().withHeader()).writeValueAsString(rows);
  }

  /**
   * Reads a file by the ending of its name.
   *
   * @throws Problem if it cannot be read; the message says where
   */
  List<WordEntry> read(String name, String text, String model) {
    String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    return switch (ending) {
      case "csv", "txt" -> fromCsv(text);
      case "ttl" -> fromSkos(text, RDFFormat.TURTLE, model);
      case "rdf", "xml" -> fromSkos(text, RDFFormat.RDFXML, model);
      default ->
          throw unreadable(
              "\""
                  + name
                  + "\" is none of .csv, .ttl (SKOS in Turtle) and .rdf (SKOS in RDF/XML).");
    };
  }

  private static Problem unreadable(String message) {
    return Problem.badRequest("unreadable-word-list", message);
  }

  private List<WordEntry> fromCsv(String text) {
    String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
    List<String[]> rows = rows(plain);
    if (rows.isEmpty()) {
      throw unreadable("The file is empty.");
    }
    List<String> headings =
        Arrays.stream(rows.get(0))
            .map(h -> h.strip().toLowerCase(Locale.ROOT).replace('_', ' '))
            .toList();
    int item = headings.indexOf("item");
    int called = headings.indexOf("called");
    int also = headings.indexOf("also called");
    if (also < 0 || item < 0 && called < 0) {
      throw unreadable(
          "The first line must name the columns: also called, and item or called (or both). It"
              + " says: "
              + String.join(", ", headings)
              + ".");
    }
    List<WordEntry> entries = new ArrayList<>();
    for (String[] row : rows.subList(1, rows.size())) {
      List<String> words =
          SEVERAL
              .splitAsStream(cell(row, also))
              .map(String::strip)
              .filter(w -> !w.isEmpty())
              .toList();
      WordEntry entry = new WordEntry(cell(row, item), cell(row, called), words, "");
      if (!entry.item().isEmpty() || !entry.called().isEmpty()) {
        entries.add(entry.item().isEmpty() ? entry : new WordEntry(entry.item(), "", words, ""));
      }
    }
    return entries;
  }

  private List<String[]> rows(String text) {
    String first = text.lines().findFirst().orElse("");
    char separator =
        Stream.of(',', ';', '\t')
            .max(Comparator.comparingLong(c -> first.chars().filter(x -> x == c).count()))
            .orElse(',');
    try (MappingIterator<String[]> lines =
        csv.readerFor(String[].class)
            .with(CsvReadFeature.WRAP_AS_ARRAY)
            .with(CsvReadFeature.SKIP_EMPTY_LINES)
            .with(CsvSchema.emptySchema().withColumnSeparator(separator))
            .readValues(text)) {
      return lines.readAll();
    } catch (JacksonException e) {
      throw unreadable("The file is not CSV: " + e.getOriginalMessage());
    }
  }

  private static String cell(String[] row, int at) {
    return at < 0 || at >= row.length ? "" : row[at].strip();
  }

  // ---- SKOS

  /** A concept for each item, with its labels and definition. */
  String skos(List<WordEntry> entries, String model, String title, String language) {
    ModelBuilder builder = new ModelBuilder();
    IRI scheme = Values.iri(SCHEME + model);
    builder.setNamespace(SKOS.NS).subject(scheme).add(RDF.TYPE, SKOS.CONCEPT_SCHEME);
    builder.add(SKOS.PREF_LABEL, Values.literal(title, language));
    for (WordEntry entry : entries) {
      builder
          .subject(iri(model, entry.item()))
          .add(RDF.TYPE, SKOS.CONCEPT)
          .add(SKOS.IN_SCHEME, scheme)
          .add(SKOS.PREF_LABEL, Values.literal(entry.called(), language));
      entry.alsoCalled().forEach(w -> builder.add(SKOS.ALT_LABEL, Values.literal(w, language)));
      if (!entry.about().isEmpty()) {
        builder.add(SKOS.DEFINITION, Values.literal(entry.about(), language));
      }
    }
    StringWriter text = new StringWriter();
    Rio.write(builder.build(), text, RDFFormat.TURTLE);
    return text.toString();
  }

  private static IRI iri(String model, String item) {
    StringBuilder path = new StringBuilder();
    for (String step : item.split("/")) {
      path.append(':').append(URLEncoder.encode(step, StandardCharsets.UTF_8).replace("+", "%20"));
    }
    return Values.iri(SCHEME + model + path);
  }

  private List<WordEntry> fromSkos(String text, RDFFormat format, String model) {
    Model statements;
    try {
      statements = Rio.parse(new StringReader(text), "urn:list:", format);
    } catch (RDF4JException | IOException e) {
      throw unreadable("The file is not " + format.getName() + ": " + e.getMessage());
    }
    List<WordEntry> entries = new ArrayList<>();
    for (Resource concept : statements.filter(null, RDF.TYPE, SKOS.CONCEPT).subjects()) {
      entries.add(
          new WordEntry(
              item(concept, model).orElse(""),
              labels(statements, concept, SKOS.PREF_LABEL).findFirst().orElse(""),
              Stream.concat(
                      labels(statements, concept, SKOS.PREF_LABEL).skip(1),
                      Stream.concat(
                          labels(statements, concept, SKOS.ALT_LABEL),
                          labels(statements, concept, SKOS.HIDDEN_LABEL)))
                  .toList(),
              labels(statements, concept, SKOS.DEFINITION).findFirst().orElse("")));
    }
    if (entries.isEmpty()) {
      throw unreadable("The file has no skos:Concept.");
    }
    return entries;
  }

  /** The item that a concept of this model stands for, when it came from here. */
  private static Optional<String> item(Resource concept, String model) {
    String prefix = SCHEME + model + ":";
    if (!concept.stringValue().startsWith(prefix)) {
      return Optional.empty();
    }
    String[] steps = concept.stringValue().substring(prefix.length()).split(":");
    return Optional.of(
        String.join(
            "/",
            Arrays.stream(steps).map(s -> URLDecoder.decode(s, StandardCharsets.UTF_8)).toList()));
  }

  /** Labels in English or in no language, in the order of the alphabet. */
  private static Stream<String> labels(Model statements, Resource concept, IRI property) {
    Set<String> texts = new TreeSet<>();
    for (Value value : statements.filter(concept, property, null).objects()) {
      if (value instanceof Literal literal
          && literal.getLanguage().map(l -> l.startsWith("en")).orElse(true)) {
        texts.add(literal.getLabel());
      }
    }
    return texts.stream();
  }
}
