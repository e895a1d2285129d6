package verdamen.server.files;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Line;
import verdamen.core.formula.LineSource;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.server.formula.StoredFormula;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;

/**
 * A formula as a schema.org Recipe in JSON-LD. Ingredients stand as readable lines; the same, exact, as supplies with code,
 * grams and what else a line carries, so that nothing is lost between two kitchens that use Verdamen.
 */
@Component
class RecipeJsonLd {

    /** Recipes do not say which version of a formula document they hold; the oldest reader reads newer ones as well. */
    private static final int OLDEST_DOCUMENT = 1;

    private static final double TENTHS = 10.0;
    private static final String IDENTIFIER = "verdamen:";
    private static final Pattern FIRST_NUMBER = Pattern.compile("(\\d{1,5})");

    private final JsonMapper json;
    private final JsonFiles files;
    private final StoredFormula stored;

    RecipeJsonLd(JsonMapper json, JsonFiles files, StoredFormula stored) {
        this.json = json;
        this.stored = stored;
        this.files = files;
    }

    /**
     * A recipe as imported: what a reader understands from lines, and exact lines where the file has them.
     *
     * @param title its name
     * @param text the ingredients as lines, to be read by the recipe reader
     * @param pieces how many it makes
     * @param method the method
     * @param formula the exact formula, when the file holds one
     */
    record Imported(
            @Nullable String title,
            String text,
            @Nullable Integer pieces,
            String method,
            @Nullable FormulaSpec formula) {}

    /** The recipe of a formula. */
    ObjectNode write(String name, String note, FormulaSpec formula, Pantry pantry) {
        ObjectNode recipe = json.createObjectNode();
        recipe.put("@context", "https://schema.org");
        recipe.put("@type", "Recipe");
        recipe.put("name", name);
        if (!note.isBlank()) {
            recipe.put("description", note);
        }
        pantry.style(String.valueOf(formula.style())).ifPresent(style -> recipe.put("recipeCategory", style.name()));
        RecipeNotes notes = formula.notes() == null ? RecipeNotes.NONE : formula.notes();
        if (notes.pieces() != null) {
            recipe.put("recipeYield", Math.round(notes.pieces()) + " pieces");
        }
        ArrayNode lines = recipe.putArray("recipeIngredient");
        ArrayNode supplies = recipe.putArray("supply");
        List<LineSpec> specs = formula.lines() == null ? List.of() : formula.lines();
        Map<Integer, List<LineSpec>> prepared = prepared(formula, pantry);
        for (int index = 0; index < specs.size(); index++) {
            LineSpec line = specs.get(index);
            for (LineSpec told : prepared.getOrDefault(index, List.of(line))) {
                lines.add(readable(told, told.grams(), pantry));
            }
            supplies.add(
                    supply(line, prepared.getOrDefault(index, List.of(line)).get(0), pantry));
        }
        if (notes.method() != null && !notes.method().isBlank()) {
            ArrayNode steps = recipe.putArray("recipeInstructions");
            notes.method()
                    .lines()
                    .filter(step -> !step.isBlank())
                    .forEach(step -> steps.addObject().put("@type", "HowToStep").put("text", step));
        }
        ObjectNode settings = recipe.putArray("additionalProperty").addObject();
        settings.put("@type", "PropertyValue");
        settings.put("name", IDENTIFIER + "formula");
        settings.set("value", json.valueToTree(formula.withLines(List.of())));
        return recipe;
    }

    /** What preparation chains put into the lines that they fill, for readers that know of no chains. */
    private static Map<Integer, List<LineSpec>> prepared(FormulaSpec formula, Pantry pantry) {
        if (formula.prepsOrNone().isEmpty()) {
            return Map.of();
        }
        Formula read = FormulaReader.read(formula, pantry);
        Map<Integer, List<LineSpec>> told = new HashMap<>();
        for (Line line : read.lines()) {
            boolean filled = line.prep() != null || line.source() == LineSource.PREPARED;
            if (filled) {
                double grams = Math.round(line.grams() * TENTHS) / TENTHS;
                told.computeIfAbsent(line.index(), index -> new ArrayList<>())
                        .add(LineSpec.of(line.ingredient().code(), grams)
                                .withForm(
                                        line.form() == null ? null : line.form().code())
                                .in(line.part()));
            }
        }
        return told;
    }

    private static String readable(LineSpec line, @Nullable Double grams, Pantry pantry) {
        Ingredient ingredient = line.ingredient() == null
                ? null
                : pantry.ingredient(line.ingredient()).orElse(null);
        if (ingredient == null) {
            return line.origin() == null || line.origin().text() == null
                    ? ""
                    : line.origin().text();
        }
        StringBuilder text = new StringBuilder();
        if (grams != null) {
            text.append(plain(grams)).append(" g ");
        }
        text.append(ingredient.name());
        Optional<Form> form = line.form() == null ? Optional.empty() : pantry.form(line.form());
        form.ifPresent(found -> text.append(", ").append(found.name()));
        if (line.part() != null && line.part().equals("filling")) {
            text.append(", for the filling");
        } else if (line.part() != null && line.part().equals("surface")) {
            text.append(", for cooking");
        }
        return text.toString();
    }

