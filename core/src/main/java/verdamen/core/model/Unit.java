package verdamen.core.model;

/** The unit in which a figure of an explanation is given. */
public enum Unit {
    /** Grams. */
    GRAMS,
    /** Grams squared, of a variance. */
    GRAMS_SQUARED,
    /** A share from 0 to 1, or a plain factor. */
    FACTOR,
    /** Per hundred. */
    PERCENT,
    /** Minutes since water first met flour, or a length of time in minutes. */
    MINUTES,
    /** Seconds. */
    SECONDS,
    /** Millimetres. */
    MILLIMETRES,
    /** Degrees Celsius. */
    CELSIUS,
    /** Per minute, of a rate. */
    PER_MINUTE,
    /** Joules per kelvin, of a heat capacity. */
    JOULES_PER_KELVIN,
    /** Heat lost for each kelvin of difference. */
    WATTS_PER_KELVIN,
    /** Joules per gram and kelvin, of a specific heat. */
    JOULES_PER_GRAM_KELVIN,
    /** Kelvins, of a difference in temperature. */
    KELVINS,
    /** Kelvins per minute of kneading. */
    KELVINS_PER_MINUTE,
    /** Gluten strength; a strong white flour alone is about 100. */
    GLUTEN_POINTS,
    /** Softness S, brings over drinks; 1 is a just-soft unleavened dough. */
    SOFTNESS,
    /** A plain count, such as the number of standard deviations. */
    COUNT,
    /** Milligrams. */
    MILLIGRAMS,
    /** Millilitres. */
    MILLILITRES,
    /** Litres. */
    LITRES,
    /** Grams per millilitre, of a density. */
    GRAMS_PER_MILLILITRE,
    /** Micrometres, of particles. */
    MICROMETRES,
    /** Kilocalories, of food energy. */
    KILOCALORIES,
    /** Kilocalories per gram, of food energy. */
    KILOCALORIES_PER_GRAM,
    /** Millimoles, of acid and base. */
    MILLIMOLES,
    /** Millimoles in a gram. */
    MILLIMOLES_PER_GRAM,
    /** Millilitres of gas in a millimole. */
    MILLILITRES_PER_MILLIMOLE,
    /** Hours. */
    HOURS,
    /** Per hour, of a rate. */
    PER_HOUR,
    /** Watts. */
    WATTS,
    /** Kilojoules, of heat. */
    KILOJOULES,
    /** Joules per gram, of heat to make steam. */
    JOULES_PER_GRAM,
    /** Characters of a text. */
    CHARACTERS,
    /** Bytes of a request or file. */
    BYTES
}
