package verdamen.core.card;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import verdamen.core.bench.WeighedBowl;
import verdamen.core.formula.Formula;
import verdamen.core.formula.Line;
import verdamen.core.formula.OpenLine;
import verdamen.core.formula.Part;
import verdamen.core.model.Share;
import verdamen.core.pantry.Ingredient;
import verdamen.core.prep.Chain;

/**
 * What is declared of a bread: its ingredients in descending order by weight as put in, those that are made of several opened,
 * and its allergens. It advises; local labelling rules and a qualified adviser go before it.
 *
 * @param ingredients the ingredients, the heaviest first
 * @param allergens codes of its allergens, in alphabetical order
 * @param undecided names of ingredients whose amount is not known yet
 */
public record Declaration(List<Declared> ingredients, List<String> allergens, List<String> undecided) {

    /**
     * An ingredient.
     *
     * @param kind what it is
     * @param name its name; empty where its kind names it
     * @param grams how much of it went in, g
     * @param pct share of all that went in, %
     * @param allergens codes of the allergens in it
     * @param of what it is made of, the heaviest first; none for what is not made of several
     */
    public record Declared(
            Kind kind, String name, double grams, double pct, List<String> allergens, List<Declared> of) {}

    /** What an ingredient is. */
    public enum Kind {
        /** Something of the pantry. */
        INGREDIENT,
        /** Something that was prepared of several ingredients. */
        PREPARED,
        /** All of a filling. */
        FILLING
    }

    /** What is declared of a formula. */
    public static Declaration of(Formula formula) {
        double all = formula.lines().stream().mapToDouble(Line::grams).sum();
        List<Line> filling = formula.lines().stream()
                .filter(line -> line.part() == Part.FILLING)
                .toList();
        List<Line> others = formula.lines().stream()
                .filter(line -> line.part() != Part.FILLING)
                .toList();
        List<Declared> declared = new ArrayList<>(new Sorter(formula, all).declared(others));
        if (!filling.isEmpty()) {
            List<Declared> inside = new Sorter(formula, all).declared(filling);
            double grams = inside.stream().mapToDouble(Declared::grams).sum();
            declared.add(declared(Kind.FILLING, "", grams, all, filling, inside));
        }
        TreeSet<String> allergens = new TreeSet<>();
        formula.lines().forEach(line -> allergens.addAll(line.ingredient().allergens()));
        List<Ingredient> open = formula.openLines().stream()
                .map(OpenLine::ingredient)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        open.forEach(each -> allergens.addAll(each.allergens()));
        return new Declaration(
                heaviestFirst(declared),
                List.copyOf(allergens),
                open.stream().map(Ingredient::name).toList());
    }

    private static List<Declared> heaviestFirst(List<Declared> declared) {
        return declared.stream()
                .filter(each -> each.grams() > 0)
                .sorted(Comparator.comparingDouble(Declared::grams).reversed().thenComparing(Declared::name))
                .toList();
    }

    private static Declared declared(
            Kind kind, String name, double grams, double all, List<Line> lines, List<Declared> of) {
        TreeSet<String> allergens = new TreeSet<>();
        lines.forEach(line -> allergens.addAll(line.ingredient().allergens()));
        return new Declared(kind, name, grams, Share.of(grams, all).pct(), List.copyOf(allergens), of);
    }

    /** Puts lines together that are of the same, and sorts them. */
    private record Sorter(Formula formula, double all) {

        List<Declared> declared(List<Line> lines) {
            Map<String, List<Line>> alone = new LinkedHashMap<>();
            Map<Chain, List<Line>> prepared = new LinkedHashMap<>();
            Map<Integer, Chain> chains = new LinkedHashMap<>();
            for (Line line : lines) {
                WeighedBowl.chain(line, formula).ifPresent(chain -> chains.put(line.index(), chain));
                Chain chain = chains.get(line.index());
                if (chain == null) {
                    alone.computeIfAbsent(line.ingredient().code(), code -> new ArrayList<>())
                            .add(line);
                } else {
                    prepared.computeIfAbsent(chain, each -> new ArrayList<>()).add(line);
                }
            }
            List<Declared> declared = new ArrayList<>();
            prepared.forEach((chain, parts) -> {
                List<Declared> inside = ofIngredients(parts);
                if (inside.size() == 1) {
                    // Nothing was put in: it is that ingredient, wherever else it goes.
                    alone.computeIfAbsent(parts.get(0).ingredient().code(), code -> new ArrayList<>())
                            .addAll(parts);
                } else {
                    declared.add(Declaration.declared(Kind.PREPARED, chain.name(), grams(parts), all, parts, inside));
                }
            });
            alone.values().forEach(same -> declared.add(ofOne(same)));
            return heaviestFirst(declared);
        }

        private List<Declared> ofIngredients(List<Line> lines) {
            Map<String, List<Line>> same = new LinkedHashMap<>();
            for (Line line : lines) {
                // What was pressed out of a vegetable and used is that vegetable.
                boolean pressed = line.ingredient().isPressedLiquid();
                Line of = pressed ? lines.get(0) : line;
                same.computeIfAbsent(of.ingredient().code(), code -> new ArrayList<>())
                        .add(line);
            }
            return heaviestFirst(same.values().stream().map(this::ofOne).toList());
        }

        private Declared ofOne(List<Line> same) {
            Ingredient ingredient = same.get(0).ingredient();
            double grams = grams(same);
            return Declaration.declared(
                    Kind.INGREDIENT,
                    ingredient.name(),
                    grams,
                    all,
                    same,
                    ingredient.isStarter() ? starter(ingredient, grams) : List.of());
        }

        /** A starter counts as half flour, half water. */
        private List<Declared> starter(Ingredient ingredient, double grams) {
            double half = grams / 2;
            double pct = Share.of(half, all).pct();
            return List.of(
                    part(formula.pantry().starterFlour(), half, pct),
                    part(formula.pantry().plainWater(), half, pct));
        }

        private static Declared part(Ingredient ingredient, double grams, double pct) {
            return new Declared(Kind.INGREDIENT, ingredient.name(), grams, pct, ingredient.allergens(), List.of());
        }

        private static double grams(List<Line> lines) {
            return lines.stream().mapToDouble(Line::grams).sum();
        }
    }
}
