package verdamen.core.intake;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Part;
import verdamen.core.model.Coefficient;
import verdamen.core.pantry.KitchenMeasures;

/**
 * Reads a pasted recipe: one ingredient a line, or run together with semicolons; a title above, headings of parts
 * between, a method below. Never fails, whatever the text.
 */
public final class RecipeReader {

    private static final Pattern BREAK = Pattern.compile("\\R|;");
    private static final Pattern MAKES = Pattern.compile(
            "(?i)^\\s*(?:makes|serves|yields?|makes about|for)\\s*:?\\s*(?:about\\s+)?(\\d{1,4})\\b(.*)");
    private static final Pattern BETWEEN_ITEMS = Pattern.compile("(?i),\\s+(?:and\\s+)?|\\s+and\\s+|\\s+\\+\\s+");
    /** "Water with a dash of rose water": each is a line. */
    private static final Pattern WITH = Pattern.compile("(?i)^(\\w+(?: \\w+)?) with (.+)$");

    private static final Pattern NO_ITEM = Pattern.compile("(?i)^\\W*(?:no|do not|don['’]t|without)\\s\\D*$");
    private static final Pattern SENTENCES = Pattern.compile("[a-z]{2}\\.\\s+[A-Z][a-z]");
    private static final String FLOUR = "flour";
    private static final String WATER = "water";
    private static final Set<String> FIRST_WORDS_OF_METHOD =
            Set.of(("mix add knead stir combine roll rest cook heat put place"
                            + " boil mash grate rub pour bring divide shape leave cover make work sift whisk dissolve take let"
                            + " turn brush serve press fold chop fry bake griddle in when once first then while using"
                            + " steam spread crumble chill drain peel blend beat prove dust stretch sprinkle wash soak simmer"
                            + " season coil form cut flatten melt preheat remove return repeat enclose fill stuff")
                    .split(" "));
    private static final Set<String> BREADS = Set.of(
            "roti",
            "rotis",
            "chapati",
            "chapatis",
            "paratha",
            "parathas",
            "tortilla",
            "tortillas",
            "pita",
            "pitas",
            "naan",
            "flatbread",
            "flatbreads",
            "bread",
            "breads",
            "round",
            "rounds",
            "cracker",
            "crackers",
            "wrap",
            "wraps");
    private static final int TITLE_WORDS = (int) Coefficient.TITLE_WORDS_MOST.value();
    /** So many lines below a title the first amount stands at the latest: "Makes 8" and a note may come between. */
    private static final int LINES_AFTER_TITLE = (int) Coefficient.LINES_AFTER_TITLE.value();

    private static final int SENTENCE_WORDS = (int) Coefficient.SENTENCE_WORDS_FROM.value();

    private final IngredientIndex index;
    private final KitchenMeasures measures;
    private final List<ParsedLine> lines = new ArrayList<>();
    private final StringBuilder method = new StringBuilder();
    private @Nullable String title;
    private @Nullable Integer pieces;
    /** What it says it makes, as written; null when it says no more than how many. */
    private @Nullable String made;

    private Part section = Part.DOUGH;
    private @Nullable String heading;
    /** Code of the style: as its title says, or as asked. */
    private @Nullable String style;

    private boolean inMethod;
    /** Whether a setting of the method stood among the lines: more of the method may follow, or more lines. */
    private boolean afterSetting;

    private RecipeReader(@Nullable String style, IngredientIndex index, KitchenMeasures measures) {
        this.style = style;
        this.index = index;
        this.measures = measures;
    }

    private LineReader.Under under() {
        return new LineReader.Under(section, heading, style);
    }

    /**
     * A recipe as understood.
     *
     * @param text the recipe as pasted
     * @param style code of the style it is for; null when not known
     * @param index where ingredients are found
     * @param measures what this kitchen's measures hold
     */
    public static ParsedRecipe read(
            String text, @Nullable String style, IngredientIndex index, KitchenMeasures measures) {
        // Runs of spaces are one, or the patterns would try each of them from every place.
        Double cup = Asides.of(text.replaceAll("\\s+", " ")).cupMl();
        RecipeReader reader = new RecipeReader(style, index, cup == null ? measures : measures.withCup(cup));
        List<String> all = List.of(text.replaceAll("\\h+", " ").split("\\R"));
        for (int at = 0; at < all.size(); at++) {
            reader.take(all.get(at), all.subList(at + 1, all.size()));
        }
        return new ParsedRecipe(
                reader.title,
                reader.pieces,
                reader.made,
                reader.lines,
                reader.waterTemperatureC(),
                reader.method.toString().strip());
    }

    /** One line of ingredients as understood, outside any recipe. */
    public static ParsedLine readLine(String text, Part part, IngredientIndex index, KitchenMeasures measures) {
        return LineReader.read(text, LineReader.Under.of(part), index, measures);
    }

