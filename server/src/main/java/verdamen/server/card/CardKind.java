package verdamen.server.card;

import verdamen.core.model.Coded;

/** What card is made of a version. */
enum CardKind implements Coded {
    /** For the cook. */
    BENCH("bench", "Bench sheet"),
    /** For a customer. */
    SPEC("spec", "Specification"),
    /** For the pack. */
    LABEL("label", "Label"),
    /** Two versions side by side. */
    COMPARISON("comparison", "Comparison");

    private final String code;
    private final String title;

    CardKind(String code, String title) {
        this.code = code;
        this.title = title;
    }

    @Override
    public String code() {
        return code;
    }

    String title() {
        return title;
    }
}
