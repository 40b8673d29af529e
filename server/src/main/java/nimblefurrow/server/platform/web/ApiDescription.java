package nimblefurrow.server.platform.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Describes the API: a part of an answer is always there unless marked {@link Maybe}. */
@Configuration
class ApiDescription {
  private static final String MAYBE = "x-maybe";

  @Bean
  OpenAPI api() {
    return new OpenAPI()
        .info(
            new Info()
                .title("Nimble Furrow")
                .version("1")
                .description("Cover crops around the cash crop."));
  }

  @Bean
  PropertyCustomizer maybe() {
    return (property, type) -> {
      if (type.getCtxAnnotations() != null) {
        for (Annotation annotation : type.getCtxAnnotations()) {
          if (annotation instanceof Maybe) {
            property.addExtension(MAYBE, true);
          }
        }
      }
      return property;
    };
  }

  @Bean
  @SuppressWarnings({"rawtypes", "unchecked"})
  OpenApiCustomizer required() {
    return api -> {
      api.setServers(null);
      kinds(api.getComponents().getSchemas());
      for (Schema schema : api.getComponents().getSchemas().values()) {
        Map<String, Schema> properties = schema.getProperties();
        if (properties != null) {
          List<String> always = new ArrayList<>();
          properties.forEach(
              (name, property) -> {
                if (property.getExtensions() == null
                    || !property.getExtensions().containsKey(MAYBE)) {
                  always.add(name);
                } else {
                  property.getExtensions().remove(MAYBE);
                }
              });
          schema.setRequired(always);
        }
      }
    };
  }

  /** A body that is one of several kinds names its kind; each kind has what is its own, no more. */
  @SuppressWarnings({"rawtypes", "unchecked"})
  private static void kinds(Map<String, Schema> schemas) {
    for (Schema several : List.copyOf(schemas.values())) {
      if (several.getDiscriminator() == null || several.getOneOf() == null) {
        continue;
      }
      String named = several.getDiscriminator().getPropertyName();
      several
          .getDiscriminator()
          .getMapping()
          .forEach(
              (kind, reference) -> {
                String name = reference.substring(reference.lastIndexOf('/') + 1);
                Map<String, Schema> own = new LinkedHashMap<>();
                own.put(named, new StringSchema().addEnumItem(kind));
                List<Schema> parts = schemas.get(name).getAllOf();
                if (parts != null) {
                  parts.stream()
                      .filter(part -> part.getProperties() != null)
                      .forEach(part -> own.putAll(part.getProperties()));
                }
                schemas.put(name, new ObjectSchema().properties(own));
              });
    }
  }
}
