package verdamen.server.pantry;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.balance.Equivalent;
import verdamen.core.formula.MeasuredFigure;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Share;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.Composition;
import verdamen.core.pantry.FatState;
import verdamen.core.pantry.Feel;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Material;
import verdamen.core.pantry.Measure;
import verdamen.core.pantry.OwnValue;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Price;
import verdamen.core.pantry.Role;
import verdamen.core.pantry.Storage;
import verdamen.core.pantry.Style;
import verdamen.core.prep.ChainReader;

/**
 * Everything a formula can be made from.
 *
 * @param typicalValues always true: these are the book's typical values, not this kitchen's measurements
 * @param ingredients the ingredients
 * @param styles the styles of flatbread
 * @param forms the forms of inclusions
 * @param feels the words for softness, from dry to wet
 * @param measures the kitchen measures
 * @param storages the ways of keeping bread
 * @param usual what counts when nothing is typed
 */
record PantryDocument(
        boolean typicalValues,
        List<Item> ingredients,
        List<Style> styles,
        List<Form> forms,
        List<Feel> feels,
        List<Measure> measures,
        List<Storage> storages,
        Usual usual) {

    /**
     * What counts when nothing is typed.
     *
     * @param flourMoisturePct moisture of a flour, %
     * @param startFlourGrams flour of a style's usual dough, g
     * @param style code of the style of a new formula
     */
    record Usual(double flourMoisturePct, double startFlourGrams, String style) {

        static Usual of(Pantry pantry) {
            return new Usual(
                    Share.ofFraction(Coefficient.BOOK_FLOUR_MOISTURE.value()).pct(),
                    Coefficient.USUAL_FLOUR.value(),
                    pantry.styles().iterator().next().code());
        }
    }

    /**
     * An ingredient as the screens need it.
     *
     * @param material what it is made of on the screen
     * @param plainWater whether it is the water that the balance answers
     * @param own whether it is the kitchen's own
     * @param ownValues figures of the kitchen's own over the book's
     * @param price what it costs; null when that is not known
     * @param measurable the figures that can be measured of a line of it
     * @param preparable whether a preparation chain can begin with it
     * @param hasEquivalents whether something else can stand for it
     */
    record Item(
            String code,
            String name,
            Role role,
            String group,
            Material material,
            boolean plainWater,
            Composition composition,
            @Nullable Behaviour behaviour,
            @Nullable FatState fatState,
            List<String> allergens,
            String notes,
            double sodiumMg,
            double bulkDensityGPerMl,
            @Nullable Double pieceGrams,
            @Nullable String pieceName,
            boolean wholeGrain,
            boolean legume,
            boolean glutenBearing,
            boolean own,
            List<OwnFigure> ownValues,
            @Nullable Price price,
            List<MeasuredFigure> measurable,
            boolean preparable,
            boolean hasEquivalents) {

        static Item of(Ingredient ingredient, KitchenPantry kitchenPantry) {
            return new Item(
                    ingredient.code(),
                    ingredient.name(),
                    ingredient.role(),
                    ingredient.group(),
                    ingredient.material(),
                    ingredient.isPlainWater(),
                    ingredient.composition(),
                    ingredient.behaviour(),
                    ingredient.fatState(),
                    ingredient.allergens(),
                    ingredient.notes(),
                    ingredient.sodiumMg(),
                    ingredient.bulkDensityGPerMl(),
                    ingredient.pieceGrams(),
                    ingredient.pieceName(),
                    ingredient.wholeGrain(),
                    ingredient.legume(),
                    ingredient.glutenBearing(),
                    kitchenPantry.ownCodes().contains(ingredient.code()),
                    figures(ingredient, kitchenPantry),
                    kitchenPantry.prices().get(ingredient.code()),
                    MeasuredFigure.of(ingredient),
                    ChainReader.canBePrepared(ingredient),
                    Equivalent.isThereFor(ingredient));
        }
    }

    /**
     * A figure of the kitchen's own over the book's.
     *
     * @param field which figure
     * @param value its value
     * @param book the book's value; null when the book has none
     * @param source where it comes from
     */
    record OwnFigure(
            OwnValue.Field field, double value, @Nullable Double book, String source) {}

    private static List<OwnFigure> figures(Ingredient ingredient, KitchenPantry kitchenPantry) {
        return kitchenPantry.ownValues().getOrDefault(ingredient.code(), List.of()).stream()
                .map(own -> new OwnFigure(
                        own.field(),
                        own.value(),
                        own.field().of(kitchenPantry.book().getOrDefault(ingredient.code(), ingredient)),
                        own.source()))
                .toList();
    }

    static PantryDocument of(KitchenPantry kitchenPantry) {
        Pantry pantry = kitchenPantry.pantry();
        return new PantryDocument(
                true,
                pantry.ingredients().stream()
                        .map(ingredient -> Item.of(ingredient, kitchenPantry))
                        .toList(),
                List.copyOf(pantry.styles()),
                List.copyOf(pantry.forms()),
                pantry.feels(),
                pantry.measures(),
                Storage.all(),
                Usual.of(pantry));
    }
}
