package verdamen.server.problem;

import java.math.BigDecimal;
import java.util.Map;
import verdamen.core.model.Fault;

/** Says a fault in plain words, with the rule and what to do. */
public final class FaultWords {

    private static final Map<String, String> FIELDS = Map.ofEntries(
            Map.entry("ingredient", "The ingredient"),
            Map.entry("grams", "The weight in grams"),
            Map.entry("sd", "The weighing error in grams"),
            Map.entry("part", "The part"),
            Map.entry("form", "The form"),
            Map.entry("waterPct", "The measured water in %"),
            Map.entry("moisturePct", "The flour moisture in %"),
            Map.entry("proteinPct", "The protein in %"),
            Map.entry("absorptionPct", "The absorption in %"),
            Map.entry("absorptionSdPct", "The error of the absorption in % points"),
            Map.entry("pieceMm", "The piece size in mm"),
            Map.entry("fatState", "The state of the fat"),
            Map.entry("style", "The style"),
            Map.entry("kneading", "The kneading"),
            Map.entry("fatTiming", "When the fat goes in"),
            Map.entry("waterTemperatureC", "The water temperature in °C"),
            Map.entry("restMinutes", "The rest in minutes"),
            Map.entry("sheetMm", "The sheet in mm"),
            Map.entry("softnessTarget", "The softness to aim for"),
            Map.entry("quantity", "The number of measures"),
            Map.entry("measure", "The measure"),
            Map.entry("text", "The text"),
            Map.entry("method", "The method"),
            Map.entry("pieces", "The number of pieces"),
            Map.entry("pieceGrams", "The weight of a piece in grams"),
            Map.entry("reason", "The reason"),
            Map.entry("cupMl", "The cup in ml"),
            Map.entry("currency", "The currency"),
            Map.entry("millilitres", "The volume in ml"),
            Map.entry("count", "How many there were"),
            Map.entry("plural", "The plural"),
            Map.entry("doughGrams", "The weight of the dough in grams"),
            Map.entry("bowlLossPct", "What stays on the bowl in %"),
            Map.entry("beforeGrams", "The weight before in grams"),
            Map.entry("afterGrams", "The weight after in grams"),
            Map.entry("line", "The line"),
            Map.entry("how", "The way to fill it"),
            Map.entry("composition", "The composition in %"),
            Map.entry("role", "The role"),
            Map.entry("group", "The group"),
            Map.entry("code", "The ingredient"),
            Map.entry("field", "The figure"),
            Map.entry("source", "Where it comes from"),
            Map.entry("fatPct", "The fat in %"),
            Map.entry("carbPct", "The carbohydrate in %"),
            Map.entry("fibrePct", "The fibre in %"),
            Map.entry("sugarsPct", "The sugars in %"),
            Map.entry("ashPct", "The minerals in %"),
            Map.entry("sodiumMg", "The sodium in mg"),
            Map.entry("bulkDensityGPerMl", "The density in g/ml"),
            Map.entry("pieceName", "What a piece is"),
            Map.entry("notes", "The notes"),
            Map.entry("uptakeTauMin", "The time of uptake in minutes"),
            Map.entry("glutenQuality", "The gluten quality"),
            Map.entry("amount", "The price"),
            Map.entry("per", "What the price is for"),
            Map.entry("milledOn", "The day of milling"),
            Map.entry("moistureHow", "How the moisture was found"),
            Map.entry("celsius", "The temperature in °C"),
            Map.entry("humidityPct", "The humidity of the air in %"),
            Map.entry("lot", "The lot"),
            Map.entry("record", "The kind of record"),
            Map.entry("weighedAt", "The time of weighing"),
            Map.entry("priceAmount", "The price"),
            Map.entry("pricePer", "What the price is for"),
            Map.entry("pct", "The baker's percentage"),
            Map.entry("name", "The name"),
            Map.entry("note", "The note"),
            Map.entry("parentNumber", "The version this was made from"),
            Map.entry("formula", "The formula"),
            Map.entry("key", "The key of the preparation"),
            Map.entry("liquid", "What becomes of the liquid"),
            Map.entry("kind", "The step"),
            Map.entry("liquidGrams", "The liquid in grams"),
            Map.entry("fromC", "The temperature at the start in °C"),
            Map.entry("roomC", "The temperature of the room in °C"),
            Map.entry("targetC", "The temperature to reach in °C"),
            Map.entry("readMinute", "The minute of the reading"),
            Map.entry("readC", "The temperature read in °C"),
            Map.entry("prep", "The preparation"),
            Map.entry("stage", "The stage"),
            Map.entry("temperatureC", "The temperature in °C"),
            Map.entry("pressedLiquid", "What becomes of pressed liquid"),
            Map.entry("sticking", "What stops sticking"),
            Map.entry("pickupGrams", "What the dough takes up in grams"),
            Map.entry("pickupBeforeGrams", "The weight on the bench before in grams"),
            Map.entry("pickupAfterGrams", "The weight left on the bench in grams"),
            Map.entry("waterAddition", "How the water goes in"),
            Map.entry("seal", "How the filling is enclosed"),
            Map.entry("heat", "The heat"),
            Map.entry("firstStage", "The first stage"),
            Map.entry("standingMinutes", "How long the first stage stands in minutes"),
            Map.entry("minutes", "The minutes"),
            Map.entry("doughC", "The dough temperature in °C"),
            Map.entry("flourC", "The temperature of the flour in °C"),
            Map.entry("coldC", "The temperature of cold water in °C"),
            Map.entry("hotC", "The temperature of hot water in °C"),
            Map.entry("kneadMinutes", "The minutes of kneading"),
            Map.entry("minute", "The minute"),
            Map.entry("minutesAgo", "How many minutes ago water met flour"),
            Map.entry("feel", "The feel"),
            Map.entry("given", "What you put in"),
            Map.entry("share", "The share that is missing"),
            Map.entry("symptom", "What went wrong"),
            Map.entry("who", "Who has read it"),
            Map.entry("version", "The version"),
            Map.entry("school", "The way of making"),
            Map.entry("question", "The question"));

