package verdamen.core.prep;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coefficient;
import verdamen.core.model.Fault;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Rule;
import verdamen.core.model.Step;
import verdamen.core.model.Symbol;
import verdamen.core.model.Term;
import verdamen.core.model.Unit;
import verdamen.core.pantry.Ingredient;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Role;
import verdamen.core.prep.ChainReader.Checked;
import verdamen.core.prep.ChainReader.State;

/**
 * Works out one preparation step. Dry matter is kept but for what is trimmed, runs off with liquid or is drained;
 * weights that would create matter or drive water below zero are refused.
 */
final class StepRunner {

    private static final double PERCENT = 100;
    private static final double ROUNDING = 1e-9;
    private static final String SALT = "salt-fine";

    private final Pantry pantry;
    private final LiquidUse use;

    StepRunner(Pantry pantry, LiquidUse use) {
        this.pantry = pantry;
        this.use = use;
    }

    /** What the step does; null, with a fault, when it cannot be. */
    @Nullable
    StepResult run(Checked step, State state, Faults faults, String at) {
        if (!fits(step.kind(), state.content().ingredient())) {
            faults.add(
                    null,
                    at + ".kind",
                    FaultCode.NOT_FOR_THIS_STEP,
                    state.content().ingredient().name());
            return null;
        }
        return new Run(step, state, faults, at).result();
    }

    private static boolean fits(StepKind kind, Ingredient ingredient) {
        return switch (kind) {
            case CLARIFY, REHYDRATE -> TypicalSteps.becomes(ingredient, kind).isPresent();
            case SOAK_BOIL ->
                ingredient.group().equals("dry-pulse") || ingredient.group().equals("dry-grain");
            case COOL -> true;
            default -> ingredient.role() == Role.INCLUSION;
        };
    }

    /** One step being worked out. */
    private final class Run {

        private final StepKind kind;
        private final StepSpec spec;
        private final State state;
        private final Faults faults;
        private final String at;
        private final double addedWater;
        private final List<Addition> additions;

        /** What there is at the start, and what of it was not taken along. */
        private final Content start;

        private final Content notTaken;

        /** That, with all that was put in. */
        private final Content filled;

        private boolean typical;

        private Run(Checked step, State state, Faults faults, String at) {
            this.kind = step.kind();
            this.spec = step.spec();
            this.state = state;
            this.faults = faults;
            this.at = at;
            this.start = state.content();
            double taken = takenShare();
            this.notTaken = start.times(1 - taken);
            Content begun = start.times(taken);
            this.addedWater = step.addedWaterGrams();
            this.additions = additions(step, begun);
            Content all = begun.with(begun.waterGrams() + addedWater, begun.solidsGrams());
            for (Addition addition : additions) {
                all = all.plus(addition);
            }
            this.filled = all;
        }

        /** Salt strewn over vegetables is typical when none was named. */
        private List<Addition> additions(Checked step, Content begun) {
            if (kind != StepKind.SALT_STAND || !step.additions().isEmpty()) {
                return step.additions();
            }
            typical = true;
            Ingredient salt =
                    pantry.ingredient(SALT).orElseThrow(() -> new IllegalStateException("the pantry needs " + SALT));
            return List.of(new Addition(salt, begun.grams() * Coefficient.TYPICAL_SALT_PCT.value() / PERCENT));
        }

        /** Share of what there is that the step begins with, by the weight before it. */
        private double takenShare() {
            Double before = spec.beforeGrams();
            double there = start.grams();
            if (before == null || there <= 0) {
                return 1;
            }
            double tolerance =
                    Math.max(Coefficient.SCALE_TOLERANCE_LEAST.value(), Coefficient.SCALE_TOLERANCE.value() * there);
            if (before > there + tolerance) {
                refuse("beforeGrams", FaultCode.CREATES_MATTER, before, there);
            }
            return Math.min(1, before / there);
        }

