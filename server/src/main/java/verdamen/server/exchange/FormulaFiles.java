package verdamen.server.exchange;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Coded;
import verdamen.core.pantry.IngredientSpec;
import verdamen.server.exchange.FormulaFile.FileFormula;
import verdamen.server.exchange.FormulaFile.FileVersion;
import verdamen.server.exchange.FormulaFile.OwnIngredient;
import verdamen.server.formula.FormulaDocument;
import verdamen.server.formula.FormulaService;
import verdamen.server.formula.FormulaService.History;
import verdamen.server.formula.FormulaState;
import verdamen.server.formula.SaveRequest;
import verdamen.server.pantry.PantryService;
import verdamen.server.problem.RefusedFileException;
import verdamen.server.problem.RefusedFileException.Reason;

/** Writes and reads formula files. */
@Service
class FormulaFiles {

    private final FormulaService formulas;
    private final PantryService pantry;
    private final JsonFiles files;
    private final Clock clock;

    FormulaFiles(FormulaService formulas, PantryService pantry, JsonFiles files, Clock clock) {
        this.formulas = formulas;
        this.pantry = pantry;
        this.files = files;
        this.clock = clock;
    }

    /** A file of some formulas; of all when none is named. */
    FormulaFile write(List<Long> ids) {
        List<History> histories = formulas.histories(ids);
        return new FormulaFile(
                FormulaFile.FORMAT,
                FormulaFile.VERSION,
                clock.instant().atOffset(ZoneOffset.UTC),
                ownIngredients(histories),
                histories.stream().map(FormulaFiles::formula).toList());
    }

    private List<OwnIngredient> ownIngredients(List<History> histories) {
        TreeSet<String> used = new TreeSet<>();
        for (History history : histories) {
            for (History.Entry entry : history.versions()) {
                if (entry.formula().lines() != null) {
                    entry.formula().lines().stream()
                            .map(LineSpec::ingredient)
                            .filter(code -> code != null && pantry.isOwn(code))
                            .forEach(used::add);
                }
                prepared(entry.formula()).filter(pantry::isOwn).forEach(used::add);
            }
        }
        return used.stream()
                .map(code -> new OwnIngredient(
                        code, IngredientSpec.of(pantry.pantry().ingredient(code).orElseThrow())))
                .toList();
    }

    /** Codes of what is bought for preparations and put in on the way. */
    private static Stream<String> prepared(FormulaSpec formula) {
        return formula.prepsOrNone().stream()
                .flatMap(chain -> Stream.concat(
                        Stream.ofNullable(chain.ingredient()),
                        Stream.ofNullable(chain.steps())
                                .flatMap(List::stream)
                                .flatMap(step -> Stream.ofNullable(step.added()))
                                .flatMap(List::stream)
                                .flatMap(added -> Stream.ofNullable(added.ingredient()))));
    }

    private static FileFormula formula(History history) {
        return new FileFormula(
                history.uid(),
                history.state().code(),
                history.versions().stream()
                        .map(entry -> new FileVersion(
                                entry.version().number(),
                                entry.version().parentNumber(),
                                entry.version().name(),
                                entry.version().note(),
                                entry.version().savedAt(),
                                entry.formula()))
                        .toList());
    }

    /**
     * Takes everything of a file that is not here yet, in one transaction.
     *
     * @throws RefusedFileException when it is no formula file, broken, or of a newer version
     * @throws verdamen.core.model.RefusedException when a formula in it cannot be taken
     */
    @Transactional
    public ImportReport read(String text) {
        FormulaFile file = file(files.tree(text));
        List<String> ingredients = new ArrayList<>();
        for (OwnIngredient own : file.ingredients()) {
            if (pantry.pantry().ingredient(own.code()).isEmpty()) {
                ingredients.add(pantry.saveOwn(null, own.sheet()).name());
            }
        }
        Map<String, History> here =
                formulas.histories(List.of()).stream().collect(Collectors.toMap(History::uid, history -> history));
        List<String> added = new ArrayList<>();
        List<String> extended = new ArrayList<>();
        List<String> unchanged = new ArrayList<>();
        for (FileFormula formula : file.formulas()) {
            String name = formula.versions().get(formula.versions().size() - 1).name();
            History known = here.get(uid(formula));
            int taken = take(formula, known);
            (known == null ? added : taken > 0 ? extended : unchanged).add(name);
        }
        return new ImportReport(added, extended, unchanged, ingredients);
    }

    private FormulaFile file(JsonNode tree) {
        JsonNode format = tree.get("format");
        JsonNode version = tree.get("version");
        if (format == null || !FormulaFile.FORMAT.equals(format.asString("")) || version == null) {
            throw new RefusedFileException(Reason.OTHER_KIND, "it is no formula file");
        }
        if (!version.isInt() || version.asInt() > FormulaFile.VERSION) {
            throw new RefusedFileException(
                    Reason.NEWER_VERSION, "version " + version + ", this program reads up to " + FormulaFile.VERSION);
        }
        FormulaFile file = files.as(tree, FormulaFile.class);
        if (file.formulas() == null || file.ingredients() == null) {
            throw new RefusedFileException(Reason.BROKEN, "no formulas");
        }
        for (FileFormula formula : file.formulas()) {
            if (formula.versions() == null || formula.versions().isEmpty()) {
                throw new RefusedFileException(Reason.BROKEN, "a formula without versions");
            }
        }
        return file;
    }

    private static String uid(FileFormula formula) {
        try {
            return UUID.fromString(formula.uid()).toString();
        } catch (IllegalArgumentException | NullPointerException e) {
            throw new RefusedFileException(Reason.BROKEN, "uid “" + formula.uid() + "”");
        }
    }

    /** Takes the versions of a formula that are not here yet; how many they were. */
    private int take(FileFormula formula, @Nullable History known) {
        Map<Integer, Integer> numbers = new HashMap<>();
        long id = known == null ? 0 : known.id();
        int latest = known == null ? 0 : known.versions().size();
        int taken = 0;
        for (FileVersion version : formula.versions()) {
            Integer already = known == null ? null : numberOf(version, known);
            if (already != null) {
                numbers.put(version.number(), already);
                continue;
            }
            Integer parent = version.parent() == null ? null : numbers.get(version.parent());
            boolean first = id == 0;
            SaveRequest request = new SaveRequest(
                    version.name(),
                    version.note(),
                    version.formula(),
                    first ? null : parent == null ? Integer.valueOf(latest) : parent,
                    first ? null : Integer.valueOf(latest));
            FormulaDocument saved = first
                    ? formulas.create(request, version.savedAt().toInstant(), uid(formula))
                    : formulas.save(id, request, version.savedAt().toInstant());
            id = saved.id();
            latest = saved.latestNumber();
            numbers.put(version.number(), latest);
            taken++;
        }
        if (known == null) {
            long created = id;
            Coded.find(FormulaState.class, String.valueOf(formula.state()))
                    .ifPresent(state -> formulas.setState(created, state));
        }
        return taken;
    }

    /** Number of the version here that is the same as one of a file. */
    private static @Nullable Integer numberOf(FileVersion version, History known) {
        return known.versions().stream()
                .filter(entry -> entry.version().savedAt().isEqual(version.savedAt())
                        && entry.version().name().equals(version.name())
                        && entry.formula().equals(version.formula()))
                .map(entry -> entry.version().number())
                .findFirst()
                .orElse(null);
    }
}
