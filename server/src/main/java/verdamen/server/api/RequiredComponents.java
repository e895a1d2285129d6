package verdamen.server.api;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.AnnotatedType;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.NopAnnotationIntrospector;

/**
 * Takes our records at their word: a component that is not {@code @Nullable} must be there and be no null, and so must
 * every element of a list of such. What is missing is refused while the request is read, as the OpenAPI document says.
 */
final class RequiredComponents extends NopAnnotationIntrospector {

    private static final long serialVersionUID = 1;
    private static final String OURS = "verdamen.";

    @Override
    public JsonSetter.Value findSetterInfo(MapperConfig<?> config, Annotated annotated) {
        return type(annotated)
                .map(type -> JsonSetter.Value.construct(
                        isNullable(type) ? Nulls.DEFAULT : Nulls.FAIL,
                        elementsMayBeNull(type) ? Nulls.DEFAULT : Nulls.FAIL))
                .orElseGet(JsonSetter.Value::empty);
    }

    /** The type of a component of one of our records; nothing for anything else. */
    private static Optional<AnnotatedType> type(Annotated annotated) {
        if (!(annotated instanceof AnnotatedParameter parameter)
                || !parameter.getDeclaringClass().isRecord()
                || !parameter.getDeclaringClass().getName().startsWith(OURS)) {
            return Optional.empty();
        }
        RecordComponent[] components = parameter.getDeclaringClass().getRecordComponents();
        return parameter.getOwner().getParameterCount() == components.length
                ? Optional.of(components[parameter.getIndex()].getAnnotatedType())
                : Optional.empty();
    }

    private static boolean isNullable(AnnotatedType type) {
        return type.isAnnotationPresent(Nullable.class);
    }

    private static boolean elementsMayBeNull(AnnotatedType type) {
        return !(type instanceof AnnotatedParameterizedType parameterized)
                || Arrays.stream(parameterized.getAnnotatedActualTypeArguments())
                        .anyMatch(RequiredComponents::isNullable);
    }
}