        private @Nullable StepResult result() {
            int before = faults.all().size();
            StepResult result = switch (kind) {
                case TRIM, GRATE, CHOP, PUREE, MASH -> cut();
                case WASH -> wash();
                case SALT_STAND, PRESS -> press();
                case BOIL, SOAK_BOIL -> boil();
                case ROAST, WILT, COOK_DOWN -> driveOff();
                case REHYDRATE -> rehydrate();
                case COOL -> cool();
                case CLARIFY -> clarify();
            };
            return faults.all().size() > before || hadFault ? null : result;
        }

        private boolean hadFault;

        private void refuse(String field, FaultCode code, double value, double limit) {
            hadFault = true;
            faults.addAll(List.of(new Fault(null, at + "." + field, code, String.valueOf(value), limit)));
        }

        private double typicalShare() {
            typical = true;
            return TypicalSteps.share(kind, start.ingredient())
                    .orElseThrow(() -> new IllegalStateException("no typical value for " + kind));
        }

        /** Trimming, cutting, puréeing, mashing: what is left is as it was. */
        private StepResult cut() {
            double all = filled.grams();
            double share = all > 0 && spec.afterGrams() != null ? spec.afterGrams() / all : typicalShare();
            if (share > 1 + ROUNDING) {
                refuse("afterGrams", FaultCode.CREATES_MATTER, share * all, all);
            }
            double kept = Math.min(1, share);
            Content after = filled.times(kept);
            Content lost = filled.times(1 - kept);
            List<Step> why = spec.afterGrams() == null && kept < 1 ? List.of(share(all, kept)) : List.of();
            return done(after, lost, Liquid.NONE, 0, addedWater, why);
        }

        private Step share(double before, double share) {
            return step(
                    Rule.PREP_SHARE,
                    before * share,
                    Unit.GRAMS,
                    Term.grams(Symbol.BEFORE, before),
                    Term.factor(Symbol.SHARE, share));
        }

        /** Washing and draining: plain water clings, or drips away. */
        private StepResult wash() {
            double more =
                    spec.afterGrams() == null ? typicalShare() * filled.grams() : spec.afterGrams() - filled.grams();
            double water = filled.waterGrams() + more;
            if (water < -ROUNDING) {
                refuse("afterGrams", FaultCode.NO_WATER_LEFT, spec.afterGrams(), filled.grams() - filled.waterGrams());
            }
            Content after = filled.with(Math.max(0, water), filled.solidsGrams());
            return done(
                    after,
                    none(),
                    Liquid.NONE,
                    Math.max(0, -more),
                    addedWater + Math.max(0, more),
                    List.of(waterAdded(filled.waterGrams(), more, after)));
        }

