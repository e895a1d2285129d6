package verdamen.core.explain;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Coefficient.Source;
import verdamen.core.model.Confidence;
import verdamen.core.model.Rule;
import verdamen.core.model.Table;
import verdamen.core.model.Unit;

/**
 * How it is computed, chapter by chapter.
 *
 * @param chapters the chapters, with every rule
 * @param others the coefficients that belong to no rule
 */
public record ModelBook(List<Chapter> chapters, List<CoefficientEntry> others) {

    private static final ModelBook BOOK = load();

    /**
     * A chapter.
     *
     * @param code its code
     * @param title its title
     * @param intro what it is about
     * @param limits where it ends to hold
     * @param rules its rules
     */
    public record Chapter(String code, String title, String intro, String limits, List<RuleEntry> rules) {}

    /**
     * A rule.
     *
     * @param rule the rule that steps of explanations name
     * @param formula it over the names of symbols and coefficients
     * @param says it in words
     * @param coefficients its coefficients
     */
    public record RuleEntry(Rule rule, String formula, String says, List<CoefficientEntry> coefficients) {}

    /**
     * A coefficient.
     *
     * @param name its name in the code
     * @param value its value, in {@code unit}
     * @param unit its unit
     * @param confidence how well it is known
     * @param source where it comes from
     * @param topic what it is about, when it belongs to no rule
     * @param rationale what it stands for and why it has this size
     */
    public record CoefficientEntry(
            String name,
            double value,
            Unit unit,
            Confidence confidence,
            Source source,
            String topic,
            String rationale) {

        static CoefficientEntry of(Coefficient coefficient) {
            return new CoefficientEntry(
                    coefficient.name(),
                    coefficient.value(),
                    coefficient.unit(),
                    coefficient.confidence(),
                    coefficient.source(),
                    coefficient.topic(),
                    coefficient.rationale());
        }
    }

    /** A row of the table of rules. */
    private record Row(String chapter, RuleEntry entry, List<Coefficient> coefficients) {}

    /** The book. */
    public static ModelBook book() {
        return BOOK;
    }

    private static ModelBook load() {
        List<Row> rows = Table.read(ModelBook.class, "rules", ModelBook::row);
        Set<Coefficient> told = EnumSet.noneOf(Coefficient.class);
        rows.forEach(row -> told.addAll(row.coefficients()));
        List<Chapter> chapters = Table.read(
                ModelBook.class,
                "chapters",
                row -> new Chapter(
                        row.text("code"),
                        row.text("title"),
                        row.text("intro"),
                        row.text("limits"),
                        rows.stream()
                                .filter(each -> each.chapter().equals(row.text("code")))
                                .map(Row::entry)
                                .toList()));
        return new ModelBook(
                chapters,
                Arrays.stream(Coefficient.values())
                        .filter(coefficient -> !told.contains(coefficient))
                        .map(CoefficientEntry::of)
                        .toList());
    }

    private static Row row(Table.Row row) {
        Rule rule = Rule.valueOf(row.text("code"));
        List<Coefficient> coefficients = Stream.concat(
                        rule.coefficients().stream(),
                        row.list("coefficients").stream().map(Coefficient::valueOf))
                .distinct()
                .toList();
        return new Row(
                row.text("chapter"),
                new RuleEntry(
                        rule,
                        rule.formula(),
                        row.text("says"),
                        coefficients.stream().map(CoefficientEntry::of).toList()),
                coefficients);
    }

    /** The book as a Markdown page. */
    public String markdown() {
        List<String> lines = new ArrayList<>();
        lines.add("# How it is computed");
        lines.add("");
        lines.add(
                "Made from the core's own tables (`verdamen.core.explain`); the page “How it is computed” of the app shows"
                        + " the same. Do not edit it by hand: `mvn -pl core test -Dmodel.write=true` writes it.");
        lines.add("");
        lines.add(
                "Formulas are over the names of inputs and of coefficients; the coefficients stand below each formula with"
                        + " their unit, how well they are known, where they come from, and why they have that size. sigmoid(x) is"
                        + " 1/(1 + e^(−x)).");
        for (Chapter chapter : chapters) {
            lines.add("");
            lines.add("## " + chapter.title());
            lines.add("");
            lines.add(chapter.intro());
            lines.add("");
            lines.add("*Limits:* " + chapter.limits());
            for (RuleEntry entry : chapter.rules()) {
                lines.add("");
                lines.add("### " + entry.rule().name());
                lines.add("");
                lines.add("`" + entry.formula() + "`");
                lines.add("");
                lines.add(entry.says());
                figures(lines, entry.coefficients());
            }
        }
        lines.add("");
        lines.add("## Other coefficients");
        others.stream()
                .collect(Collectors.groupingBy(CoefficientEntry::topic, LinkedHashMap::new, Collectors.toList()))
                .forEach((topic, entries) -> {
                    lines.add("");
                    lines.add("### " + topic);
                    figures(lines, entries);
                });
        return String.join("\n", lines) + "\n";
    }

    private static void figures(List<String> lines, List<CoefficientEntry> figures) {
        if (figures.isEmpty()) {
            return;
        }
        lines.add("");
        lines.add("| coefficient | value | unit | confidence | source | what and why |");
        lines.add("|---|---|---|---|---|---|");
        for (CoefficientEntry figure : figures) {
            lines.add("| " + figure.name() + " | " + figure.value() + " | "
                    + figure.unit().name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ') + " | "
                    + figure.confidence().code() + " | " + figure.source().code() + " | " + figure.rationale() + " |");
        }
    }
}
