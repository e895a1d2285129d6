/** A dough becomes pieces: how heavy, how wide, how thin, how many, and what is left over. */
@org.jspecify.annotations.NullMarked
package verdamen.core.portion;
