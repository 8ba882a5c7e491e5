import { Chart } from 'chart.js';

// The house's own letters in every chart, as in the page around it.
Chart.defaults.font.family = "'Instrument Sans Variable', sans-serif";
