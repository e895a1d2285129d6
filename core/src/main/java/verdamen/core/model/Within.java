package verdamen.core.model;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Says which limit holds for what is asked: the API's description shows it. The readers refuse what is beyond; a test
 * compares the two.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Within {

    /** The limit: of the number, of the characters of a text, or of the entries of a list. */
    Limit value();
}
