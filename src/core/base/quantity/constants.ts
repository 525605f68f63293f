/** Metres per second squared that all tables of the engineering notes reckon with. */
export const gravity = 9.81;

/** Kilograms in a cubic metre of fresh water, and of air at the ground. */
export const waterDensity = 1000;
export const airDensity = 1.2;

/** Newton-metres of one kilogram-centimetre (standard gravity, 9.80665 m/s², times a hundredth of a metre). */
export const kilogramCentimetre = 0.0980665;

/** Newton-metres of one ounce-inch: 0.028349523 kg · 9.80665 m/s² · 0.0254 m. */
export const ounceInch = 0.0070615518;
