package org.ropebridge.sql;

import org.jooq.DSLContext;
import org.jooq.conf.RenderKeywordCase;
import org.jooq.conf.RenderQuotedNames;
import org.jooq.conf.Settings;
import org.jooq.impl.DSL;

/** How SQL trees become text: formatted, lower case, names quoted only where they need it. */
final class Rendering {
  static {
    System.setProperty("org.jooq.no-logo", "true");
    System.setProperty("org.jooq.no-tips", "true");
  }

  private Rendering() {}

  static DSLContext of(Dialect dialect) {
    return DSL.using(
        dialect.jooq(),
        new Settings()
            .withRenderFormatted(true)
            .withRenderKeywordCase(RenderKeywordCase.LOWER)
            .withRenderQuotedNames(RenderQuotedNames.EXPLICIT_DEFAULT_UNQUOTED));
  }
}
