package nimblefurrow.server.season;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.season.look.SharedCounts;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.terminationdates.TerminationDates;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.RainGauges;

/** What is loaded to work seasons out; nothing is asked of the database after it. */
record LoadedFarm(
    FarmView farm,
    FarmWeather weather,
    Catalogue catalogue,
    List<FieldView> wanted,
    Map<UUID, List<Link>> chains,
    Map<UUID, List<Entry>> entries,
    SharedCounts counts,
    RainGauges.Rain rain,
    TerminationDates.Set terminationDates) {}