    private static String plain(double grams) {
        return new BigDecimal(String.valueOf(grams)).stripTrailingZeros().toPlainString();
    }

    private ObjectNode supply(LineSpec line, LineSpec told, Pantry pantry) {
        ObjectNode supply = json.createObjectNode();
        supply.put("@type", "HowToSupply");
        supply.put("name", readable(told, null, pantry));
        if (told.ingredient() != null) {
            supply.put("identifier", IDENTIFIER + told.ingredient());
        }
        if (told.grams() != null) {
            ObjectNode quantity = supply.putObject("requiredQuantity");
            quantity.put("@type", "QuantitativeValue");
            quantity.put("value", told.grams());
            quantity.put("unitCode", "GRM");
        }
        ObjectNode property = supply.putArray("additionalProperty").addObject();
        property.put("@type", "PropertyValue");
        property.put("name", IDENTIFIER + "line");
        property.set("value", json.valueToTree(line));
        return supply;
    }

    /**
     * Reads a recipe.
     *
     * @throws RefusedFileException when the text is no JSON, broken, or holds no recipe
     */
    Imported read(String text) {
        JsonNode recipe = recipeIn(files.tree(text));
        if (recipe == null) {
            throw new RefusedFileException(Reason.OTHER_KIND, "Recipe");
        }
        List<String> lines =
                texts(recipe.has("recipeIngredient") ? recipe.get("recipeIngredient") : recipe.get("ingredients"));
        return new Imported(
                textOrNull(recipe.get("name")),
                String.join("\n", lines),
                pieces(recipe.get("recipeYield")),
                String.join("\n", texts(recipe.get("recipeInstructions"))),
                exact(recipe));
    }

    private static @Nullable JsonNode recipeIn(JsonNode node) {
        if (node.isArray()) {
            for (JsonNode each : node) {
                JsonNode found = recipeIn(each);
                if (found != null) {
                    return found;
                }
            }
            return null;
        }
        JsonNode type = node.get("@type");
        boolean recipe =
                type != null && (type.isArray() ? texts(type).contains("Recipe") : "Recipe".equals(textOrNull(type)));
        if (recipe) {
            return node;
        }
        return node.has("@graph") ? recipeIn(node.get("@graph")) : null;
    }

    /** The texts of a text, a list of texts, or steps and sections of steps. */
    private static List<String> texts(@Nullable JsonNode node) {
        List<String> texts = new ArrayList<>();
        if (node == null || node.isNull()) {
            return texts;
        }
        if (node.isString()) {
            texts.addAll(node.asString()
                    .lines()
                    .map(String::strip)
                    .filter(line -> !line.isEmpty())
                    .toList());
        } else if (node.isArray()) {
            node.forEach(each -> texts.addAll(texts(each)));
        } else if (node.has("itemListElement")) {
            texts.addAll(texts(node.get("itemListElement")));
        } else if (node.has("text")) {
            texts.addAll(texts(node.get("text")));
        } else if (node.has("name")) {
            texts.addAll(texts(node.get("name")));
        }
        return texts;
    }

    private static @Nullable Integer pieces(@Nullable JsonNode yield) {
        if (yield == null) {
            return null;
        }
        if (yield.isNumber()) {
            return yield.asInt();
        }
        for (String text : texts(yield)) {
            Matcher number = FIRST_NUMBER.matcher(text);
            if (number.find()) {
                return Integer.valueOf(number.group(1));
            }
        }
        return yield.isArray() && !yield.isEmpty() ? pieces(yield.get(0)) : null;
    }

    /** The exact formula that Verdamen's own export holds; null for another program's recipe. */
    private @Nullable FormulaSpec exact(JsonNode recipe) {
        JsonNode settings = property(recipe, IDENTIFIER + "formula");
        JsonNode supplies = recipe.get("supply");
        if (settings == null || supplies == null || !supplies.isArray()) {
            return null;
        }
        ObjectNode document = settings.isObject() ? ((ObjectNode) settings).deepCopy() : json.createObjectNode();
        ArrayNode lines = document.putArray("lines");
        for (JsonNode supply : supplies) {
            JsonNode line = property(supply, IDENTIFIER + "line");
            if (line == null) {
                return null;
            }
            lines.add(line);
        }
        try {
            return stored.read(OLDEST_DOCUMENT, document);
        } catch (JacksonException broken) {
            throw JsonFiles.refused(broken);
        }
    }

    private static @Nullable JsonNode property(JsonNode of, String name) {
        JsonNode properties = of.get("additionalProperty");
        if (properties == null || !properties.isArray()) {
            return null;
        }
        for (JsonNode each : properties) {
            if (name.equals(textOrNull(each.get("name")))) {
                return each.get("value");
            }
        }
        return null;
    }

    private static @Nullable String textOrNull(@Nullable JsonNode node) {
        return node != null && node.isString() ? node.asString() : null;
    }
}
