package nimblefurrow.server.machine;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.time.LocalDate;
import java.util.List;
import org.mapstruct.Mapper;
import org.mapstruct.Mapping;
import org.mapstruct.factory.Mappers;

/**
 * What a machine is made of, as its row keeps it.
 *
 * @param v how it is written down: 1; null in rows from before there was a number, which are the
 *     same
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record StoredSetup(
    Integer v,
    Double widthFt,
    Double speedMph,
    Double efficiency,
    Double hopperFt3,
    Double fill,
    Double loadLimitLb,
    Double leastRateLbAc,
    Double fillMinutes,
    Double tenderLb,
    Integer rows,
    Double rowSpacingIn,
    Integer rowsPerGap,
    Double gapIn,
    Double wheelFt,
    Double slip,
    Double scaleLow,
    Double scaleHigh,
    Integer batteries,
    Double batteryMinutes,
    Integer chargers,
    Double chargeMinutes,
    Double coolMinutes,
    Double turnSeconds,
    Double gateLbMin,
    Double ferryMph,
    Double stripMiles,
    Double tankGal,
    Double galPerAc,
    Double grainTankBu,
    Double yieldBuAc,
    Double fixedPerYear,
    Double acresPerYear,
    Double runningPerHour,
    Double quotePerAcre,
    Double quotePerHour,
    Double quoteSetUp,
    Double quoteThresholdLbAc,
    Double rentPerDay,
    List<LocalDate> bookedDays,
    List<String> drivers,
    List<String> tractors,
    Double leastAcres,
    Integer noticeDays,
    String stands) {
  /** From and to what the rest of the program knows, figure by figure. */
  @Mapper
  interface Figures {
    Figures MAP = Mappers.getMapper(Figures.class);

    @Mapping(target = "v", constant = "1")
    StoredSetup kept(MachineSetup setup);

    MachineSetup known(StoredSetup setup);
  }

  static StoredSetup of(MachineSetup setup) {
    return Figures.MAP.kept(setup);
  }

  MachineSetup setup() {
    return Figures.MAP.known(this);
  }
}
