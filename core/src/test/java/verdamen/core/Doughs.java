package verdamen.core;

import java.util.List;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.MethodSpec.PhaseSpec;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.ReferenceTables;

/** Formulas that several tests use. */
public final class Doughs {

    public static final Pantry BOOK = ReferenceTables.load();

    private Doughs() {}

    /** A formula of a style with these lines. */
    public static FormulaSpec spec(String style, LineSpec... lines) {
        return new FormulaSpec(style, null, null, null, null, null, null, List.of(lines));
    }

    /** Plain roti: 400 g atta, so much water, salt. */
    public static FormulaSpec roti(double water) {
        return spec("roti", line("wheat-atta", 400), line("water", water), line("salt-fine", 7));
    }

    public static LineSpec line(String ingredient, double grams) {
        return LineSpec.of(ingredient, grams);
    }

    public static LineSpec filling(String ingredient, double grams, String form) {
        return line(ingredient, grams).withPart("filling").withForm(form);
    }

    public static Formula read(FormulaSpec spec) {
        return FormulaReader.read(spec, BOOK);
    }

    /** The formula with these phases between kneading and rolling. */
    public static FormulaSpec phased(FormulaSpec spec, PhaseSpec... phases) {
        return spec.withMethod(MethodSpec.NONE.withPhases(List.of(phases)));
    }
}
