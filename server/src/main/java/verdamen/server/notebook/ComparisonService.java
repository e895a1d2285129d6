package verdamen.server.notebook;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import verdamen.core.bench.MadeFormula;
import verdamen.core.evaluation.FormulaFigures;
import verdamen.core.formula.Formula;
import verdamen.core.formula.FormulaReader;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.handling.RolledDough;
import verdamen.core.handling.RollingPicture;
import verdamen.core.model.FaultCode;
import verdamen.core.model.Faults;
import verdamen.core.model.Limit;
import verdamen.core.model.RefusedException;
import verdamen.core.notebook.Comparison;
import verdamen.core.notebook.Comparison.Item;
import verdamen.core.notebook.Outcome;
import verdamen.core.notebook.RunResult;
import verdamen.core.pantry.Pantry;
import verdamen.core.rework.TrialResult;
import verdamen.server.formula.FormulaDocument;
import verdamen.server.formula.FormulaService;
import verdamen.server.notebook.ComparisonAnswer.ComparedItem;
import verdamen.server.pantry.PantryService;
import verdamen.server.photo.Photo;
import verdamen.server.photo.PhotoService;
import verdamen.server.problem.NotFoundException;

/** Lays batches and versions side by side, and batches beside the runs of trial series. */
@Service
class ComparisonService {

    /** A batch by its id, or a version by its formula's id and its number. */
    private static final Pattern KEY = Pattern.compile("b(\\d{1,18})|v(\\d{1,18})-(\\d{1,9})");

    private final MadeBatches made;
    private final FormulaService formulas;
    private final PantryService pantry;
    private final PhotoService photos;

    ComparisonService(MadeBatches made, FormulaService formulas, PantryService pantry, PhotoService photos) {
        this.photos = photos;
        this.made = made;
        this.formulas = formulas;
        this.pantry = pantry;
    }

    /** What is compared, with its place on the page. */
    private record Placed(ComparedItem item, Item compared) {}

    /**
     * Compares two to four.
     *
     * @param keys {@code b} and the id of a batch, or {@code v}, the id of a formula, {@code -} and the number of a version
     * @throws RefusedException when a key is none, one stands twice, or there are not two to four
     * @throws NotFoundException when one of them is not there, or can no longer be read
     */
    @Transactional(readOnly = true)
    public ComparisonAnswer compare(List<String> keys) {
        Faults faults = new Faults();
        faults.number("items", (double) keys.size(), Limit.COMPARED);
        Map<String, Matcher> asked = new LinkedHashMap<>();
        for (String key : keys) {
            Matcher matcher = KEY.matcher(key);
            faults.require(matcher.matches(), "items", FaultCode.UNREADABLE, key);
            faults.require(asked.put(key, matcher) == null, "items", FaultCode.ITSELF, key);
        }
        faults.refuse();
        Pantry book = pantry.pantry();
        Map<Long, MadeBatch> batches = made
                .byIds(
                        asked.values().stream()
                                .filter(each -> each.group(1) != null)
                                .map(each -> Long.valueOf(each.group(1)))
                                .toList(),
                        book)
                .stream()
                .collect(Collectors.toMap(MadeBatch::id, Function.identity()));
        Map<Long, List<Photo>> pictures =
                photos.of(List.copyOf(batches.keySet())).stream().collect(Collectors.groupingBy(Photo::batch));
        List<Placed> placed = new ArrayList<>();
        asked.forEach((key, each) -> placed.add(
                each.group(1) == null
                        ? version(key, Long.parseLong(each.group(2)), Integer.parseInt(each.group(3)), book)
                        : batch(
                                key,
                                batches.get(Long.valueOf(each.group(1))),
                                pictures.getOrDefault(Long.valueOf(each.group(1)), List.of()),
                                book)));
        return new ComparisonAnswer(
                placed.stream().map(Placed::item).toList(),
                Comparison.of(placed.stream().map(Placed::compared).toList()));
    }

    /**
     * What a batch says as the result of a run of a trial series.
     *
     * @throws NotFoundException when there is no such batch, or it can no longer be read
     */
    @Transactional(readOnly = true)
    public TrialResult result(long batch) {
        Pantry book = pantry.pantry();
        return made.byIds(List.of(batch), book).stream()
                .map(one -> RunResult.of(one.record(), book))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("There is no batch " + batch + " to take results from."));
    }

    private Placed batch(String key, MadeBatch batch, List<Photo> photos, Pantry book) {
        if (batch == null) {
            throw new NotFoundException("There is no batch " + key.substring(1) + " that can be compared.");
        }
        RolledDough rolled =
                rolled(batch.record().run().bowl().spec(), batch.record().made().formula(), book);
        return new Placed(
                new ComparedItem(
                        key,
                        batch.id(),
                        batch.formula(),
                        batch.version(),
                        batch.name(),
                        batch.factor(),
                        batch.startedAt(),
                        batch.verdict(),
                        RollingPicture.of(rolled),
                        batch.record().run().felt(),
                        photos),
                item(rolled, Outcome.of(batch.record(), book), batch.verdict()));
    }

    private static RolledDough rolled(FormulaSpec inTheBowl, Formula planned, Pantry book) {
        try {
            return RolledDough.of(FormulaReader.read(inTheBowl, book));
        } catch (RefusedException refused) {
            return RolledDough.of(planned);
        }
    }

    private Placed version(String key, long formula, int number, Pantry book) {
        FormulaDocument document = formulas.version(formula, number);
        MadeFormula planned = MadeFormula.of(formulas.spec(formula, number), book);
        RolledDough rolled = RolledDough.of(planned.formula());
        return new Placed(
                new ComparedItem(
                        key,
                        null,
                        formula,
                        number,
                        document.version().name(),
                        1,
                        document.version().savedAt(),
                        null,
                        RollingPicture.of(rolled),
                        List.of(),
                        List.of()),
                item(rolled, Outcome.of(planned), null));
    }

    private Item item(RolledDough rolled, List<Outcome> outcomes, String verdict) {
        FormulaFigures figures = FormulaFigures.of(rolled, pantry.prices());
        return new Item(rolled.formula(), figures::value, outcomes, verdict);
    }
}
