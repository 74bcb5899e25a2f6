export { afterwards, type Afterwards, type PastChoice } from './afterwards';
export { CHART_SNOWS, venueChart, type ChartCell, type ChartSnow, type VenueChart } from './chart';
export { SEASON, SEASON_FIGURES } from './figures';
export { seasonOf, type Season } from './season';
