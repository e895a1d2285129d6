/** Benchmarks, run by hand: {@code mvn -q -pl bench -am install -DskipTests && mvn -q -pl bench exec:java -Dexec.args="-f 0"}. */
@NullMarked
package verdamen.benchmarks;

import org.jspecify.annotations.NullMarked;
