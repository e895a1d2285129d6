package verdamen.core.intake;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.intake.Numerals.Numeral;
import verdamen.core.intake.Vocabulary.Kind;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.KitchenMeasures;

/** Finds every amount that a line states, with its measure, range and brackets. */
final class AmountReader {

    private static final Set<String> TO = Set.of("to", "-", "–", "—", "or");
    private static final Set<String> BARE_MEASURES =
            Set.of("pinch", "handful", "knob", "dash", "glug", "bunch", "piece");
    private static final Set<String> LENGTHS = Set.of("cm", "mm", "inch", "inches", "in");
    private static final Set<String> CONTAINERS =
            Set.of("tin", "tins", "can", "cans", "jar", "jars", "packet", "packets", "pack", "packs", "bag", "bags");
    private static final Set<Kind> BEFORE_MEASURE = EnumSet.of(Kind.SIZE, Kind.FILL, Kind.APPROXIMATE);

    private final List<Token> tokens;
    private final boolean[] used;
    private final Vocabulary vocabulary;
    private final KitchenMeasures measures;
    private final Numerals numerals;
    private final List<StatedAmount> found = new ArrayList<>();
    private boolean inBrackets;
    private boolean approximate;

    /**
     * A reader of one line.
     *
     * @param tokens the line
     * @param used which tokens are taken already; those of amounts are marked too
     */
    AmountReader(List<Token> tokens, boolean[] used, Vocabulary vocabulary, KitchenMeasures measures) {
        this.tokens = tokens;
        this.used = used;
        this.vocabulary = vocabulary;
        this.measures = measures;
        this.numerals = new Numerals(tokens);
    }

    /** Every amount, in the order of the line. */
    List<StatedAmount> read() {
        int at = 0;
        while (at < tokens.size()) {
            at = step(at);
        }
        if (found.isEmpty()) {
            bareMeasure().ifPresent(found::add);
        }
        return found;
    }

    private int step(int at) {
        Token token = tokens.get(at);
        if (token.is("(") || token.is("[") || token.is("=")) {
            inBrackets = true;
        } else if (token.is(")") || token.is("]")) {
            inBrackets = false;
        }
        if (used[at]) {
            return at + 1;
        }
        int skipped = skipWhatIsNoAmount(at);
        if (skipped > at) {
            return skipped;
        }
        Optional<StatedAmount> amount = amountAt(at);
        if (amount.isEmpty()) {
            approximate = vocabulary
                            .phraseAt(tokens, at, EnumSet.of(Kind.APPROXIMATE))
                            .isPresent()
                    || token.is("~")
                    || (approximate && token.is("."));
            return at + 1;
        }
        StatedAmount stated = approximate ? vague(amount.get()) : amount.get();
        approximate = false;
        mark(stated.from(), stated.to());
        found.add(stated);
        return stated.to();
    }

    private static StatedAmount vague(StatedAmount stated) {
        return new StatedAmount(
                stated.low(),
                stated.high(),
                stated.measure(),
                stated.unit(),
                Math.hypot(stated.vagueness(), Coefficient.APPROXIMATE_SD.value()),
                stated.inBrackets(),
                stated.from(),
                stated.to());
    }

    /** Percentages, temperatures and lengths are figures, but no amounts. */
    private int skipWhatIsNoAmount(int at) {
        if (!tokens.get(at).isNumber()) {
            return at;
        }
        int next = at + 1;
        boolean milling = tokens.get(at).text().matches("0+");
        if (milling) {
            return mark(at, next);
        }
        if (isSign(next, "%")) {
            return mark(at, next + 1);
        }
        if (isSign(next, "°") || isSign(next, "º")) {
            return mark(at, Math.min(tokens.size(), next + 2));
        }
        if (LENGTHS.contains(word(next)) || isSign(next, "\"")) {
            return mark(at, next + 1);
        }
        return at;
    }

    private Optional<StatedAmount> amountAt(int at) {
        boolean afterSlash = at > 0 && tokens.get(at - 1).is("/");
        Optional<Numeral> number = numerals.read(at);
        if (number.isEmpty()) {
            return numerals.isArticle(at) ? articleMeasure(at) : Optional.empty();
        }
        Numeral last = rangeEnd(number.get().to()).orElse(number.get());
        Numeral first = ofSameHundreds(number.get(), last);
        StatedAmount stated = new StatedAmount(
                Math.min(first.value(), last.value()),
                Math.max(first.value(), last.value()),
                null,
                null,
                Math.max(first.vagueness(), last.vagueness()),
                inBrackets || afterSlash,
                at,
                last.to());
        StatedAmount multiplied = multiplied(stated);
        return Optional.of(multiplied.measure() == null ? measured(multiplied) : multiplied);
    }

    /** "Two to three hundred": the first of them counts hundreds, too. */
    private Numeral ofSameHundreds(Numeral first, Numeral last) {
        boolean hundreds = word(last.to() - 1).equals("hundred") && last.to() > first.to();
        return hundreds && first.value() < 10 ? new Numeral(100 * first.value(), first.vagueness(), first.to()) : first;
    }

