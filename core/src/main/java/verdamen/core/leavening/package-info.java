/** What makes a dough rise: yeast over time and temperature, and soda and powder with their acid. */
@org.jspecify.annotations.NullMarked
package verdamen.core.leavening;
