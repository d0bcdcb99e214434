/**
 * Density of a normal distribution about zero, up to the factor 1/√(2π) that likelihoods share.
 * @param x how far from the middle [1]
 * @param sd standard deviation [1], > 0
 * @returns density times √(2π) [1]
 * @source Abramowitz & Stegun, Handbook of Mathematical Functions, 26.2.1
 * @example normalDensity(2, 2) = e^-0.5 / 2 = 0.3033
 */
export const normalDensity = (x: number, sd: number): number => Math.exp(-0.5 * (x / sd) ** 2) / sd;
