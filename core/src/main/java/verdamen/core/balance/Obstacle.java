package verdamen.core.balance;

import verdamen.core.model.Coded;

/** Why a way out of too much water is closed. */
public enum Obstacle implements Coded {
    /** More would have to go than there is. */
    EXCEEDS_WHAT_IS_THERE("exceeds-what-is-there"),
    /** It would not take water out of the dough. */
    DOES_NOT_HELP("does-not-help");

    private final String code;

    Obstacle(String code) {
        this.code = code;
    }

    @Override
    public String code() {
        return code;
    }
}
