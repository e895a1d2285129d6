package verdamen.server.card;

import verdamen.core.model.Coded;

/** Something on a card that can be left out. */
enum CardShown implements Coded {
    /** The small pictures. */
    PICTURES("pictures"),
    /** Baker's percentages. */
    PERCENTAGES("percentages"),
    /** Nutrition. */
    NUTRITION("nutrition"),
    /** The QR code and the address. */
    QR("qr"),
    /** The note of the version. */
    NOTE("note");

    private final String code;

    CardShown(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