    private FaultWords() {}

    /** The name of a field, by the last part of its place. */
    static String name(String place) {
        String last = place.substring(place.lastIndexOf('.') + 1).replaceFirst("\\[.*", "");
        return FIELDS.getOrDefault(last, "“" + place + "”");
    }

    /** A fault in a sentence: what, the value, and what to do. */
    public static String of(Fault fault) {
        String last =
                fault.field().substring(fault.field().lastIndexOf('.') + 1).replaceFirst("\\[.*", "");
        String field = FIELDS.getOrDefault(last, "“" + fault.field() + "”");
        return switch (fault.code()) {
            case MISSING -> field + " is missing. Fill it in.";
            case NOT_A_NUMBER -> field + " is not a number.";
            case TOO_SMALL ->
                fault.limit() == null
                        ? sum(field, fault)
                        : field + " is " + value(fault) + "; it must be at least " + limit(fault) + ".";
            case TOO_LARGE ->
                fault.limit() == null
                        ? sum(field, fault)
                        : field + " is " + value(fault) + "; it must be at most " + limit(fault) + ".";
            case UNKNOWN_CODE -> field + " “" + value(fault) + "” is not known. Choose one from the list.";
            case NOT_FOR_THIS_INGREDIENT -> field + " means nothing for this ingredient. Take it out.";
            case CONTRADICTS ->
                field + " contradicts the rest of the line: it is not known yet, or its preparation gives it.";
            case CREATES_MATTER ->
                field + " is " + value(fault) + ", but there are only " + limit(fault)
                        + ": nothing can come out of nothing. Check both weighings.";
            case NO_WATER_LEFT ->
                field + " is " + value(fault) + ", which would drive its water below zero; the limit is " + limit(fault)
                        + ". Check the scale.";
            case NOT_FOR_THIS_STEP -> field + " does not go with “" + value(fault) + "”. Choose another one.";
            case IMPOSSIBLE_TEMPERATURES ->
                field + " is " + value(fault) + ", which does not go with the other temperatures (" + limit(fault)
                        + "). Something hot cools towards the room.";
            case IN_USE -> field + " is still used by formulas or weigh-ins. Take it out there first.";
            case IN_THE_FUTURE -> field + " has not come yet.";
            case TAKEN -> field + " “" + value(fault) + "” is taken already. Choose another one.";
            case TOO_LONG -> field + " has " + value(fault) + "; at most " + limit(fault) + " are kept.";
            case NO_FLOUR -> "Nothing in the dough takes up water the way flour does. Add a flour.";
        };
    }

    /** A composition that does not add up: water, protein, fat, carbohydrate and minerals. */
    private static String sum(String field, Fault fault) {
        return field + " adds up to " + value(fault) + "; water, protein, fat, carbohydrate and minerals are 100 ± 2.";
    }

    /** The value as one would write it: 5, not 5.0. */
    private static String value(Fault fault) {
        if (fault.value() == null) {
            return "missing";
        }
        return fault.value().matches("-?\\d+\\.\\d+(E-?\\d+)?")
                ? rounded(Double.parseDouble(fault.value()))
                : fault.value();
    }

    private static String limit(Fault fault) {
        return fault.limit() == null ? "the limit" : rounded(fault.limit());
    }

    private static String rounded(double number) {
        return BigDecimal.valueOf(Math.round(number * 1000) / 1000.0)
                .stripTrailingZeros()
                .toPlainString();
    }
}
