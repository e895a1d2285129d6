package verdamen.core.explain;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import verdamen.core.balance.DoughKind;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Coefficient.Source;
import verdamen.core.model.Confidence;
import verdamen.core.model.Rule;
import verdamen.core.model.Table;
import verdamen.core.model.Unit;

/**
 * How it is computed, chapter by chapter. The words for it belong to the screen.
 *
 * @param chapters the chapters, with every rule
 * @param others the coefficients that belong to no rule
 * @param accuracy how far off the water asked for is known to be, by kind of dough
 */
public record ModelBook(List<Chapter> chapters, List<CoefficientEntry> others, List<Accuracy> accuracy) {

    private static final ModelBook BOOK = load();

    /**
     * A chapter.
     *
     * @param code its code
     * @param rules its rules
     */
    public record Chapter(String code, List<RuleEntry> rules) {}

    /**
     * A rule.
     *
     * @param rule the rule that steps of explanations name
     * @param formula it over the names of symbols and coefficients
     * @param coefficients its coefficients
     */
    public record RuleEntry(Rule rule, String formula, List<CoefficientEntry> coefficients) {}

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

    /**
     * How far off the model is known to be for a kind of dough.
     *
     * @param kind the kind
     * @param off by how much, % of the flour either way, and where that comes from
     */
    public record Accuracy(DoughKind kind, CoefficientEntry off) {}

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
        Map<String, List<RuleEntry>> chapters = new LinkedHashMap<>();
        rows.forEach(row -> chapters.computeIfAbsent(row.chapter(), code -> new ArrayList<>())
                .add(row.entry()));
        return new ModelBook(
                chapters.entrySet().stream()
                        .map(chapter -> new Chapter(chapter.getKey(), List.copyOf(chapter.getValue())))
                        .toList(),
                Arrays.stream(Coefficient.values())
                        .filter(coefficient -> !told.contains(coefficient))
                        .map(CoefficientEntry::of)
                        .toList(),
                Arrays.stream(DoughKind.values())
                        .map(kind -> new Accuracy(kind, CoefficientEntry.of(kind.off())))
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
                        coefficients.stream().map(CoefficientEntry::of).toList()),
                coefficients);
    }
}
