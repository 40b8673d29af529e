package nimblefurrow.server.platform.web;

import java.time.DateTimeException;
import java.time.LocalDate;
import nimblefurrow.core.quantity.OutOfRange;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.TokenStreamContext;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * How typed values are read, at every address alike: a number is finite and written as a number, a
 * day is a sensible one, text holds no character that cannot be kept, and a list holds no gaps.
 */
@Configuration
class Typing implements WebMvcConfigurer {
  private final SensibleDays days;

  Typing(SensibleDays days) {
    this.days = days;
  }

  @Bean
  JsonMapperBuilderCustomizer strictly() {
    SimpleModule module = new SimpleModule("typed values");
    module.addDeserializer(Double.class, new Number(Double.class, null));
    module.addDeserializer(double.class, new Number(double.class, 0.0));
    module.addDeserializer(LocalDate.class, new Day());
    module.addDeserializer(String.class, new Text());
    return builder ->
        builder
            .addModule(module)
            .changeDefaultNullHandling(
                nulls -> nulls.withContentNulls(com.fasterxml.jackson.annotation.Nulls.FAIL));
  }

  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addConverter(
        String.class,
        LocalDate.class,
        (Converter<String, LocalDate>) text -> text.isBlank() ? null : day("day", text));
    registry.addConverter(
        String.class,
        Double.class,
        (Converter<String, Double>) text -> text.isBlank() ? null : finite("figure", text));
  }

  private LocalDate day(String field, String text) {
    LocalDate day;
    try {
      day = LocalDate.parse(text.strip());
    } catch (DateTimeException notADay) {
      throw new OutOfRange(
          field,
          "%s is a day like 2026-10-03, got “%s”"
              .formatted(Mistyped.words(field), Mistyped.cut(text)));
    }
    return days.rule().check(Mistyped.words(field), day);
  }

  private static double finite(String field, String text) {
    return TypedNumber.number(field, text);
  }

  private static String field(JsonParser parser) {
    TokenStreamContext at = parser.streamReadContext();
    while (at != null && at.currentName() == null) {
      at = at.getParent(); // within a list: the list's own name
    }
    return at == null ? "value" : at.currentName();
  }

  private final class Day extends StdDeserializer<LocalDate> {
    Day() {
      super(LocalDate.class);
    }

    @Override
    public LocalDate deserialize(JsonParser parser, DeserializationContext context) {
      if (parser.currentToken() != JsonToken.VALUE_STRING) {
        throw new OutOfRange(
            field(parser), Mistyped.words(field(parser)) + " is a day like 2026-10-03");
      }
      String text = parser.getString();
      return text.isBlank() ? null : day(field(parser), text);
    }
  }

  private static final class Number extends StdDeserializer<Double> {
    private final Double whenEmpty;

    Number(Class<?> type, Double whenEmpty) {
      super(type);
      this.whenEmpty = whenEmpty;
    }

    @Override
    public Double getNullValue(DeserializationContext context) {
      return whenEmpty;
    }

    @Override
    public Double deserialize(JsonParser parser, DeserializationContext context) {
      JsonToken token = parser.currentToken();
      if (token == JsonToken.VALUE_STRING) {
        String text = parser.getString();
        return text.isBlank() ? whenEmpty : finite(field(parser), text);
      }
      if (token != JsonToken.VALUE_NUMBER_INT && token != JsonToken.VALUE_NUMBER_FLOAT) {
        throw new OutOfRange(field(parser), Mistyped.words(field(parser)) + " is a number");
      }
      double value = parser.getDoubleValue();
      if (!Double.isFinite(value)) {
        throw new OutOfRange(
            field(parser),
            Mistyped.words(field(parser)) + " is a number that can be, got infinity");
      }
      return value;
    }
  }

  private static final class Text extends StdDeserializer<String> {
    Text() {
      super(String.class);
    }

    @Override
    public String deserialize(JsonParser parser, DeserializationContext context) {
      if (!parser.currentToken().isScalarValue()) {
        throw new OutOfRange(field(parser), Mistyped.words(field(parser)) + " is a text");
      }
      return PlainText.checked(Mistyped.words(field(parser)), parser.getString());
    }
  }
}
