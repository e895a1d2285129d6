package verdamen.core.bench;

import static verdamen.core.bench.EntryField.*;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.Limit;

/** What is noted of a batch, with what each kind says. */
public enum EntryKind implements Coded {
    /** A step was begun, done or left out. */
    STEP("step", Set.of(STEP_KEY, OUTCOME), Set.of(), null, "begun", "done", "left-out"),
    /** Water met flour: minute 0. */
    WETTED("wetted", Set.of(), Set.of(), null),
    /** Something was put in as planned: how much, and how that is known. */
    POUR("pour", Set.of(SUBJECT, FIGURE, OUTCOME), Set.of(STEP_KEY), Limit.GRAMS, "weighed", "typed", "estimated"),
    /** How the dough feels, by the word for it. */
    FELT("felt", Set.of(OUTCOME), Set.of(TEXT), null),
    /** What was done about it, with what was put in beyond the plan. */
    CORRECTION(
            "correction",
            Set.of(OUTCOME),
            Set.of(ADDITIONS, TEXT),
            null,
            "knead",
            "wait",
            "roll",
            "add-water",
            "add-flour",
            "wet-hands",
            "re-add"),
    /** Something was read off a device, or by eye; its subject sets the limits. */
    READING("reading", Set.of(SUBJECT, FIGURE), Set.of(), null),
    /** A piece was weighed, and rests as a ball from then on. */
    PIECE("piece", Set.of(PIECE_NUMBER, FIGURE), Set.of(), Limit.PIECE_GRAMS),
    /** A ball was rolled: how that went; how far across it came, mm, where measured. */
    ROLLED(
            "rolled",
            Set.of(PIECE_NUMBER, OUTCOME),
            Set.of(FIGURE),
            Limit.DIAMETER_MM,
            "fine",
            "stuck",
            "cracked",
            "tore",
            "sprang-back"),
    /** A piece went on the pan; how hot that was, °C, where measured. */
    ON_PAN("on-pan", Set.of(PIECE_NUMBER), Set.of(FIGURE), Limit.PAN_READ_C),
    /** It was turned, and what for. */
    TURNED("turned", Set.of(PIECE_NUMBER), Set.of(OUTCOME), null, "blisters", "edge", "colour", "time"),
    /** It came off, and how far it had puffed. */
    OFF_PAN("off-pan", Set.of(PIECE_NUMBER), Set.of(OUTCOME), null, "none", "part", "full"),
    /** A timer of so many seconds, by its name. */
    TIMER("timer", Set.of(TEXT, FIGURE), Set.of(), Limit.TIMER_SECONDS),
    /** A timer was seen, or ended before its time. */
    TIMER_SEEN("timer-seen", Set.of(OF), Set.of(), null),
    /** The bread was tasted: folded, or given a mark. */
    TASTE("taste", Set.of(STEP_KEY, SUBJECT), Set.of(FIGURE, OUTCOME, TEXT), Limit.MARK, "folds", "cracks", "breaks"),
    /** How the batch came out. */
    VERDICT("verdict", Set.of(OUTCOME), Set.of(TEXT), null, "well", "middling", "badly"),
    /** A remark. */
    NOTE("note", Set.of(TEXT), Set.of(), null),
    /** What the next one shall change. */
    CHANGE("change", Set.of(TEXT), Set.of(), null),
    /** A tag, by which it is found. */
    TAG("tag", Set.of(TEXT), Set.of(), null),
    /** The batch is finished. */
    FINISHED("finished", Set.of(), Set.of(), null);

    private final String code;
    private final Set<EntryField> must;
    private final Set<EntryField> may;
    private final @Nullable Limit figure;
    private final Set<String> outcomes;

    EntryKind(String code, Set<EntryField> must, Set<EntryField> may, @Nullable Limit figure, String... outcomes) {
        this.code = code;
        this.must = must;
        this.may = may;
        this.figure = figure;
        this.outcomes = Set.of(outcomes);
    }

    @Override
    public String code() {
        return code;
    }

    /** Whether an entry of this kind has to say it. */
    boolean needs(EntryField field) {
        return must.contains(field);
    }

    /** Whether an entry of this kind can say it. */
    boolean takes(EntryField field) {
        return must.contains(field) || may.contains(field);
    }

    /** Limits of its figure; null where its subject sets them. */
    @Nullable
    Limit figure() {
        return figure;
    }

    /** Whether an entry of this kind can say that it went so. */
    public boolean says(String outcome) {
        return outcomes.contains(outcome);
    }

    /** How long its words may be. */
    Limit textLimit() {
        return switch (this) {
            case TIMER -> Limit.SHORT_NAME;
            case TAG -> Limit.WORD;
            default -> Limit.NOTE;
        };
    }

    /** What can be said of how it went; empty where a table of the pantry says it. */
    Set<String> outcomes() {
        return outcomes;
    }
}
