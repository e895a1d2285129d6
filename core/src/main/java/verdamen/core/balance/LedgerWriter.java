package verdamen.core.balance;

import static verdamen.core.model.Symbol.*;

import java.util.ArrayList;
import java.util.List;
import verdamen.core.balance.WaterAccount.UptakeParts;
import verdamen.core.formula.Formula;
import verdamen.core.model.Coefficient;
import verdamen.core.model.ExplanationStep;
import verdamen.core.model.Rule;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Behaviour;
import verdamen.core.pantry.Composition;
import verdamen.core.pantry.Form;
import verdamen.core.pantry.Role;

/** Writes the ledger of a dough: every row with the steps that lead to what it brings and drinks. */
final class LedgerWriter {

    private final Dough dough;
    private final Moment at;

    LedgerWriter(Dough dough, Moment at) {
        this.dough = dough;
        this.at = at;
    }

    List<LedgerRow> rows() {
        return dough.accounts().stream().map(this::row).toList();
    }

    private LedgerRow row(WaterAccount account) {
        DoughRow row = account.row();
        return new LedgerRow(
                row.line().index(),
                row.ingredient().code(),
                row.ingredient().name(),
                row.ingredient().material(),
                row.grams(),
                account.brings(at),
                account.drinks(at),
                row.starterHalf(),
                row.line().source(),
                !row.starterHalf() && row.line().measured().anyOfWater(),
                bringsSteps(account),
                drinksSteps(account));
    }

    private List<ExplanationStep> bringsSteps(WaterAccount account) {
        DoughRow row = account.row();
        double grams = account.brings(at);
        if (account.release() != null) {
            return inclusionBrings(account, account.release());
        }
        if (grams == 0) {
            return List.of();
        }
        Term mass = Term.grams(MASS, row.grams());
        Term water = Term.factor(WATER_SHARE, row.waterShare());
        return List.of(
                switch (row.ingredient().role()) {
                    case SALT -> grams(Rule.SALT_BRINGS, grams, mass, softening(Coefficient.SALT_SOFTENING));
                    case SWEETENER ->
                        grams(
                                Rule.SWEETENER_BRINGS,
                                grams,
                                mass,
                                water,
                                softening(Coefficient.SUGAR_SOFTENING),
                                Term.factor(SUGAR_SHARE, RowWater.sugarShare(row)));
                    case FAT, DAIRY, LIQUID ->
                        grams(
                                Rule.WATER_AND_FAT_BRING,
                                grams,
                                mass,
                                water,
                                softening(
                                        row.ingredient().role() == Role.FAT
                                                ? RowWater.softening(row, at.fatHardened())
                                                : Coefficient.FOOD_FAT_SOFTENING),
                                Term.factor(FAT_SHARE, row.fatShare()));
                    default -> grams(Rule.WATER_BRINGS, grams, mass, water);
                });
    }

    private List<ExplanationStep> inclusionBrings(WaterAccount account, Release release) {
        DoughRow row = account.row();
        Form form = row.line().form();
        if (form == null) {
            throw new IllegalStateException("an inclusion has a form once it is read");
        }
        return List.of(
                factor(
                        Rule.RELEASE_WITH_SALT,
                        release.end(),
                        Term.factor(RELEASE_END, form.releaseEnd()),
                        Term.percent(SALT_PCT, dough.saltPct())),
                factor(
                        Rule.RELEASE,
                        account.releasedShare(at),
                        Term.factor(RELEASE_START, release.start()),
                        Term.factor(RELEASE_END, release.end()),
                        Term.minutes(MINUTE, account.wetMinutes(at)),
                        Term.minutes(RELEASE_TAU, release.tauMinutes())),
                grams(
                        Rule.INCLUSION_BRINGS,
                        account.brings(at),
                        Term.grams(MASS, row.grams()),
                        Term.factor(WATER_SHARE, row.waterShare()),
                        Term.factor(RELEASE, account.releasedShare(at)),
                        softening(Coefficient.FOOD_FAT_SOFTENING),
                        Term.factor(FAT_SHARE, row.fatShare())));
    }

    private List<ExplanationStep> drinksSteps(WaterAccount account) {
        DoughRow row = account.row();
        UptakeParts parts = account.uptakeParts();
        if (parts != null) {
            return uptake(account, parts);
        }
        Form form = row.line().form();
        if (form == null || account.held() == 0) {
            return List.of();
        }
        List<ExplanationStep> steps = new ArrayList<>();
        Term water = Term.factor(WATER_SHARE, row.waterShare());
        Term fat = Term.factor(FAT_SHARE, row.fatShare());
        if (form.starchHoldGPerG() > 0) {
            Composition holds = row.ingredient().composition();
            steps.add(factor(
                    Rule.GELLED,
                    row.gelledShare(),
                    water,
                    fat,
                    Term.factor(STARCH_SHARE, holds.starchShare().fraction()),
                    Term.factor(BOOK_WATER_SHARE, holds.waterShare().fraction())));
        }
        steps.add(grams(
                Rule.INCLUSION_HOLDS,
                account.held(),
                Term.grams(MASS, row.grams()),
                water,
                fat,
                Term.factor(GELLED, row.gelledShare()),
                Term.factor(STARCH_HOLD, form.starchHoldGPerG()),
                Term.factor(HOLD, form.holdGPerGSolids())));
        return steps;
    }

