import type { BudgetPoint } from '@core/plan';
import { money } from '@core/money';
import {
  CategoryScale,
  Chart,
  type ChartData,
  type ChartOptions,
  Filler,
  LinearScale,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { Line } from 'react-chartjs-2';
import '@ui/chart-font';

Chart.register(CategoryScale, LinearScale, LineElement, PointElement, Filler, Tooltip);

interface Props {
  readonly curve: readonly BudgetPoint[];
  readonly budgetMinor: number;
  readonly currency: string;
}

/** Looks that a budget opens, with where the box stands on it. What it shows is said in words beside it. */
export default function BudgetCurve({ curve, budgetMinor, currency }: Props) {
  const at = curve.findLastIndex((point) => point.budgetMinor <= budgetMinor);
  const data: ChartData<'line'> = {
    labels: curve.map((point) => money(point.budgetMinor, currency).replace(/\.00$/, '')),
    datasets: [
      {
        data: curve.map(({ value }) => Math.round(value)),
        borderColor: '#1b524d',
        backgroundColor: 'rgb(27 82 77 / 10%)',
        fill: true,
        stepped: 'before',
        borderWidth: 2,
        pointRadius: curve.map((_point, i) => (i === at ? 6 : 0)),
        pointBackgroundColor: '#a8833b',
      },
    ],
  };
  const options: ChartOptions<'line'> = {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    plugins: {
      legend: { display: false },
      tooltip: { callbacks: { label: ({ dataIndex }) => `${curve[dataIndex]?.looks ?? 0} looks` } },
    },
    scales: {
      y: { display: false },
      x: {
        grid: { display: false },
        ticks: { maxTicksLimit: 4, maxRotation: 0, color: '#5a5349', font: { size: 11 } },
      },
    },
  };
  return <Line data={data} options={options} aria-hidden fallbackContent={null} />;
}
