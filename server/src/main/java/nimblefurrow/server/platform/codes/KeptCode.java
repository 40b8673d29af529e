package nimblefurrow.server.platform.codes;

import jakarta.persistence.AttributeConverter;
import nimblefurrow.core.quantity.Coded;

/** Keeps a constant by its lasting code, wherever a row has one; one short class for each kind. */
public abstract class KeptCode<E extends Enum<E> & Coded> implements AttributeConverter<E, String> {
  private final Class<E> kind;

  protected KeptCode(Class<E> kind) {
    this.kind = kind;
  }

  @Override
  public String convertToDatabaseColumn(E constant) {
    return Codes.kept(constant);
  }

  @Override
  public E convertToEntityAttribute(String kept) {
    return Codes.read(kind, kept);
  }
}
