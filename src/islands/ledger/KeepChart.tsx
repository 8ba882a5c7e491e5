import type { LedgerRow } from '@contracts/ledger/ledger';
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  type ChartData,
  type ChartOptions,
  LinearScale,
  Tooltip,
} from 'chart.js';
import { Bar } from 'react-chartjs-2';
import '@ui/chart-font';

Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);

interface Props {
  readonly rows: readonly LedgerRow[];
  readonly mean: number;
  readonly onOpen: (key: string) => void;
}

const ROW_PX = 30;
const MARK = 0.006;

/** Keep rates as marks within what is likely, the shop's mean among them; the table beside says the same in figures. */
export default function KeepChart({ rows, mean, onOpen }: Props) {
  const data: ChartData<'bar', [number, number][]> = {
    labels: rows.map(({ name }) => name),
    datasets: [
      {
        data: rows.map(({ low, high }) => [low, high]),
        backgroundColor: 'rgb(27 82 77 / 18%)',
        borderRadius: 2,
        barThickness: 14,
        grouped: false,
      },
      {
        data: rows.map(({ rate }) => [rate - MARK, rate + MARK]),
        backgroundColor: rows.map(({ high, low }) =>
          high < mean ? '#9c3b2e' : low > mean ? '#1b524d' : '#5a5349',
        ),
        barThickness: 18,
        grouped: false,
      },
    ],
  };
  const options: ChartOptions<'bar'> = {
    indexAxis: 'y',
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    onClick: (_event, [hit]) => {
      const row = hit && rows[hit.index];
      if (row) onOpen(row.key);
    },
    plugins: {
      legend: { display: false },
      tooltip: {
        callbacks: {
          label: ({ dataIndex }) => {
            const row = rows[dataIndex];
            return row ? `${row.kept} of ${row.sent} kept` : '';
          },
        },
      },
    },
    scales: {
      x: {
        position: 'top',
        min: 0,
        max: 1,
        ticks: { callback: (value) => `${Math.round(Number(value) * 100)} %`, color: '#5a5349' },
      },
      y: { grid: { display: false }, ticks: { color: '#24211d', autoSkip: false } },
    },
  };
  return (
    <div style={{ height: rows.length * ROW_PX + 40 }}>
      <Bar data={data} options={options} aria-hidden fallbackContent={null} />
    </div>
  );
}