        /** Salting, and pressing: liquid runs, 95 % of it water, the rest solids, with the salt dissolved in that water. */
        private StepResult press() {
            boolean stays = use == LiquidUse.NEVER_PRESSED || (kind == StepKind.SALT_STAND && drainedIsFalse());
            if (stays) {
                boolean skipped = use == LiquidUse.NEVER_PRESSED;
                return result(filled, none(), Liquid.NONE, 0, addedWater, skipped, null, List.of());
            }
            double all = filled.grams();
            double share = Coefficient.PRESSED_LIQUID_WATER.value();
            double saltPerWater = filled.waterGrams() > 0 ? filled.saltGrams() / filled.waterGrams() : 0;
            double perBase = 1 + share * saltPerWater;
            double ran;
            double caught = 1;
            if (spec.afterGrams() != null) {
                ran = all - spec.afterGrams();
                if (ran < -ROUNDING) {
                    refuse("afterGrams", FaultCode.CREATES_MATTER, spec.afterGrams(), all);
                }
                if (spec.liquidGrams() != null) {
                    if (spec.liquidGrams() > ran + ROUNDING) {
                        refuse("liquidGrams", FaultCode.CREATES_MATTER, spec.liquidGrams(), Math.max(0, ran));
                    }
                    caught = ran > 0 ? Math.min(1, spec.liquidGrams() / ran) : 1;
                }
            } else if (spec.liquidGrams() != null) {
                ran = spec.liquidGrams();
                if (ran > all + ROUNDING) {
                    refuse("liquidGrams", FaultCode.CREATES_MATTER, ran, all);
                }
            } else {
                ran = typicalShare() * filled.waterGrams() / share * perBase;
            }
            double base = Math.max(0, ran) / perBase;
            double most = Math.min(filled.waterGrams() / share, filled.solidsGrams() / (1 - share)) * perBase;
            if (!hadFault && ran > most * (1 + ROUNDING) + ROUNDING) {
                boolean after = spec.afterGrams() != null;
                refuse(
                        after ? "afterGrams" : "liquidGrams",
                        FaultCode.NO_WATER_LEFT,
                        after ? spec.afterGrams() : ran,
                        after ? all - most : most);
            }
            double water = Math.min(filled.waterGrams(), base * share);
            double solids = Math.min(filled.solidsGrams(), base * (1 - share));
            Liquid liquid = new Liquid(water, solids, saltPerWater * water, caught);
            double saltKept = filled.waterGrams() > 0 ? 1 - water / filled.waterGrams() : 1;
            Content after = filled.with(filled.waterGrams() - water, filled.solidsGrams() - solids)
                    .keepingSalt(saltKept);
            Step why = step(
                    Rule.PRESSED,
                    after.waterShare(),
                    Unit.FACTOR,
                    Term.grams(Symbol.OWN_WATER, filled.waterGrams()),
                    Term.grams(Symbol.LIQUID, base),
                    Term.grams(Symbol.AFTER, after.baseGrams()));
            return result(
                    after,
                    none(),
                    liquid,
                    0,
                    addedWater,
                    false,
                    null,
                    after.baseGrams() > 0 ? List.of(why) : List.of());
        }

        private boolean drainedIsFalse() {
            return Boolean.FALSE.equals(spec.drained());
        }

        /** Boiling: water is taken up or lost; drained pulses leave some of their dry matter in the water. */
        private StepResult boil() {
            boolean pulses = kind == StepKind.SOAK_BOIL;
            double kept = pulses && !drainedIsFalse() ? Coefficient.DRAINED_SOLIDS_KEPT.value() : 1;
            double solids = filled.solidsGrams() * kept;
            double base = spec.afterGrams() == null
                    ? typicalShare() * filled.baseGrams()
                    : spec.afterGrams() - filled.additionGrams();
            double water = base - solids;
            if (water < -ROUNDING) {
                refuse(
                        "afterGrams",
                        FaultCode.NO_WATER_LEFT,
                        base + filled.additionGrams(),
                        solids + filled.additionGrams());
            }
            Content after = filled.with(Math.max(0, water), solids).as(become());
            Content lost = new Content(start.ingredient(), 0, filled.solidsGrams() - solids, List.of());
            double more = after.waterGrams() - filled.waterGrams();
            Step why = kept < 1
                    ? step(
                            Rule.SOAKED,
                            after.waterShare(),
                            Unit.FACTOR,
                            Term.factor(Symbol.KEPT_SOLIDS, kept),
                            Term.grams(Symbol.OWN_SOLIDS, filled.solidsGrams()),
                            Term.grams(Symbol.AFTER, after.baseGrams()))
                    : dryMatterKept(after);
            return done(after, lost, Liquid.NONE, Math.max(0, -more), addedWater + Math.max(0, more), List.of(why));
        }

