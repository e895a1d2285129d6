package verdamen.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.Kneading;
import verdamen.core.formula.MethodSpec;
import verdamen.core.formula.RecipeNotes;
import verdamen.core.intake.Instruction;
import verdamen.core.intake.Instructions;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Pantry;

/** Gives a formula settings that its method in words speaks of. */
final class InstructionEdits {

    private InstructionEdits() {}

    /**
     * A formula with some of what its method says.
     *
     * @param places which, by their place among what the method says
     * @throws verdamen.core.model.RefusedException when the method says nothing at a place, or what no dough can have
     */
    static FormulaSpec take(FormulaSpec spec, @Nullable List<Integer> places, Pantry pantry) {
        List<Instruction> said = Instructions.of(spec.notesOrNone().method());
        List<Instruction> asked = (places == null ? List.<Integer>of() : places)
                .stream().map(place -> at(said, place)).toList();
        Faults faults = new Faults();
        asked.forEach(each -> faults.number(
                each.kind().limit().code(), each.value(), each.kind().limit()));
        faults.refuse();
        FormulaSpec after = spec;
        for (Instruction each : asked) {
            after = withSetting(after, each);
        }
        boolean phases = asked.stream()
                .anyMatch(each -> each.kind().isPhase() || each.kind().isRise());
        return phases ? new Phases(after, pantry).with(said, asked) : after;
    }

    private static Instruction at(List<Instruction> said, int place) {
        if (place < 0 || place >= said.size()) {
            throw Faults.refusal(null, "edit.said", FaultCode.UNKNOWN_CODE, place);
        }
        return said.get(place);
    }

    private static FormulaSpec withSetting(FormulaSpec spec, Instruction said) {
        RecipeNotes notes = spec.notesOrNone();
        double value = said.value();
        return switch (said.kind()) {
            case KNEAD -> kneaded(spec, Kneading.HAND, value);
            case KNEAD_BY_MACHINE -> kneaded(spec, Kneading.MACHINE, value);
            case WATER -> spec.withSettings(spec.kneading(), spec.fatTiming(), value, spec.restMinutes());
            case PIECES -> spec.withNotes(notes.withPieces(value));
            case PIECE_GRAMS -> spec.withNotes(notes.withPieceGrams(value));
            case SHEET -> spec.withSheet(value);
            case DIAMETER -> spec.withNotes(notes.withDiameterMm(value));
            case SIDE -> spec.withNotes(notes.withSideSeconds(value));
            case PAN -> spec.withNotes(notes.withPanC(value));
            case REST, WARM, CHILL, KNEAD_AGAIN, RISE, RISE_WARM -> spec;
        };
    }

    private static FormulaSpec kneaded(FormulaSpec spec, Kneading kneading, double minutes) {
        MethodSpec method = spec.methodOrNone();
        return spec.withSettings(kneading.code(), spec.fatTiming(), spec.waterTemperatureC(), spec.restMinutes())
                .withMethod(method.withTemperatures(method.temperaturesOrNone().withKneadMinutes(minutes)));
    }
}
