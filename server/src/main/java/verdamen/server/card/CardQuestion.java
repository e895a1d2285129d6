package verdamen.server.card;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import verdamen.core.model.Coded;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.server.kitchen.Kitchen;

/**
 * Which card is wanted and how it is written, checked.
 *
 * @param kind which card
 * @param version number of the version; null for the newest
 * @param with number of the version that it is compared with; null for the one before it
 * @param paper what it is printed on
 * @param figures how figures are written
 * @param hidden what is left out
 */
record CardQuestion(
        CardKind kind,
        @Nullable Integer version,
        @Nullable Integer with,
        CardPaper paper,
        CardFigures figures,
        Set<CardShown> hidden) {

    /** The same as it comes in an address: codes, not yet checked, absent for what is usual. */
    record Parameters(
            @Nullable String kind,
            @Nullable Integer version,
            @Nullable Integer with,
            @Nullable String paper,
            @Nullable String massUnit,
            @Nullable String lengthUnit,
            @Nullable String temperatureUnit,
            @Nullable String decimalMark,
            @Nullable List<String> hide) {

        /**
         * The checked question; where nothing is said, figures are written as the kitchen does.
         *
         * @throws verdamen.core.model.RefusedException naming each code that is none of its choices
         */
        CardQuestion checked(Kitchen kitchen) {
            Faults faults = new Faults();
            CardKind card = choice(faults, "kind", kind, CardKind.class, CardKind.BENCH);
            CardPaper sheet = choice(faults, "paper", paper, CardPaper.class, CardPaper.A4);
            String mass = choice(faults, "massUnit", massUnit, kitchen.massUnit(), "g", "oz");
            String length = choice(faults, "lengthUnit", lengthUnit, kitchen.lengthUnitOrCm(), "cm", "in");
            String degrees = choice(faults, "temperatureUnit", temperatureUnit, kitchen.temperatureUnit(), "C", "F");
            String mark = choice(faults, "decimalMark", decimalMark, kitchen.decimalMark(), "point", "comma");
            Set<CardShown> left = EnumSet.noneOf(CardShown.class);
            for (String code : hide == null ? List.<String>of() : hide) {
                Coded.find(CardShown.class, code)
                        .ifPresentOrElse(left::add, () -> faults.add(null, "hide", FaultCode.UNKNOWN_CODE, code));
            }
            faults.refuse();
            return new CardQuestion(
                    card,
                    version,
                    with,
                    sheet,
                    new CardFigures(mass, length, degrees, mark, kitchen.dateOrder()),
                    left);
        }

        private static <E extends Enum<E> & Coded> E choice(
                Faults faults, String field, @Nullable String code, Class<E> type, E usual) {
            E found = code == null ? usual : faults.choice(field, code, type);
            return found == null ? usual : found;
        }

        private static String choice(
                Faults faults, String field, @Nullable String code, String usual, String... choices) {
            if (code == null) {
                return usual;
            }
            faults.require(List.of(choices).contains(code), field, FaultCode.UNKNOWN_CODE, code);
            return code;
        }
    }

    boolean shows(CardShown what) {
        return !hidden.contains(what);
    }
}