        /** Roasting, wilting, cooking down: only water leaves. */
        private StepResult driveOff() {
            double all = filled.grams();
            double left = leftAfterHeat(all);
            double gone = all - left;
            boolean byWater = spec.afterGrams() == null && spec.liquidGrams() != null;
            if (gone < -ROUNDING) {
                refuse("afterGrams", FaultCode.CREATES_MATTER, left, all);
            }
            if (gone > filled.waterGrams() + ROUNDING) {
                refuse(
                        byWater ? "liquidGrams" : "afterGrams",
                        FaultCode.NO_WATER_LEFT,
                        byWater ? gone : left,
                        byWater ? filled.waterGrams() : all - filled.waterGrams());
            }
            double off = Math.max(0, Math.min(gone, filled.waterGrams()));
            Content after =
                    filled.with(filled.waterGrams() - off, filled.solidsGrams()).as(become());
            return done(after, none(), Liquid.NONE, off, addedWater, List.of(dryMatterKept(after)));
        }

        /** The weight after, or the water that was driven off, or the typical share. */
        private double leftAfterHeat(double all) {
            if (spec.afterGrams() != null) {
                return spec.afterGrams();
            }
            return spec.liquidGrams() == null
                    ? typicalShare() * filled.baseGrams() + filled.additionGrams()
                    : all - spec.liquidGrams();
        }

        /** Wetting flakes or powder: the weight after, the water put in, or the typical ratio. */
        private StepResult rehydrate() {
            double more = 0;
            if (spec.afterGrams() != null) {
                more = spec.afterGrams() - filled.grams();
                if (more < -ROUNDING) {
                    refuse("afterGrams", FaultCode.CREATES_MATTER, spec.afterGrams(), filled.grams());
                }
            } else if (addedWater == 0 && additions.isEmpty()) {
                more = (typicalShare() - 1) * filled.grams();
            }
            double water = filled.waterGrams() + Math.max(0, more);
            Content after = filled.with(water, filled.solidsGrams()).as(become());
            return done(
                    after,
                    none(),
                    Liquid.NONE,
                    0,
                    addedWater + Math.max(0, more),
                    List.of(waterAdded(filled.waterGrams() - addedWater, addedWater + Math.max(0, more), after)));
        }

        private StepResult cool() {
            StepSpec.CoolingSpec asked = spec.cooling() == null
                    ? new StepSpec.CoolingSpec(null, null, null, null, null, null)
                    : spec.cooling();
            double target = asked.targetC() == null
                    ? TypicalSteps.share(StepKind.COOL, start.ingredient()).orElseThrow()
                    : asked.targetC();
            double from = or(asked.fromC(), (state.hot() ? Coefficient.JUST_COOKED_C : Coefficient.KITCHEN_C).value());
            double room = or(asked.roomC(), Coefficient.KITCHEN_C.value());
            double gone = spec.afterGrams() == null ? 0 : filled.grams() - spec.afterGrams();
            if (gone < -ROUNDING) {
                refuse("afterGrams", FaultCode.CREATES_MATTER, filled.grams() - gone, filled.grams());
            } else if (gone > filled.waterGrams() + ROUNDING) {
                refuse(
                        "afterGrams",
                        FaultCode.NO_WATER_LEFT,
                        filled.grams() - gone,
                        filled.grams() - filled.waterGrams());
            }
            double off = Math.max(0, Math.min(gone, filled.waterGrams()));
            Content after = filled.with(filled.waterGrams() - off, filled.solidsGrams());
            Cooling cooling;
            Double readC = asked.readC();
            if (readC != null && asked.readMinute() != null) {
                if (readC >= from || readC <= room) {
                    refuse("cooling.readC", FaultCode.IMPOSSIBLE_TEMPERATURES, readC, from);
                    return result(after, none(), Liquid.NONE, off, addedWater, false, null, List.of());
                }
                cooling = Cooling.read(from, room, target, asked.readMinute(), readC);
            } else {
                cooling = Cooling.typical(from, room, target, Boolean.TRUE.equals(asked.spread()));
            }
            return result(after, none(), Liquid.NONE, off, addedWater, false, cooling, cooling.steps());
        }

