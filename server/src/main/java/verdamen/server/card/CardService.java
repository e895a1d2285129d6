package verdamen.server.card;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.pantry.Pantry;
import verdamen.core.pantry.Price;
import verdamen.server.card.CardDocument.CardBand;
import verdamen.server.formula.FormulaDocument;
import verdamen.server.formula.FormulaService;
import verdamen.server.formula.FormulaState;
import verdamen.server.formula.VersionSummary;
import verdamen.server.kitchen.Kitchen;
import verdamen.server.kitchen.KitchenService;
import verdamen.server.pantry.PantryService;

/** Makes cards of versions. */
@Service
class CardService {

    private static final Map<FormulaState, String> STATES = Map.of(
            FormulaState.DRAFT, "draft",
            FormulaState.ON_TRIAL, "on trial",
            FormulaState.IN_USE, "in use",
            FormulaState.SET_ASIDE, "set aside");

    private final FormulaService formulas;
    private final PantryService pantry;
    private final KitchenService kitchens;
    private final CardWords words;

    CardService(FormulaService formulas, PantryService pantry, KitchenService kitchens, CardWords words) {
        this.formulas = formulas;
        this.pantry = pantry;
        this.kitchens = kitchens;
        this.words = words;
    }

    /**
     * The card of a version.
     *
     * @param server address of this server, as its pages are opened
     * @throws verdamen.core.model.RefusedException naming what is asked for and cannot be, or what of the formula cannot be
     *     cooked
     */
    @Transactional(readOnly = true)
    public CardDocument card(long id, CardQuestion.Parameters parameters, String server) {
        Kitchen kitchen = kitchens.kitchen();
        CardQuestion asked = parameters.checked(kitchen);
        FormulaDocument document =
                asked.version() == null ? formulas.newest(id) : formulas.version(id, asked.version());
        VersionSummary version = document.version();
        Pantry ingredients = pantry.pantry();
        Map<String, Price> prices = pantry.prices();
        CardSource source = CardSource.of(version, document.formula(), ingredients, prices);
        CardSource other = null;
        if (asked.kind() == CardKind.COMPARISON) {
            int number = compared(asked, document);
            FormulaDocument with = formulas.version(id, number);
            other = CardSource.of(with.version(), with.formula(), ingredients, prices);
        }
        List<CardBand> bands = switch (asked.kind()) {
            case BENCH -> BenchCard.bands(source, asked, words);
            case SPEC -> SpecCard.bands(source, asked, words);
            case LABEL -> LabelCard.bands(source, asked);
            case COMPARISON -> ComparisonCard.bands(Objects.requireNonNull(other), source, asked, words);
        };
        String address = "%s/formulas/%d/card?version=%d".formatted(server, id, version.number());
        boolean linked = asked.shows(CardShown.QR);
        return new CardDocument(
                asked.kind(),
                asked.paper(),
                version.name(),
                "%s · version %d of %s · %s · %s"
                        .formatted(
                                asked.kind().title(),
                                version.number(),
                                asked.figures().date(version.savedAt()),
                                STATES.get(document.state()),
                                kitchen.name()),
                bands,
                "%s, version %d. Computed, typical values: it advises, it does not certify."
                        .formatted(version.name(), version.number()),
                linked ? address : null,
                linked ? CardQrs.of(address) : null);
    }

    /** The version that another is compared with: the one asked for, else the one it was made from, else the one before. */
    private static int compared(CardQuestion asked, FormulaDocument document) {
        if (asked.with() != null) {
            return asked.with();
        }
        VersionSummary version = document.version();
        Integer parent = version.parentNumber();
        if (parent != null) {
            return parent;
        }
        if (version.number() > 1) {
            return version.number() - 1;
        }
        throw Faults.refusal(null, "with", FaultCode.MISSING, null);
    }
}
