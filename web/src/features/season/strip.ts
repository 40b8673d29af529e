/** Where the three rows of the weather strip lie, in pixels from its top: rain, temperature, frost. */
export const RAIN = 20
export const TEMPERATURE = 60
export const STRIP = 70

const LOW = -10
const HIGH = 105

/** How high a temperature (°F) stands in its row. */
export const temperatureY = (f: number): number =>
  TEMPERATURE - 1 - ((f - LOW) / (HIGH - LOW)) * (TEMPERATURE - RAIN - 4)
