package verdamen.core.model;

/** The rules that explanations name. Each constant documents its formula over the symbols of its step. */
public enum Rule {
    /** What a flour takes up: MASS · ABSORPTION · COATING · UPTAKE. */
    FLOUR_DRINKS,
    /** What a dry addition or dry dairy takes up: MASS · ABSORPTION · UPTAKE. */
    DRY_ADDITION_DRINKS,
    /** Absorption at a flour's moisture: (1 − M)/(1 − 0.14) · (BOOK_ABSORPTION · HOT_WATER + 0.14) − M. */
    ABSORPTION_AT_MOISTURE,
    /** Absorption in hot water: BOOK_ABSORPTION · HOT_WATER. */
    ABSORPTION_IN_WATER,
    /** Share taken up so far: 1 − 0.4 · exp(−MINUTE / UPTAKE_TAU). */
    UPTAKE,
    /** Flour kept dry by fat rubbed in first: 1 − min(0.12, 0.8 · FAT_PER_FLOUR). */
    COATING,
    /** What an inclusion brings: MASS · WATER_SHARE · RELEASE + SOFTENING · MASS · FAT_SHARE. */
    INCLUSION_BRINGS,
    /** What an inclusion's solids hold: MASS · max(0, 1 − WATER_SHARE − FAT_SHARE) · HOLD. */
    INCLUSION_HOLDS,
    /** Share of an inclusion's water in play: R₀ + (R₁ − R₀)(1 − exp(−MINUTE / RELEASE_TAU)). */
    RELEASE,
    /** Release end with salt: min(1, RELEASE_END · (1 + 0.10 · SALT_PCT)). */
    RELEASE_WITH_SALT,
    /** What water, a liquid, dairy or a fat brings: MASS · WATER_SHARE + SOFTENING · MASS · FAT_SHARE. */
    WATER_AND_FAT_BRING,
    /** What a sweetener brings: MASS · WATER_SHARE + SOFTENING · MASS · SUGAR_SHARE. */
    SWEETENER_BRINGS,
    /** What salt brings: SOFTENING · MASS. */
    SALT_BRINGS,
    /** What anything else brings: MASS · WATER_SHARE. */
    WATER_BRINGS,
    /** Water needed: TARGET · DRINKS − BRINGS, plain water left out. */
    WATER_NEEDED,
    /** Softness: BRINGS / DRINKS. */
    SOFTNESS,
    /** Share of a line in the variance of the water needed, from its weighing: (PER_GRAM · DEVIATION)². */
    VARIANCE_FROM_WEIGHING,
    /** Share of a line in that variance, from its absorption: (TARGET · DRINKS · DEVIATION)². */
    VARIANCE_FROM_ABSORPTION,
    /** Gluten strength: 100 · (GLUTEN_PROTEIN / SOLIDS) / 0.14 · (1 − 0.6 · PIECE_SHARE) · (1 − min(0.5, 0.9 · FAT_PER_FLOUR)). */
    GLUTEN,
    /** Thinnest sheet: max(0.6 + 90 / (GLUTEN + 22), 0.9 · HARD_PIECE, 0.5 · SOFT_PIECE). */
    THINNEST_SHEET,
    /** Sticking: 100 σ((SOFTNESS − WINDOW_HIGH) / 0.035). */
    STICK,
    /** Cracking: 100 σ((WINDOW_LOW − SOFTNESS) / 0.05 + (40 − GLUTEN) / 25 − 1). */
    CRACK,
    /** Tearing: 100 σ((THINNEST_SHEET / SHEET − 1.25) / 0.12). */
    TEAR,
    /** Spring-back: 30 · g^1.3 · (0.1 + 0.9 exp(−MINUTES_AFTER_KNEADING / τ)), g = min(1.3, GLUTEN/90). */
    SPRING_BACK,
    /** Rollability: 100 (1 − STICK)(1 − CRACK)(1 − TEAR)(1 − min(1, max(0, SPRING_BACK − SPRING_LIMIT)/20)), risks in %. */
    ROLLABILITY,
    /** Puff: 100 σ((GLUTEN − 35)/12) · exp(−((SHEET − STYLE_SHEET)/1.2)²) · max(0, 1 − 1.5 PIECE_SHARE) · (1 − TEAR). */
    PUFF,
    /** What a typical step leaves: BEFORE · SHARE. */
    PREP_SHARE,
    /** Water after liquid has run: (OWN_WATER − 0.95 · LIQUID) / AFTER. */
    PRESSED,
    /** Water after water was driven off or taken up: 1 − OWN_SOLIDS / AFTER. */
    DRY_MATTER_KEPT,
    /** Water after soaking and boiling: 1 − KEPT_SOLIDS · OWN_SOLIDS / AFTER. */
    SOAKED,
    /** Water after plain water was put in: (OWN_WATER + ADDED) / AFTER. */
    WATER_ADDED,
    /** Clarified butter: 0.98 · FAT. */
    CLARIFIED,
    /** Minutes to a temperature: ln((START − ROOM) / (TARGET − ROOM)) / COOLING_RATE. */
    COOLING,
    /** Cooling rate from a reading: ln((START − ROOM) / (READ − ROOM)) / READ_MINUTE. */
    COOLING_RATE,
    /** Free water of a filling: 100 · max(0, FREE_WATER − FILLING_DRINKS) / FILLING. */
    FILLING_FREE_WATER,
    /** Water temperature: DOUGH + (OTHER_HEAT · (DOUGH − OTHERS) − FRICTION · (OTHER_HEAT + WATER_HEAT)) / WATER_HEAT. */
    WATER_TEMPERATURE,
    /** Hot water of a mix: WATER_GRAMS · (TARGET − COLD) / (HOT − COLD). */
    HOT_WATER_OF_MIX,
    /** Softness when rolled, from what is felt now: FELT · LATER / NOW. */
    SOFTNESS_FROM_FEEL,
    /** Water to add at the bench: (TARGET − SOFTNESS) · DRINKS. */
    BENCH_WATER,
    /** Flour to add at the bench: (SOFTNESS − TARGET) · DRINKS / (TARGET · FLOUR_DRINKS_PER_GRAM). */
    BENCH_FLOUR,
    /** Mass of a piece: DENSITY · π/4 · DIAMETER² · SHEET, in g, cm. */
    PIECE_MASS
}
