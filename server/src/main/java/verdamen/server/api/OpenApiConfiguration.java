package verdamen.server.api;

import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.info.License;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.lang.reflect.AnnotatedParameterizedType;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import verdamen.core.model.Coded;
import verdamen.core.model.Limit;
import verdamen.core.model.Unit;
import verdamen.core.model.Within;
import verdamen.server.problem.Problem;

/** The OpenAPI document, from which the front end's types are made. */
@Configuration(proxyBeanMethods = false)
class OpenApiConfiguration {

    private static final String REFERENCE = "#/components/schemas/";

    @Bean
    OpenAPI verdamenApi() {
        return new OpenAPI()
                .info(new Info()
                        .title("Verdamen")
                        .description(
                                "The balance of flatbread doughs, and the formulas of a kitchen. Ingredient figures are"
                                        + " typical values.")
                        .version("1")
                        .license(new License().name("Apache-2.0")))
                .servers(List.of());
    }

    /** The whole table of limits, those that no single field shows too: bodies, files, pages, faults listed. */
    @Bean
    OpenApiCustomizer limits() {
        List<Map<String, Object>> table = Arrays.stream(Limit.values())
                .map(limit -> Map.<String, Object>of(
                        "code", limit.code(),
                        "least", limit.least(),
                        "most", limit.most(),
                        "unit", limit.unit().name()))
                .toList();
        return api -> api.getInfo().addExtension("x-limits", table);
    }

    /** Says of every operation that its errors are problem documents. */
    @Bean
    OpenApiCustomizer problemsForAll() {
        return api -> {
            ModelConverters.getInstance(true)
                    .readAllAsResolvedSchema(new AnnotatedType(Problem.class))
                    .referencedSchemas
                    .forEach(api.getComponents()::addSchemas);
            ApiResponse problem = new ApiResponse()
                    .description("A problem document (RFC 9457)")
                    .content(new Content()
                            .addMediaType(
                                    "application/problem+json",
                                    new MediaType().schema(new Schema<>().$ref(REFERENCE + "Problem"))));
            api.getPaths()
                    .values()
                    .forEach(path -> path.readOperations()
                            .forEach(operation -> operation.getResponses().addApiResponse("default", problem)));
        };
    }

    /** Choices appear as their codes; a record's component is required and never null unless it is {@code @Nullable}. */
    @Bean
    ModelConverter honestRecords() {
        return new HonestRecords();
    }

    private static final class HonestRecords implements ModelConverter {

        @Override
        public @Nullable Schema<?> resolve(
                AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
            JavaType java = Json.mapper().constructType(type.getType());
            Class<?> raw = java.getRawClass();
            if (raw.isEnum() && Coded.class.isAssignableFrom(raw)) {
                StringSchema codes = new StringSchema();
                Arrays.stream(raw.getEnumConstants()).map(Coded.class::cast).forEach(c -> codes.addEnumItem(c.code()));
                return codes;
            }
            Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
            if (raw.isRecord() && schema != null) {
                Schema<?> defined = schema.get$ref() == null
                        ? schema
                        : context.getDefinedModels().get(schema.get$ref().substring(REFERENCE.length()));
                if (defined != null && defined.getProperties() != null) {
                    describe(raw, defined);
                }
            }
            return schema;
        }

        private static void describe(Class<?> raw, Schema<?> defined) {
            Map<String, Schema<?>> properties = new LinkedHashMap<>();
            defined.getProperties().forEach((name, property) -> properties.put(name, property));
            List<String> required = new ArrayList<>();
            for (RecordComponent component : raw.getRecordComponents()) {
                Schema<?> property = properties.get(component.getName());
                if (property == null) {
                    continue;
                }
                Within within = component.getAnnotation(Within.class);
                if (within != null) {
                    limit(property, within.value());
                }
                if (component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                    defined.getProperties().put(component.getName(), nullable(property));
                } else {
                    required.add(component.getName());
                }
                if (component.getAnnotatedType() instanceof AnnotatedParameterizedType list
                        && list.getAnnotatedActualTypeArguments()[0].isAnnotationPresent(Nullable.class)
                        && property.getItems() != null) {
                    property.setItems(nullable(property.getItems()));
                }
            }
            defined.setRequired(required);
        }

        /** What a limit means: of a list its entries, of a text its characters, of a number itself. */
        private static void limit(Schema<?> property, Limit limit) {
            if (property.getItems() != null) {
                property.setMaxItems(limit.mostCount());
            } else if (limit.unit() == Unit.CHARACTERS) {
                property.setMinLength((int) limit.least());
                property.setMaxLength(limit.mostCount());
            } else {
                property.setMinimum(BigDecimal.valueOf(limit.least()));
                property.setMaximum(BigDecimal.valueOf(limit.most()));
            }
        }

        private static Schema<?> nullable(Schema<?> schema) {
            if (schema.get$ref() != null) {
                Schema<?> nothing = new Schema<>();
                nothing.setTypes(Set.of("null"));
                return new Schema<>().oneOf(List.of(schema, nothing));
            }
            if (schema.getTypes() != null) {
                Set<String> types = new LinkedHashSet<>(schema.getTypes());
                types.add("null");
                schema.setTypes(types);
            }
            return schema;
        }
    }
}
