package nimblefurrow.core.cover;

/**
 * Growth curve of a species: ceiling in lb/ac dry about soft dough; middle and spread in °F-days
 * base 40; carbon-to-nitrogen ratio when vegetative, at boot, at flowering and at soft dough; full
 * height in inches.
 */
public record GrowthFigures(
    double ceiling,
    double middle,
    double spread,
    double cnVegetative,
    double cnBoot,
    double cnFlower,
    double cnDough,
    double heightIn) {}
