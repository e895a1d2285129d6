/** Benchmarks, run by hand: {@code mvn -B -ntp -q -pl core,bench install -DskipTests && mvn -q -pl bench exec:java}. */
@NullMarked
package verdamen.bench;

import org.jspecify.annotations.NullMarked;
