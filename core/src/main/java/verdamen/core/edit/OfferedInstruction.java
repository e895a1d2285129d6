package verdamen.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Kneading;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.intake.Instruction;
import verdamen.core.intake.Instruction.Kind;
import verdamen.core.intake.Instructions;

/**
 * A setting that the method in words speaks of, beside what the formula has.
 *
 * @param kind which setting
 * @param words the words that say so
 * @param value how much: minutes, °C, pieces, g, mm, or seconds a side; 0 for a rest until it has risen
 * @param stands whether the formula has it already
 */
public record OfferedInstruction(Kind kind, String words, double value, boolean stands) {

    /** The settings that the notes of a formula speak of, in the order of its method; a rise only where there is one. */
    public static List<OfferedInstruction> of(FormulaSpec spec, Formula formula) {
        List<Instruction> said = Instructions.of(spec.notesOrNone().method());
        return said.stream()
                .filter(each -> !each.kind().isRise() || Phases.rises(formula))
                .map(each ->
                        new OfferedInstruction(each.kind(), each.words(), each.value(), stands(each, spec, formula)))
                .toList();
    }

    private static boolean stands(Instruction said, FormulaSpec spec, Formula formula) {
        RecipeNotes notes = spec.notesOrNone();
        double value = said.value();
        return switch (said.kind()) {
            case KNEAD, KNEAD_BY_MACHINE ->
                (said.kind() == Kind.KNEAD_BY_MACHINE)
                                == Kneading.MACHINE.code().equals(spec.kneading())
                        && is(value, spec.methodOrNone().temperaturesOrNone().kneadMinutes());
            case REST, WARM, CHILL, KNEAD_AGAIN, RISE, RISE_WARM ->
                new Phases(spec, formula.pantry()).standing(said).isPresent();
            case WATER -> is(value, spec.waterTemperatureC());
            case PIECES -> is(value, notes.pieces());
            case PIECE_GRAMS -> is(value, notes.pieceGrams());
            case SHEET -> is(value, spec.sheetMm());
            case DIAMETER -> is(value, notes.diameterMm());
            case SIDE -> is(value, notes.sideSeconds());
            case PAN -> is(value, notes.panC());
        };
    }

    private static boolean is(double value, @Nullable Double other) {
        return other != null && other == value;
    }
}
