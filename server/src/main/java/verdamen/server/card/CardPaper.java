package verdamen.server.card;

import verdamen.core.model.Coded;

/** What a card is printed on. */
enum CardPaper implements Coded {
    A4("a4", 210, 297),
    LETTER("letter", 215.9, 279.4);

    private final String code;
    private final double widthMm;
    private final double heightMm;

    CardPaper(String code, double widthMm, double heightMm) {
        this.code = code;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    @Override
    public String code() {
        return code;
    }

    double widthMm() {
        return widthMm;
    }

    double heightMm() {
        return heightMm;
    }
}