    /** "2 x 400 g", and "2 (400 g) tins". */
    private StatedAmount multiplied(StatedAmount count) {
        int at = count.to();
        boolean times = word(at).equals("x") || isSign(at, "×") || isSign(at, "*");
        boolean bracket = isSign(at, "(");
        if (!times && !bracket) {
            return count;
        }
        Optional<Numeral> each = numerals.read(at + 1);
        if (each.isEmpty()) {
            return count;
        }
        StatedAmount one = measured(new StatedAmount(
                each.get().value(),
                each.get().value(),
                null,
                null,
                0,
                count.inBrackets(),
                count.from(),
                each.get().to()));
        if (one.measure() == null) {
            return count;
        }
        if (times) {
            return one.times(count.likely());
        }
        boolean ofContainers = isSign(one.to(), ")") && CONTAINERS.contains(word(one.to() + 1));
        return ofContainers ? one.times(count.likely()).withMeasure(one.measure(), one.unit(), one.to() + 2) : count;
    }

    /** "a cup", "a heaped tablespoon", "a generous handful". */
    private Optional<StatedAmount> articleMeasure(int at) {
        StatedAmount one = measured(new StatedAmount(1, 1, null, null, 0, inBrackets, at, at + 1));
        return one.measure() == null ? Optional.empty() : Optional.of(one);
    }

    /** "Pinch of salt": a measure without a number is one of it. */
    private Optional<StatedAmount> bareMeasure() {
        for (int at = 0; at < tokens.size(); at++) {
            String code = vocabulary.measure(word(at)).orElse("");
            if (!used[at] && BARE_MEASURES.contains(code)) {
                mark(at, at + 1);
                return Optional.of(new StatedAmount(1, 1, code, word(at), 0, false, at, at + 1));
            }
        }
        return Optional.empty();
    }

    private Optional<Numeral> rangeEnd(int at) {
        boolean upTo = word(at).equals("up") && word(at + 1).equals("to");
        if (upTo) {
            return end(at + 2);
        }
        boolean between = word(at).equals("and") && at >= 2 && word(at - 2).equals("between");
        if (at >= tokens.size() || !(TO.contains(tokens.get(at).word()) || between)) {
            return Optional.empty();
        }
        return numerals.read(at + 1);
    }

    /** "Half a teaspoon up to a teaspoon": an article is one of it there. */
    private Optional<Numeral> end(int at) {
        return numerals.isArticle(at) ? Optional.of(new Numeral(1, 0, at + 1)) : numerals.read(at);
    }

    private StatedAmount measured(StatedAmount stated) {
        int at = afterModifiers(stated.to());
        int two = at + 2;
        if (at + 1 < tokens.size() && tokens.get(at).isWord()) {
            Optional<String> pair = measureNamed(word(at) + " " + word(at + 1));
            if (pair.isPresent()) {
                return rangeAfterMeasure(stated.withMeasure(pair.get(), word(at), two));
            }
        }
        Optional<String> code = measureAt(at);
        if (code.isEmpty()) {
            return stated;
        }
        int end = isSign(at + 1, ".") ? at + 2 : at + 1;
        return rangeAfterMeasure(stated.withMeasure(code.get(), word(at), end));
    }

    /** "200 g to 250 g", "3 cups to 3½ cups". */
    private StatedAmount rangeAfterMeasure(StatedAmount stated) {
        Optional<Numeral> end = word(stated.to()).equals("or") ? Optional.empty() : rangeEnd(stated.to());
        if (end.isEmpty() || !measureAt(afterModifiers(end.get().to())).equals(Optional.ofNullable(stated.measure()))) {
            return stated;
        }
        double other = end.get().value();
        return new StatedAmount(
                Math.min(stated.low(), other),
                Math.max(stated.high(), other),
                stated.measure(),
                stated.unit(),
                stated.vagueness(),
                stated.inBrackets(),
                stated.from(),
                afterModifiers(end.get().to()) + 1);
    }

    private Optional<String> measureAt(int at) {
        if (at >= tokens.size() || !tokens.get(at).isWord()) {
            return Optional.empty();
        }
        // The one place where a capital letter matters: T is a tablespoon, t a teaspoon.
        String text = tokens.get(at).text();
        if (text.equals("T")) {
            return Optional.of("tbsp");
        }
        return text.equals("t") ? Optional.of("tsp") : measureNamed(word(at));
    }

    private Optional<String> measureNamed(String name) {
        return measures.vesselNamed(name).or(() -> vocabulary.measure(name));
    }

    /** Steps over "heaped", "large", "about" between a number and its measure. */
    private int afterModifiers(int at) {
        int next = at;
        while (next < tokens.size()) {
            var phrase = vocabulary.phraseAt(tokens, next, BEFORE_MEASURE);
            if (phrase.isEmpty()) {
                return next;
            }
            next += phrase.get().words().size();
        }
        return next;
    }

    private int mark(int from, int to) {
        for (int at = from; at < Math.min(to, used.length); at++) {
            used[at] = true;
        }
        return to;
    }

    private String word(int at) {
        return at >= 0 && at < tokens.size() && tokens.get(at).isWord()
                ? tokens.get(at).word()
                : "";
    }

    private boolean isSign(int at, @Nullable String sign) {
        return at < tokens.size() && tokens.get(at).text().equals(sign);
    }
}