        /** Clarifying butter: 0.98 of its fat is kept; its water boils off, its milk solids stay behind. */
        private StepResult clarify() {
            double fat = filled.baseGrams() * start.ingredient().composition().fatPct() / PERCENT;
            Ingredient clear = become();
            double most = fat;
            double grams = spec.afterGrams() == null
                    ? Coefficient.CLARIFIED_FAT_KEPT.value() * fat
                    : spec.afterGrams() - filled.additionGrams();
            typical |= spec.afterGrams() == null;
            if (grams > most + ROUNDING) {
                refuse("afterGrams", FaultCode.CREATES_MATTER, grams, most);
            }
            double water = Math.min(
                    filled.waterGrams(),
                    Math.max(0, grams) * clear.composition().waterPct() / PERCENT);
            double solids = Math.max(0, grams) - water;
            Content after = filled.with(water, solids).as(clear);
            Content lost = new Content(start.ingredient(), 0, filled.solidsGrams() - solids, List.of());
            List<Step> why = spec.afterGrams() == null
                    ? List.of(step(Rule.CLARIFIED, grams, Unit.GRAMS, Term.grams(Symbol.FAT, fat)))
                    : List.of();
            return done(after, lost, Liquid.NONE, filled.waterGrams() - water, addedWater, why);
        }

        private Ingredient become() {
            Optional<String> code = TypicalSteps.becomes(start.ingredient(), kind);
            return code.flatMap(pantry::ingredient).orElse(start.ingredient());
        }

        private Step dryMatterKept(Content after) {
            return step(
                    Rule.DRY_MATTER_KEPT,
                    after.baseGrams() > 0 ? 1 - after.solidsGrams() / after.baseGrams() : 0,
                    Unit.FACTOR,
                    Term.grams(Symbol.OWN_SOLIDS, after.solidsGrams()),
                    Term.grams(Symbol.AFTER, after.baseGrams()));
        }

        private Step waterAdded(double water, double more, Content after) {
            return step(
                    Rule.WATER_ADDED,
                    after.waterShare(),
                    Unit.FACTOR,
                    Term.grams(Symbol.OWN_WATER, water),
                    Term.grams(Symbol.ADDED, more),
                    Term.grams(Symbol.AFTER, after.baseGrams()));
        }

        private Content none() {
            return new Content(start.ingredient(), 0, 0, List.of());
        }

        private StepResult done(
                Content after, Content lost, Liquid liquid, double off, double waterIn, List<Step> why) {
            return result(after, lost, liquid, off, waterIn, false, null, why);
        }

        private StepResult result(
                Content after,
                Content lost,
                Liquid liquid,
                double off,
                double waterIn,
                boolean skipped,
                @Nullable Cooling cooling,
                List<Step> why) {
            boolean hot = kind.heats()
                    || (state.hot() && !(cooling != null && cooling.targetC() < Coefficient.HOT_FROM_C.value()));
            return new StepResult(
                    kind,
                    start,
                    after,
                    waterIn,
                    additions.stream().mapToDouble(Addition::grams).sum(),
                    lost.grams() + notTaken.grams(),
                    lost.waterGrams() + notTaken.waterGrams(),
                    liquid,
                    off,
                    typical,
                    skipped,
                    skipped ? state.form() : FormAfter.of(kind, state.form(), hot),
                    piece(),
                    hot,
                    cooling,
                    why.stream().filter(step -> Double.isFinite(step.value())).toList());
        }

        /** A cut, grating or mash sets its piece; cooking into pieces keeps it; a purée has none. */
        private @Nullable Double piece() {
            return switch (kind) {
                case PUREE, REHYDRATE -> null;
                case GRATE, CHOP, MASH -> spec.pieceMm();
                default -> spec.pieceMm() == null ? state.pieceMm() : spec.pieceMm();
            };
        }
    }

    private static double or(@Nullable Double value, double otherwise) {
        return value == null ? otherwise : value;
    }

    private static Step step(Rule rule, double value, Unit unit, Term... inputs) {
        return new Step(rule, List.of(inputs), value, unit);
    }
}
