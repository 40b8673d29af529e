package nimblefurrow.server.machine;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Map;

/** Makes a set-up from the few figures that a kind of machine has, by their names. */
public final class MachineSetups {
  private MachineSetups() {}

  private static Object whole(RecordComponent part, Object value) {
    return part.getType() == Integer.class && value instanceof Double number
        ? (Integer) number.intValue()
        : value;
  }

  /** A set-up with these figures and no others; a name that is none is a mistake of ours. */
  public static MachineSetup of(Map<String, Object> figures) {
    RecordComponent[] parts = MachineSetup.class.getRecordComponents();
    for (String name : figures.keySet()) {
      if (Arrays.stream(parts).noneMatch(p -> p.getName().equals(name))) {
        throw new IllegalArgumentException("a machine has no " + name);
      }
    }
    Object[] values = Arrays.stream(parts).map(p -> whole(p, figures.get(p.getName()))).toArray();
    Class<?>[] types = Arrays.stream(parts).map(RecordComponent::getType).toArray(Class[]::new);
    try {
      return MachineSetup.class.getDeclaredConstructor(types).newInstance(values);
    } catch (NoSuchMethodException | InstantiationException | IllegalAccessException e) {
      throw new IllegalStateException(e);
    } catch (InvocationTargetException e) {
      throw new IllegalStateException(e.getCause());
    }
  }
}
