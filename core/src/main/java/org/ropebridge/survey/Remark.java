package org.ropebridge.survey;

/** What an author should know of a column. */
public enum Remark {
  EMPTY("no row has a value"),
  ONE_VALUE("every row has the same value"),
  NUMBERS_AS_TEXT("numbers are kept as text"),
  DATES_AS_TEXT("dates are kept as text"),
  MIXED("numbers or dates stand among other texts"),
  CODES("short codes that only the warehouse understands"),
  ALIKE("some values differ only in case, spaces, accents or marks"),
  BLANK("some texts are blank rather than missing"),
  SPACES("some texts begin or end with spaces"),
  GAPS("some months between the first and the last date have no row"),
  MAIL_ADDRESSES("likely personal: mail addresses"),
  PHONE_NUMBERS("likely personal: phone numbers"),
  PERSONAL("likely personal: its name says so");

  private final String words;

  Remark(String words) {
    this.words = words;
  }

  /** The remark for people. */
  public String words() {
    return words;
  }

  /** Whether the column may tell who someone is or how to reach them. */
  public boolean isPersonal() {
    return this == MAIL_ADDRESSES || this == PHONE_NUMBERS || this == PERSONAL;
  }
}
