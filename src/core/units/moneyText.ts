/** An amount as it is written: 690 hundredths are “6.90”. The currency is the shop's own and goes without saying. */
export function moneyText(hundredths: number): string {
  return (hundredths / 100).toFixed(2)
}
