package verdamen.core.bench;

/** What an entry can say, by the name that faults give it. */
enum EntryField {
    STEP_KEY("step"),
    SUBJECT("subject"),
    FIGURE("figure"),
    PIECE_NUMBER("piece"),
    OUTCOME("outcome"),
    ADDITIONS("additions"),
    TEXT("text"),
    OF("of");

    private final String name;

    EntryField(String name) {
        this.name = name;
    }

    String field() {
        return name;
    }
}
