package nimblefurrow.core.journal;

/**
 * Something seen, counted or measured in a field, so that it is of that field only. Example: {@link
 * StemsCounted}.
 */
public sealed interface Sighting extends Fact
    permits CropStageSeen,
        StemsCounted,
        Clipped,
        StandCounted,
        Wintered,
        ReadBySpot,
        SoilFelt,
        PestsCounted,
        Unclear {}