    /** Takes a line; what follows it says whether it can be the title. */
    private void take(String line, List<String> following) {
        if (line.isBlank()) {
            if (inMethod) {
                method.append('\n');
            }
            return;
        }
        if (isHeading(line)) {
            return;
        }
        if (inMethod || (afterSetting && !isLine(line))) {
            method.append(line.strip()).append('\n');
            return;
        }
        if (NO_ITEM.matcher(line).matches()) {
            method.append(line.strip()).append('\n');
            return;
        }
        if ((!line.contains(";") && (isMakes(line) || isTitle(line, following))) || beginsMethod(line)) {
            return;
        }
        for (String item : BREAK.split(line)) {
            for (String part : items(Heading.BULLET.matcher(item).replaceFirst(""))) {
                takeItem(part);
            }
        }
    }

    /** The temperature of the line of plain water, or else of the largest liquid, that has one. */
    private @Nullable Double waterTemperatureC() {
        return lines.stream()
                .filter(line -> line.part() == Part.DOUGH && line.measured().temperatureC() != null)
                .max(Comparator.comparing((ParsedLine line) -> WATER.equals(line.ingredient()))
                        .thenComparing(line -> line.grams() == null ? 0 : line.grams()))
                .map(line -> line.measured().temperatureC())
                .orElse(null);
    }

    private void takeItem(String item) {
        String text = item.strip();
        if (text.isEmpty() || isCupSize(text)) {
            return;
        }
        if (isSetting(text)) {
            method.append(text).append('\n');
            afterSetting = true;
            return;
        }
        Matcher with = WITH.matcher(text);
        if (with.matches() && isBareName(with.group(1)) && isItem(with.group(2))) {
            lines.add(LineReader.read(with.group(1), under(), index, measures));
            lines.add(LineReader.read(with.group(2), under(), index, measures));
            return;
        }
        List<String> names = SharedNames.of(text);
        if (names.isEmpty()) {
            lines.add(LineReader.read(text, under(), index, measures));
        }
        names.forEach(name ->
                lines.add(LineReader.read(name, under(), index, measures).sharedBy(names.size(), text)));
    }

    /** "1 cup = 250 ml" is no line. */
    private static boolean isCupSize(String text) {
        Asides asides = Asides.of(text);
        return asides.cupMl() != null && Vocabulary.words(asides.rest()).isEmpty();
    }

    /**
     * "200 g flour, 120 g water and 5 g salt", "flour: 300 g, water: 180 g, salt": parted only where an ingredient stands
     * with its amount on both sides, and never inside brackets; a bare name may end the row.
     */
    private List<String> items(String line) {
        Matcher between = BETWEEN_ITEMS.matcher(line);
        if (!between.find()) {
            return List.of(line);
        }
        List<String> items = new ArrayList<>();
        StringBuilder item = new StringBuilder(line.substring(0, between.start()));
        boolean listed = between.group().startsWith(",") && isBareName(item.toString()) && itemsIn(line) > 1;
        boolean complete = listed || isItem(item.toString());
        int brackets = openBrackets(item);
        boolean more = true;
        while (more) {
            String separator = between.group();
            int from = between.end();
            more = between.find();
            String next = line.substring(from, more ? between.start() : line.length());
            boolean further = isItem(next) || (!more && !items.isEmpty() && isBareName(next));
            if (further && complete && brackets <= 0) {
                items.add(item.toString());
                item.setLength(0);
                brackets = 0;
            } else {
                item.append(separator);
            }
            item.append(next);
            brackets += openBrackets(next);
            complete |= further;
        }
        items.add(item.toString());
        return items;
    }

    /** "Milk, a tablespoon of baking powder, six hundred grams of flour": how many of its parts are items, by themselves. */
    private long itemsIn(String line) {
        return BETWEEN_ITEMS.splitAsStream(line).filter(this::isItem).count();
    }

    private static int openBrackets(CharSequence text) {
        return text.chars().map(sign -> sign == '(' ? 1 : sign == ')' ? -1 : 0).sum();
    }

    /** Whether a text says how much of what; what need not be in the pantry when it is measured. */
    private boolean isItem(String text) {
        ParsedLine read = LineReader.read(text, under(), index, measures);
        boolean measured = read.measure() != null && !read.measure().equals(Weighing.PIECE);
        boolean unknown = read.findings().stream()
                .anyMatch(finding -> finding.kind() == Finding.Kind.NO_INGREDIENT
                        && !finding.words().isEmpty());
        return read.ingredient() == null && read.near() == null ? measured && unknown : read.grams() != null;
    }

    private boolean isBareName(String text) {
        ParsedLine read = LineReader.read(text, under(), index, measures);
        return read.ingredient() != null
                && read.findings().stream().allMatch(finding -> finding.kind() == Finding.Kind.NO_AMOUNT);
    }

    private static char first(String text) {
        String stripped = text.strip();
        return stripped.isEmpty() ? ' ' : stripped.charAt(0);
    }

