package verdamen.server.api;

import com.fasterxml.jackson.annotation.JsonValue;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.AnnotationIntrospector;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.annotation.JsonDeserialize;
import verdamen.core.formula.LineSpec;
import verdamen.core.model.Coded;

/** How Java types appear in JSON: choices as their codes, numbers never as text, counts never in parts. */
@Configuration(proxyBeanMethods = false)
class JsonConfiguration {

    /** Makes {@link Coded#code()} the JSON value of every choice, without the core knowing of JSON. */
    interface CodeAsValue {
        @JsonValue
        String code();
    }

    /** Reads the stage of a line by its number, or as it was called before. */
    interface StageByNumber {
        @JsonDeserialize(using = StageNumber.class)
        Integer stage();
    }

    /** Refuses what a record needs and a request does not say. */
    @Bean
    JsonMapperBuilderCustomizer recordsAtTheirWord() {
        return builder -> builder.annotationIntrospector(
                AnnotationIntrospector.pair(new RequiredComponents(), builder.annotationIntrospector()));
    }

    @Bean
    JsonMapperBuilderCustomizer codesAndStrictNumbers() {
        return builder -> builder.addMixIn(Coded.class, CodeAsValue.class)
                .addMixIn(LineSpec.class, StageByNumber.class)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT);
    }
}
