package org.ropebridge.cli;

import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** A report in the XML form of JUnit, which build servers read. */
final class JUnitReport {
  private final String suite;
  private final List<Case> cases = new ArrayList<>();

  JUnitReport(String suite) {
    this.suite = suite;
  }

  /**
   * One thing that was looked at.
   *
   * @param failure what is wrong; empty when nothing is
   * @param note what else there is to say, may be empty
   */
  private record Case(String name, String failure, String note) {}

  void add(String name, String failure, String note) {
    cases.add(new Case(name, failure, note));
  }

  void write(Path file) {
    try (Writer out = Files.newBufferedWriter(file)) {
      XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(out);
      xml.writeStartDocument("UTF-8", "1.0");
      xml.writeStartElement("testsuite");
      xml.writeAttribute("name", suite);
      xml.writeAttribute("tests", Integer.toString(cases.size()));
      long failures = cases.stream().filter(c -> !c.failure().isEmpty()).count();
      xml.writeAttribute("failures", Long.toString(failures));
      for (Case one : cases) {
        xml.writeStartElement("testcase");
        xml.writeAttribute("classname", suite);
        xml.writeAttribute("name", one.name());
        if (!one.failure().isEmpty()) {
          xml.writeStartElement("failure");
          xml.writeAttribute("message", one.failure());
          xml.writeEndElement();
        }
        if (!one.note().isEmpty()) {
          xml.writeStartElement("system-out");
          xml.writeCharacters(one.note());
          xml.writeEndElement();
        }
        xml.writeEndElement();
      }
      xml.writeEndElement();
      xml.writeEndDocument();
      xml.close();
    } catch (IOException | XMLStreamException e) {
      throw new ClientException(Exit.FAILED, "Cannot write " + file + ": " + e.getMessage());
    }
  }
}
