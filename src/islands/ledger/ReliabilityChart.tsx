import type { Reliability } from '@core/ledger';
import {
  Chart,
  type ChartData,
  type ChartOptions,
  LinearScale,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
} from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import '@ui/chart-font';
import { percent } from './percent';

Chart.register(LinearScale, LineElement, PointElement, ScatterController, Tooltip);

/** Chances that were said against the share that was kept; on the line both are the same. The table below says it in figures. */
export default function ReliabilityChart({ bins }: { readonly bins: readonly Reliability[] }) {
  const data: ChartData<'scatter'> = {
    datasets: [
      {
        data: [
          { x: 0, y: 0 },
          { x: 1, y: 1 },
        ],
        showLine: true,
        pointRadius: 0,
        borderColor: '#b08d57',
        borderWidth: 1,
      },
      {
        data: bins.map(({ predicted, observed }) => ({ x: predicted, y: observed })),
        pointRadius: 6,
        backgroundColor: '#1b524d',
      },
    ],
  };
  const axis = (text: string) => ({
    min: 0,
    max: 1,
    title: { display: true, text },
    ticks: { callback: (value: number | string) => percent(Number(value)) },
  });
  const options: ChartOptions<'scatter'> = {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    plugins: { legend: { display: false } },
    scales: { x: axis('chance that was said'), y: axis('share that was kept') },
  };
  return <Scatter data={data} options={options} aria-hidden />;
}
