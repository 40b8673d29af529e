package nimblefurrow.core.cover;

import java.util.Optional;
import nimblefurrow.core.quantity.Heat;

/**
 * How a species grows from day to day, what it is made of, and how tall it gets. Cereal rye uses
 * 9.2 lb/ac of growth for each MJ/m² of sun on a warm day with closed ground. Not its stages.
 *
 * @param emerges heat from sowing until it is up, on the base that the species counts heat on
 * @param growsFromF mean temperature of a day from which it grows, °F
 * @param growsFullF mean temperature from which it grows at full speed, °F
 * @param nightLoss share lost in a very cold night; 0 for what winter kills
 * @param lightUse growth of a day for each MJ/m² of sun, lb/ac dry
 * @param halfCover dry matter that nearly shades the ground, lb/ac
 * @param ceiling most that it grows to, lb/ac dry
 * @param leafy heat below which a legume grows slowly; empty for others
 * @param flowers heat at flowering, from which growth falls off; empty where nothing is known
 * @param ends heat at which growth ends; empty where nothing is known
 * @param nitrogenNeed nitrogen that a pound of growth needs; empty for legumes
 * @param cnVegetative carbon to nitrogen while leafy, then at boot, at flowering and at soft dough
 * @param heightIn height when full grown, in
 */
public record GrowthFigures(
    Heat emerges,
    double growsFromF,
    double growsFullF,
    double nightLoss,
    double lightUse,
    double halfCover,
    double ceiling,
    Optional<Double> leafy,
    Optional<Double> flowers,
    Optional<Double> ends,
    Optional<Double> nitrogenNeed,
    double cnVegetative,
    double cnBoot,
    double cnFlower,
    double cnDough,
    double heightIn) {}
