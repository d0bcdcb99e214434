/**
 * Money without a currency sign: the house says in which money its prices are.
 * @param amount in the house's money
 * @returns the amount as text
 */
export function formatMoney(amount: number): string {
  return amount.toFixed(2);
}
