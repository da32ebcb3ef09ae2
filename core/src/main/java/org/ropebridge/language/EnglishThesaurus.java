package org.ropebridge.language;

import java.util.List;
import org.ropebridge.lexicon.Akin;

/**
 * English words that people use for one another in business questions. A model's word stands for
 * the others of its group where the model does not know these itself; answers say so.
 */
final class EnglishThesaurus {
  private EnglishThesaurus() {}

  /** Groups of words, in plain lower case, singular. */
  static final List<Akin> GROUPS =
      List.of(
          group(
                  "revenue",
                  "income",
                  "takings",
                  "turnover",
                  "sales",
                  "proceeds",
                  "earnings",
                  "receipts")
              .also(
                  "money",
                  "money made",
                  "money taken",
                  "money earned",
                  "earn",
                  "earned",
                  "take in",
                  "took in",
                  "taken in",
                  "make",
                  "made",
                  "bring in",
                  "brought in"),
          group("cost", "expense", "expenditure", "outlay", "running cost", "total cost")
              .also("spending", "spend", "money spent"),
          group("revenue", "income", "sales", "takings", "turnover")
              .also("spend", "spent", "spending"),
          group("profit", "gain", "net income", "surplus", "bottom line"),
          group("wage", "salary", "pay", "payroll", "compensation", "staff cost", "labour cost")
              .also("earn", "earning", "earned"),
          group("discount", "rebate", "reduction", "markdown"),
          group("customer", "client", "buyer", "shopper", "patron", "purchaser", "consumer"),
          group(
              "employee", "worker", "staff", "staff member", "colleague", "personnel", "workforce"),
          group("order", "purchase"),
          group("sold", "bought", "purchased"),
          group("booking", "reservation"),
          group("product", "item", "article", "good", "merchandise"),
          group("shop", "store", "branch"),
          group("supplier", "vendor", "provider"),
          group("company", "firm", "business", "organisation", "organization"),
          group("city", "town"),
          group("country", "nation"),
          group("region", "area", "district", "zone"),
          group("student", "pupil", "learner"),
          group("teacher", "instructor", "tutor", "trainer"),
          group("doctor", "physician", "clinician"),
          group("film", "movie"),
          group("car", "automobile"),
          group("lorry", "truck"),
          group("ship", "vessel", "boat"),
          group("trip", "journey", "ride"),
          group("visitor", "guest"),
          group("manager", "supervisor", "boss", "head"),
          group("department", "division", "unit", "section"),
          group("job", "role", "position", "occupation", "profession"),
          group("kind", "type", "sort", "category", "class"),
          group("status", "state"),
          group("rating", "score", "review score"),
          group("review", "feedback"),
          group("incident", "accident"),
          group("error", "fault", "defect", "failure"),
          group("complaint", "grievance"),
          group("repair", "fix"),
          group("amount", "quantity", "volume"),
          group("weight", "mass"),
          group("altitude", "elevation", "height"),
          group("duration", "length", "running time"),
          group("birth date", "date of birth", "birthday", "born"),
          group("phone", "telephone", "mobile"),
          group("email", "mail", "email address"),
          group("online", "website", "web", "internet"),
          group("cancelled", "called off"),
          group("woman", "female", "lady"),
          group("man", "male", "gentleman"),
          group("child", "kid"),
          group("senior", "pensioner", "retiree"),
          group("youth", "teenager", "young person"),
          group("adult", "grown up"),
          group("gender", "sex"),
          group("start", "begin"),
          group("end", "finish"),
          group("delay", "lateness"),
          group("warehouse", "depot"),
          group("invoice", "bill"),
          group("contract", "agreement"),
          group("loan", "credit"),
          group("illness", "disease"),
          group("animal", "pet"),
          group("plant", "species"),
          group("meter", "gauge"),
          group("flat", "apartment"),
          group("house", "home", "property"),
          group("attendance", "turnout", "audience"),
          group("subscriber", "member"),
          group("donation", "gift"),
          group("parcel", "package", "shipment"));

  private static Akin group(String... names) {
    return new Akin(List.of(names), List.of());
  }
}
