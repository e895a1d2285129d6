package verdamen.server.pantry;

/**
 * A name that this kitchen uses for an ingredient.
 *
 * @param name the name, in lower case, 1 to 80 characters
 * @param ingredient code of the ingredient
 */
public record TaughtName(String name, String ingredient) {}
