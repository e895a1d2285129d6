package verdamen.server.files;

import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.node.ObjectNode;
import verdamen.core.formula.FormulaSpec;
import verdamen.core.intake.ParsedRecipe;
import verdamen.server.formula.FormulaDocument;
import verdamen.server.formula.FormulaService;
import verdamen.server.intake.IntakeAnswer;
import verdamen.server.intake.IntakeService;
import verdamen.server.pantry.PantryService;

/** Files in and out over the API. */
@RestController
@RequestMapping("/api/files")
class FileController {

    private static final String ANY_FILE = "application/octet-stream";
    private static final String CSV = "text/csv";

    private final KitchenFileWriter writer;
    private final KitchenFileReader reader;
    private final FormulaService formulas;
    private final PantryService pantry;
    private final RecipeJsonLd recipes;
    private final IntakeService intake;
    private final PantryCsv pantryCsv;
    private final MeasureCsv measureCsv;
    private final BatchFiles batchFiles;

    FileController(
            KitchenFileWriter writer,
            KitchenFileReader reader,
            FormulaService formulas,
            PantryService pantry,
            RecipeJsonLd recipes,
            IntakeService intake,
            PantryCsv pantryCsv,
            MeasureCsv measureCsv,
            BatchFiles batchFiles) {
        this.writer = writer;
        this.reader = reader;
        this.formulas = formulas;
        this.pantry = pantry;
        this.recipes = recipes;
        this.intake = intake;
        this.pantryCsv = pantryCsv;
        this.measureCsv = measureCsv;
        this.batchFiles = batchFiles;
    }

    /** A formula file of some formulas; of all when none is named. */
    @GetMapping(value = "/formulas", produces = MediaType.APPLICATION_JSON_VALUE)
    void formulas(@RequestParam(required = false) @Nullable List<Long> id, HttpServletResponse response)
            throws IOException {
        headings(response, "verdamen-formulas.json");
        writer.writeFormulas(id == null ? List.of() : id, response.getOutputStream());
    }

    /** Everything of the kitchen: settings, pantry, measures, lots, formulas and batches. */
    @GetMapping(value = "/kitchen", produces = MediaType.APPLICATION_JSON_VALUE)
    void kitchen(HttpServletResponse response) throws IOException {
        headings(response, "verdamen-kitchen.json");
        writer.writeKitchen(response.getOutputStream());
    }

    private static void headings(HttpServletResponse response, String name) {
        response.setContentType(MediaType.APPLICATION_JSON_VALUE);
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, attachment(name));
    }

    /** Takes everything of a formula file or a kitchen file that is not here yet, whatever its size. */
    @PostMapping(value = "/formulas", consumes = ANY_FILE)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content = @Content(schema = @Schema(type = "string", format = "binary")))
    ImportReport importFormulas(@Parameter(hidden = true) InputStream file) {
        return reader.read(file);
    }

    /** The newest version of a formula as a schema.org Recipe. */
    @GetMapping(value = "/formulas/{id}/recipe", produces = "application/ld+json")
    ResponseEntity<ObjectNode> recipe(@PathVariable long id) {
        FormulaDocument document = formulas.newest(id);
        return named(document.version().name() + ".jsonld", MediaType.valueOf("application/ld+json"))
                .body(recipes.write(
                        document.version().name(), document.version().note(), document.formula(), pantry.pantry()));
    }

    /**
     * A recipe from a file.
     *
     * @param formula the exact formula, when the file is an export of Verdamen
     * @param recipe what the recipe reader understands
     */
    record RecipeAnswer(@Nullable FormulaSpec formula, IntakeAnswer recipe) {}

    private static final ParsedRecipe NOTHING = new ParsedRecipe(null, null, null, List.of(), null, "");

    /** A recipe from a file: plain text, or a schema.org Recipe as JSON-LD. */
    @PostMapping(value = "/recipe", consumes = ANY_FILE)
    RecipeAnswer recipe(@RequestBody(required = false) byte @Nullable [] file) {
        String text = FileText.of(file);
        if (!text.stripLeading().startsWith("{") && !text.stripLeading().startsWith("[")) {
            return new RecipeAnswer(null, intake.answer(intake.parse(text, null)));
        }
        RecipeJsonLd.Imported imported = recipes.read(text);
        ParsedRecipe read = imported.text().isBlank() ? NOTHING : intake.parse(imported.text(), null);
        return new RecipeAnswer(
                imported.formula(),
                intake.answer(new ParsedRecipe(
                        imported.title(),
                        imported.pieces(),
                        read.made(),
                        read.lines(),
                        read.waterTemperatureC(),
                        imported.method())));
    }

    /** The pantry as CSV. */
    @GetMapping(value = "/pantry", produces = CSV)
    ResponseEntity<String> pantry() {
        return named("verdamen-pantry.csv", MediaType.valueOf(CSV)).body(pantryCsv.write());
    }

    /** What a CSV of the pantry would change; with {@code apply} and nothing refused, it is changed. */
    @PostMapping(value = "/pantry", consumes = ANY_FILE)
    CsvReport importPantry(
            @RequestBody(required = false) byte @Nullable [] file,
            @RequestParam(defaultValue = "false") boolean apply) {
        return pantryCsv.read(FileText.of(file), apply);
    }

    /** The measures as CSV. */
    @GetMapping(value = "/measures", produces = CSV)
    ResponseEntity<String> measures() {
        return named("verdamen-measures.csv", MediaType.valueOf(CSV)).body(measureCsv.write());
    }

    /** What a CSV of measures would change; with {@code apply} and nothing refused, it is changed. */
    @PostMapping(value = "/measures", consumes = ANY_FILE)
    CsvReport importMeasures(
            @RequestBody(required = false) byte @Nullable [] file,
            @RequestParam(defaultValue = "false") boolean apply) {
        return measureCsv.read(FileText.of(file), apply);
    }

    /** The batches of a formula, or of all, as JSON. */
    @GetMapping(value = "/batches", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<BatchFiles.BatchesFile> batches(@RequestParam(required = false) @Nullable Long formula) {
        return named("verdamen-batches.json", MediaType.APPLICATION_JSON).body(batchFiles.write(formula));
    }

    /** The same as CSV, a row for each thing that was noted. */
    @GetMapping(value = "/batches.csv", produces = CSV)
    ResponseEntity<String> batchesCsv(@RequestParam(required = false) @Nullable Long formula) {
        return named("verdamen-batches.csv", MediaType.valueOf(CSV)).body(batchFiles.writeCsv(formula));
    }

    /** Which batches a file, JSON or CSV, would bring; with {@code apply} and nothing refused, they are taken. */
    @PostMapping(value = "/batches", consumes = ANY_FILE)
    CsvReport importBatches(
            @RequestBody(required = false) byte @Nullable [] file,
            @RequestParam(defaultValue = "false") boolean apply) {
        return batchFiles.read(FileText.of(file), apply);
    }

    private static ResponseEntity.BodyBuilder named(String name, MediaType type) {
        return ResponseEntity.ok().contentType(type).header(HttpHeaders.CONTENT_DISPOSITION, attachment(name));
    }

    private static String attachment(String name) {
        return ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
    }
}
