/** Terms of the series or the fraction needed for double precision on either side of the switch. */
const mostTerms = 200;
const switchAt = 2.5;

/**
 * Φ(z): the chance that a normally distributed quantity lies below z standard deviations. Series about 0, continued
 * fraction in the tails (Abramowitz and Stegun 26.2.10 and 26.2.14), so that small chances keep their digits.
 */
function normalBelow(z: number): number {
  if (Number.isNaN(z)) return NaN;
  if (Math.abs(z) > 38) return z < 0 ? 0 : 1;
  return Math.abs(z) < switchAt ? 0.5 + density(z) * series(z) : z < 0 ? tail(-z) : 1 - tail(z);
}

const density = (z: number): number => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);

/** z + z³/3 + z⁵/15 + … */
function series(z: number): number {
  let term = z;
  let sum = z;
  for (let n = 3; n < mostTerms && Math.abs(term) > 1e-17; n += 2) {
    term *= (z * z) / n;
    sum += term;
  }
  return sum;
}

/** φ(z)/(z + 1/(z + 2/(z + 3/(z + …)))), from the far end inwards. */
function tail(z: number): number {
  let fraction = z;
  for (let n = mostTerms; n > 0; n -= 1) fraction = z + n / fraction;
  return density(z) / fraction;
}

/**
 * The chance that a limit is exceeded. It never softens a verdict: it says how sure the reading is.
 * @param sigma one standard deviation, kg; 0 gives 0 or 1
 */
export function chanceAbove(demand: number, limit: number, sigma: number): number {
  if (sigma === 0) return demand > limit ? 1 : 0;
  return normalBelow((demand - limit) / sigma);
}
