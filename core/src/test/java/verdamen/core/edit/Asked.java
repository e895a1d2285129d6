package verdamen.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** An edit being asked, a part at a time; what is not said is absent. */
final class Asked {

    private final String kind;
    private @Nullable Integer line;
    private @Nullable String remedy;
    private @Nullable String ingredient;
    private @Nullable Long lot;
    private @Nullable Double moisturePct;
    private @Nullable Double proteinPct;
    private @Nullable Integer chain;
    private @Nullable Integer step;
    private @Nullable String phase;
    private @Nullable Integer minutes;
    private @Nullable Double grams;
    private @Nullable List<Integer> said;

    private Asked(String kind) {
        this.kind = kind;
    }

    static Asked to(String kind) {
        return new Asked(kind);
    }

    Asked line(@Nullable Integer index) {
        line = index;
        return this;
    }

    Asked remedy(@Nullable String code) {
        remedy = code;
        return this;
    }

    Asked ingredient(@Nullable String code) {
        ingredient = code;
        return this;
    }

    Asked lot(long id, double moisture, double protein) {
        lot = id;
        moisturePct = moisture;
        proteinPct = protein;
        return this;
    }

    Asked step(int ofChain, int index) {
        chain = ofChain;
        step = index;
        return this;
    }

    Asked chain(int index) {
        chain = index;
        return this;
    }

    Asked phase(String code) {
        phase = code;
        return this;
    }

    Asked minutes(@Nullable Integer count) {
        minutes = count;
        return this;
    }

    Asked grams(@Nullable Double mass) {
        grams = mass;
        return this;
    }

    Asked said(Integer... places) {
        said = List.of(places);
        return this;
    }

    FormulaEdit edit() {
        return new FormulaEdit(
                kind, line, remedy, ingredient, lot, moisturePct, proteinPct, chain, step, phase, minutes, grams, said);
    }
}