    private boolean isHeading(String line) {
        Heading found = Heading.of(line).orElse(null);
        if (found == null) {
            return false;
        }
        boolean unclear = found.kind() == Heading.Kind.UNCLEAR;
        if (unclear && (inMethod || isBareName(line))) {
            return false;
        }
        inMethod = found.kind() == Heading.Kind.METHOD;
        if (!inMethod) {
            section = found.part();
            heading = unclear ? line.strip().replaceAll(":$", "") : null;
        }
        return true;
    }

    private boolean isMakes(String line) {
        Matcher makes = MAKES.matcher(line);
        if (!makes.matches()
                || !LineReader.read(line, under(), index, measures).status().equals(LineStatus.UNREAD)) {
            return false;
        }
        pieces = Integer.valueOf(makes.group(1));
        if (!Vocabulary.words(makes.group(2)).isEmpty()) {
            // "Makes 12 parathas, 18 cm across": what they are, and how large, is said here only.
            made = line.strip();
            method.append(made).append('\n');
        }
        return true;
    }

    /**
     * The first line, when it has no amount and names a bread, or when lines with amounts follow and it says more, or other things,
     * than an ingredient: "Turnip griddle cakes" is a title, "Salt" and "warm water as needed" are lines.
     */
    private boolean isTitle(String line, List<String> following) {
        boolean first = title == null && lines.isEmpty();
        boolean amount = Token.of(line).stream().anyMatch(Token::isNumber);
        if (!first || amount || Heading.BULLET.matcher(line).find()) {
            return false;
        }
        List<String> words = Vocabulary.words(line);
        boolean bread = words.stream().anyMatch(BREADS::contains) && !FLOUR.equals(words.get(words.size() - 1));
        boolean titled = bread || (isTitled(line, words) && amountsFollow(following));
        if (titled) {
            title = line.strip();
            SpokenStyle spoken = StyleOfTitle.of(title, null, "");
            style = spoken == null ? style : spoken.code();
        }
        return titled;
    }

    private boolean isTitled(String line, List<String> words) {
        ParsedLine read = LineReader.read(line, under(), index, measures);
        boolean open = read.findings().stream().anyMatch(finding -> finding.kind() == Finding.Kind.LEFT_OPEN);
        return !words.isEmpty()
                && words.size() <= TITLE_WORDS
                && !line.strip().endsWith(".")
                && !FIRST_WORDS_OF_METHOD.contains(words.get(0))
                && !open
                && read.grams() == null
                && read.part() == section
                && saysMoreThanAnIngredient(read);
    }

    private static boolean saysMoreThanAnIngredient(ParsedLine read) {
        return read.findings().stream()
                .anyMatch(finding -> !finding.words().isEmpty()
                        && (finding.kind() == Finding.Kind.WORDS_LEFT || finding.kind() == Finding.Kind.NO_INGREDIENT));
    }

    private boolean amountsFollow(List<String> following) {
        return following.stream()
                .filter(line -> !line.isBlank() && Heading.of(line).isEmpty())
                .limit(LINES_AFTER_TITLE)
                .anyMatch(line -> items(line).stream().anyMatch(this::isItem));
    }

    /** "Knead 10 minutes, rest 20 minutes", "Roll to 2 mm": a verb of the method that says a setting, and no ingredient. */
    private boolean isSetting(String text) {
        List<String> words = Vocabulary.words(text);
        return !lines.isEmpty()
                && !words.isEmpty()
                && FIRST_WORDS_OF_METHOD.contains(words.get(0))
                && !Instructions.of(text).isEmpty()
                && LineReader.read(text, under(), index, measures).ingredient() == null;
    }

    private boolean isLine(String line) {
        return items(line).stream().anyMatch(item -> isItem(item) || isBareName(item));
    }

    /** "Knead, rest, roll, cook.": it ends as a sentence, and neither names an ingredient first nor has an amount. */
    private boolean isSentence(String line, List<String> words) {
        boolean instructs = words.size() >= 3 && FIRST_WORDS_OF_METHOD.contains(words.get(0));
        return (instructs || words.size() >= SENTENCE_WORDS)
                && line.strip().endsWith(".")
                && Token.of(line).stream().noneMatch(Token::isNumber)
                && !index.knows(Singular.of(words.get(0)));
    }

    /** A long line without an amount in front that begins as instructions do, or one of several sentences. */
    private boolean beginsMethod(String line) {
        List<String> words = Vocabulary.words(line);
        boolean sentence = words.size() >= SENTENCE_WORDS && FIRST_WORDS_OF_METHOD.contains(words.get(0));
        boolean instructs = !lines.isEmpty()
                && !Character.isDigit(first(Heading.BULLET.matcher(line).replaceFirst("")))
                && (sentence || SENTENCES.matcher(line).find() || isSentence(line, words));
        if (instructs) {
            inMethod = true;
            method.append(line.strip()).append('\n');
        }
        return instructs;
    }
}
