package verdamen.core.pantry;

/**
 * The form in which an inclusion meets the flour: how its water is let go and held.
 *
 * @param code its code
 * @param name its name
 * @param releaseStart share of its water in play at once, 0 to 1
 * @param releaseEnd share in play in the end, without salt, 0 to 1
 * @param releaseTauMin time constant of the release, minutes
 * @param holdGPerGSolids grams of water a gram of its solids holds
 * @param starchHoldGPerG grams of water a gram of its gelled starch holds; 0 for forms without
 * @param weepsInFilling share of its water that runs in a filling, 0 to 1
 * @param pieceMm usual piece size, mm; 0 for none
 * @param pieceIsSoft whether the pieces give way under the pin
 * @param notes what to know
 */
public record Form(
        String code,
        String name,
        double releaseStart,
        double releaseEnd,
        double releaseTauMin,
        double holdGPerGSolids,
        double starchHoldGPerG,
        double weepsInFilling,
        double pieceMm,
        boolean pieceIsSoft,
        String notes) {

    /** This form, releasing and holding otherwise; the figures as above. */
    public Form withRelease(double end, double hold, double starchHold) {
        return new Form(
                code,
                name,
                releaseStart,
                end,
                releaseTauMin,
                hold,
                starchHold,
                weepsInFilling,
                pieceMm,
                pieceIsSoft,
                notes);
    }
}