    private List<ExplanationStep> uptake(WaterAccount account, UptakeParts parts) {
        List<ExplanationStep> steps = new ArrayList<>();
        Term mass = Term.grams(MASS, account.row().grams());
        Term book = Term.factor(BOOK_ABSORPTION, parts.bookAbsorption());
        Term hot = Term.factor(HOT_WATER, parts.hotWater());
        Term absorption = Term.factor(ABSORPTION, parts.absorption());
        Term share = Term.factor(UPTAKE, account.uptakeShare(at));
        fromProtein(account.row(), parts, steps);
        scalding(account, parts, steps);
        if (parts.moisture() == null) {
            steps.add(factor(Rule.ABSORPTION_IN_WATER, parts.absorption(), book, hot));
        } else {
            steps.add(factor(
                    Rule.ABSORPTION_AT_MOISTURE,
                    parts.absorption(),
                    book,
                    hot,
                    Term.factor(FLOUR_MOISTURE, parts.moisture())));
        }
        Term minute = Term.minutes(MINUTE, account.wetMinutes(at));
        if (account.uptakeTau() > 0) {
            uptakeTau(account, steps);
            steps.add(factor(Rule.UPTAKE, share.value(), minute, Term.minutes(UPTAKE_TAU, account.uptakeTau())));
        }
        double bran = account.row().hasBran() ? Coefficient.BRAN_ABSORPTION.value() * account.branShare(at) : 0;
        if (bran > 0) {
            steps.add(factor(Rule.BRAN, bran, minute));
        }
        if (parts.coating() < 1) {
            steps.add(factor(Rule.COATING, parts.coating(), Term.factor(FAT_PER_FLOUR, dough.fatPerFlour())));
        }
        steps.add(
                parts.moisture() == null
                        ? grams(Rule.DRY_ADDITION_DRINKS, account.drinks(at), mass, absorption, share)
                        : grams(
                                Rule.FLOUR_DRINKS,
                                account.drinks(at),
                                mass,
                                absorption,
                                Term.factor(COATING, parts.coating()),
                                share,
                                Term.factor(BRAN, bran)));
        return steps;
    }

    private static void fromProtein(DoughRow row, UptakeParts parts, List<ExplanationStep> steps) {
        Double protein = row.starterHalf() ? null : row.line().measured().proteinPct();
        Behaviour behaviour = row.behaviour();
        if (protein != null && behaviour != null && row.line().absorptionFromProtein() != 0) {
            steps.add(factor(
                    Rule.ABSORPTION_FROM_PROTEIN,
                    parts.bookAbsorption(),
                    Term.factor(BOOK_ABSORPTION, behaviour.absorption().fraction()),
                    Term.percent(PROTEIN_PCT, protein),
                    Term.percent(
                            BOOK_PROTEIN_PCT, row.ingredient().composition().proteinPct())));
        }
    }

    private void scalding(WaterAccount account, UptakeParts parts, List<ExplanationStep> steps) {
        Double celsius = dough.formula().waterTemperatureC(account.row().line());
        Behaviour behaviour = account.row().behaviour();
        double scalding = Uptake.scalding(celsius);
        if (celsius == null
                || behaviour == null
                || scalding == 0
                || account.row().starterHalf()) {
            return;
        }
        steps.add(factor(Rule.SCALDING, scalding, Term.celsius(WATER_TEMPERATURE, celsius)));
        steps.add(factor(
                Rule.HOT_WATER,
                parts.hotWater(),
                Term.factor(SCALDED_FACTOR, behaviour.scaldedFactor()),
                Term.factor(SCALDING, scalding)));
    }

    /** How quickly a row drinks, by how the dough is made. */
    private void uptakeTau(WaterAccount account, List<ExplanationStep> steps) {
        Formula formula = dough.formula();
        Behaviour behaviour = account.row().behaviour();
        if (behaviour == null) {
            throw new IllegalStateException("what drinks has a behaviour");
        }
        double slows = Uptake.fatSlows(formula.fatTiming(), dough.fatPerFlour());
        if (slows != 1) {
            steps.add(factor(Rule.FAT_SLOWS, slows, Term.factor(FAT_PER_FLOUR, dough.fatPerFlour())));
        }
        Double celsius = formula.waterTemperatureC(account.row().line());
        double speed = Uptake.waterSpeed(celsius);
        if (celsius != null && celsius >= Coefficient.TEPID_WATER_BELOW.value()) {
            steps.add(factor(Rule.WATER_SPEED, speed, Term.factor(SCALDING, Uptake.scalding(celsius))));
        }
        steps.add(ExplanationStep.of(
                Rule.UPTAKE_TAU,
                account.uptakeTau(),
                Unit.MINUTES,
                Term.minutes(BOOK_TAU, behaviour.uptakeTauMin()),
                Term.of(KNEADING, formula.kneading(account.row().line()).uptakeFactor()),
                Term.factor(WATER_SPEED, speed),
                Term.factor(FAT_SLOWS, slows)));
    }

    private static Term softening(Coefficient factor) {
        return Term.of(SOFTENING, factor);
    }

    private static ExplanationStep grams(Rule rule, double grams, Term... inputs) {
        return ExplanationStep.of(rule, grams, Unit.GRAMS, inputs);
    }

    private static ExplanationStep factor(Rule rule, double factor, Term... inputs) {
        return ExplanationStep.of(rule, factor, Unit.FACTOR, inputs);
    }
}
