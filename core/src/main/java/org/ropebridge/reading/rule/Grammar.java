package org.ropebridge.reading.rule;

import java.util.List;

/** All rules. Their order does not matter. */
public final class Grammar {
  private static final List<Rule> RULES =
      List.of(
          new AdverbOfTimeRule(),
          new AlsoByRule(),
          new AmountRule(),
          new BareColumnRule(),
          new BetweenAmountsRule(),
          new BusinessYearRule(),
          new ByRule(),
          new ColumnComparisonRule(),
          new ColumnEqualsRule(),
          new ColumnStatisticRule(),
          new ComparingRule(),
          new CountRule(),
          new DayRule(),
          new DirectionRule(),
          new DistinctRowsRule(),
          new DistinctValuesRule(),
          new ExtremeRowRule(),
          new GroupWithMostRule(),
          new GroupableRule(),
          new InTimeRule(),
          new LastUnitsRule(),
          new LastWeekdayRule(),
          new MetricRule(),
          new MonthDayRule(),
          new MonthRule(),
          new NamedPartOfYearRule(),
          new OnWeekdaysRule(),
          new NounRule(),
          new OccasionRule(),
          new OnDateColumnRule(),
          new OpenRangeRule(),
          new OrMoreRule(),
          new OverTimeRule(),
          new PercentileRule(),
          new PictureRule(),
          new QuarterRule(),
          new RankAtEndRule(),
          new RankHeadRule(),
          new RankedByRule(),
          new RankedGroupsRule(),
          new RoleAsColumnRule(),
          new RoleColumnRule(),
          new ScaledNumberRule(),
          new SeasonRule(),
          new SortRule(),
          new StatisticsRule(),
          new SuperlativeRule(),
          new ThisUnitRule(),
          new TimeRangeRule(),
          new ToDateRule(),
          new TodayRule(),
          new UnitComparisonRule(),
          new UnitOfDateRule(),
          new ValuesBeforeNounRule(),
          new ValuesOfColumnRule(),
          new ValuesRule(),
          new WeekOfRule(),
          new WeekdaysRule(),
          new WithConditionRule(),
          new WithValuesRule(),
          new WithYesRule(),
          new WrittenDayRule(),
          new YearRule(),
          new YearToDateRule());

  private Grammar() {}

  public static List<Rule> rules() {
    return RULES;
  }
}
