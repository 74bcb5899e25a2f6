/** What of the weather is perturbed of each member, in the order in which its errors stand; `count` is how many. */
export enum WeatherError {
  air,
  humidity,
  cloud,
  wind,
  precipitation,
  count,
}
