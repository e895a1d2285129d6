/** A piece in the pan or oven, what is left of it, and how long it stays soft or crisp. */
@org.jspecify.annotations.NullMarked
package verdamen.core.cooking;
