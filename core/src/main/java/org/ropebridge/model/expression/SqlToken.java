package org.ropebridge.model.expression;

import java.util.ArrayList;
import java.util.List;

/**
 * A token of an SQL expression.
 *
 * @param offset index of its first character
 */
record SqlToken(Kind kind, String text, int offset) {
  enum Kind {
    WORD,
    QUOTED,
    NUMBER,
    TEXT,
    PARAMETER,
    SYMBOL,
    END
  }

  boolean is(String word) {
    return kind == Kind.WORD && text.equalsIgnoreCase(word);
  }

  boolean isSymbol(String symbol) {
    return kind == Kind.SYMBOL && text.equals(symbol);
  }

  static List<SqlToken> scan(String sql) {
    List<SqlToken> tokens = new ArrayList<>();
    int i = 0;
    while (i < sql.length()) {
      char c = sql.charAt(i);
      int start = i;
      if (Character.isWhitespace(c)) {
        i++;
      } else if (Character.isLetter(c) || c == '_') {
        i = endOfWord(sql, i);
        tokens.add(new SqlToken(Kind.WORD, sql.substring(start, i), start));
      } else if (Character.isDigit(c)) {
        i = endOfNumber(sql, i);
        tokens.add(new SqlToken(Kind.NUMBER, sql.substring(start, i), start));
      } else if (c == '\'' || c == '"') {
        StringBuilder text = new StringBuilder();
        i = quoted(sql, i, text);
        tokens.add(new SqlToken(c == '"' ? Kind.QUOTED : Kind.TEXT, text.toString(), start));
      } else if (c == ':' && i + 1 < sql.length() && Character.isLetter(sql.charAt(i + 1))) {
        i = endOfWord(sql, i + 1);
        if (i + 1 < sql.length() && sql.charAt(i) == '.' && Character.isLetter(sql.charAt(i + 1))) {
          i = endOfWord(sql, i + 1);
        }
        tokens.add(new SqlToken(Kind.PARAMETER, sql.substring(start + 1, i), start));
      } else {
        String two = i + 2 <= sql.length() ? sql.substring(i, i + 2) : "";
        if (two.equals("--") || two.equals("/*")) {
          throw new ExpressionException("comments are not allowed in an expression", i);
        }
        int length = List.of("<=", ">=", "<>", "!=", "||").contains(two) ? 2 : 1;
        if (length == 1 && "+-*/(),=<>".indexOf(c) < 0) {
          throw new ExpressionException("\"" + c + "\" is not allowed in an expression", i);
        }
        i += length;
        tokens.add(new SqlToken(Kind.SYMBOL, sql.substring(start, i), start));
      }
    }
    tokens.add(new SqlToken(Kind.END, "", sql.length()));
    return tokens;
  }

  private static int endOfWord(String sql, int from) {
    int i = from;
    while (i < sql.length() && (Character.isLetterOrDigit(sql.charAt(i)) || sql.charAt(i) == '_')) {
      i++;
    }
    return i;
  }

  private static int endOfNumber(String sql, int from) {
    int i = from;
    while (i < sql.length() && (Character.isDigit(sql.charAt(i)) || sql.charAt(i) == '.')) {
      i++;
    }
    if (sql.substring(from, i).chars().filter(c -> c == '.').count() > 1
        || sql.charAt(i - 1) == '.') {
      throw new ExpressionException("\"" + sql.substring(from, i) + "\" is not a number", from);
    }
    return i;
  }

  private static int quoted(String sql, int from, StringBuilder text) {
    char quote = sql.charAt(from);
    int i = from + 1;
    while (i < sql.length()) {
      if (sql.charAt(i) != quote) {
        text.append(sql.charAt(i++));
      } else if (i + 1 < sql.length() && sql.charAt(i + 1) == quote) {
        text.append(quote);
        i += 2;
      } else {
        return i + 1;
      }
    }
    throw new ExpressionException("the quote that begins here is not closed", from);
  }
}
